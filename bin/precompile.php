<?php

/** Compiles what a request may need into the cache that the server's PHP reads: nothing is parsed when somebody waits. */
$folders = ['app', 'core/src', 'bootstrap', 'config', 'routes', 'vendor/laravel/framework/src', 'vendor/symfony', 'vendor/brick', 'vendor/nesbot', 'vendor/monolog', 'vendor/composer', 'vendor/psr', 'vendor/ramsey', 'vendor/opis'];
$root = dirname(__DIR__);
$compiled = 0;
foreach ($folders as $folder) {
    if (! is_dir("$root/$folder")) {
        continue;
    }
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php' && ! preg_match('~/([Tt]ests?|stubs|resources|Console|Testing|Resources)/~', $file->getPathname())) {
            try {
                $compiled += (int) @opcache_compile_file($file->getPathname());
            } catch (Throwable) {
                // a file for another PHP, or for a package that is not here: it is compiled when it is wanted
            }
        }
    }
}
echo "$compiled files compiled\n";

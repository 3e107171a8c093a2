<?php

/**
 * Prints the files whose classes the server keeps ready, one a line: all of core and of the application, and of the packages
 * what a request runs through, found by answering a few. Takes the configuration that the server will have.
 */

use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

$root = dirname(__DIR__);
require $root.'/vendor/autoload.php';
$app = require $root.'/bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$paths = ['/', '/api/session', '/api/shop', '/api/floor'];
foreach ($paths as $path) {
    $kernel->handle(Request::create('http://127.0.0.1'.$path));
}
try {
    $user = User::query()->first();
    $job = Job::query()->orderByDesc('id')->first();
    if ($user !== null && $job !== null) {
        Auth::login($user);
        foreach (['/api/floor', "/api/jobs/$job->number", "/api/jobs/$job->number/sequence", "/api/jobs/$job->number/timing", "/api/jobs/$job->number/record"] as $path) {
            $kernel->handle(Request::create('http://127.0.0.1'.$path));
        }
    }
} catch (Throwable) {
    // a shop that nobody has begun has nothing to answer with; what was found is kept ready
}

$always = array_map(realpath(...), array_values(require $root.'/vendor/composer/autoload_files.php'));
$files = array_filter(get_included_files(), static fn (string $file): bool => str_contains($file, '/vendor/') && ! str_contains($file, '/vendor/composer/'));
foreach (['core/src', 'app'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php' && ! str_contains($file->getPathname(), '/Console/')) {
            $files[] = $file->getPathname();
        }
    }
}
foreach (array_diff(array_unique(array_map(realpath(...), $files)), $always) as $file) {
    // a file that declares no class or more than that (a configuration, a view, functions) is read when it is wanted
    if (preg_match('/^(?:abstract |final |readonly )*(?:class|interface|trait|enum) \w/m', (string) file_get_contents($file)) === 1) {
        echo $file, "\n";
    }
}

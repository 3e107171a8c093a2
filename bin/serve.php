<?php

/**
 * Router of the built-in server: built files of public/ as they are (hashed names may be kept for ever, and go out gzipped
 * where that was prepared), everything else to the application.
 */
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$public = realpath(__DIR__.'/../public');
$wanted = rawurldecode($path);
$file = str_contains($wanted, "\0") ? false : realpath($public.$wanted);

if ($file !== false && is_file($file) && str_starts_with($file, $public.'/') && ! str_ends_with($file, '.php')) {
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'json' => 'application/json', 'webmanifest' => 'application/manifest+json', 'png' => 'image/png', 'ico' => 'image/x-icon', 'txt' => 'text/plain'];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (is_file($file.'.gz') && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file .= '.gz';
    }
    header('Content-Length: '.filesize($file));
    readfile($file);

    return;
}

require __DIR__.'/../public/index.php';

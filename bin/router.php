<?php

// For PHP's own web server: files of public/ with what a browser may do with them, everything else to the application.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = __DIR__.'/../public'.$path;
if ($path !== '/' && ! str_contains($path, '..') && ! str_contains($path, '/.') && ! str_ends_with($path, '.php') && is_file($file)) {
    require_once __DIR__.'/../app/Http/Middleware/SecurityHeaders.php';
    $types = ['css' => 'text/css', 'ico' => 'image/x-icon', 'js' => 'text/javascript', 'json' => 'application/json', 'png' => 'image/png', 'svg' => 'image/svg+xml', 'txt' => 'text/plain', 'woff2' => 'font/woff2'];
    foreach (App\Http\Middleware\SecurityHeaders::ALL as $name => $value) {
        header("{$name}: {$value}");
    }
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('Content-Length: '.filesize($file));
    // Built files carry their fingerprint in their name.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/../public/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';

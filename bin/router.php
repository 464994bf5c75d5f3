<?php

// For PHP's own web server: files of public/ as they are, everything else to the application.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && ! str_contains($path, '..') && is_file(__DIR__.'/../public'.$path)) {
    return false;
}
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/../public/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';

require __DIR__.'/../public/index.php';

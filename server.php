<?php

declare(strict_types=1);

// The router of PHP's own server: what the build names by its content never changes and may be kept by browsers.

$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$types = ['css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'woff2' => 'font/woff2', 'woff' => 'font/woff'];

if (preg_match('#^/build/assets/[\w.-]+\.(css|js|woff2?)$#D', $path, $found) === 1 && is_file(__DIR__.'/public'.$path)) {
    header("Content-Type: {$types[$found[1]]}");
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    readfile(__DIR__.'/public'.$path);

    return true;
}

return require __DIR__.'/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';

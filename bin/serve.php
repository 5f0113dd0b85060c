<?php

declare(strict_types=1);

/*
 * Answers for PHP's own web server, as bin/demo starts it: built files, whose names change with their contents,
 * may be kept by the browser for good; everything else goes to the application or is a file as it lies.
 */

const TYPES = [
    'css' => 'text/css; charset=utf-8',
    'js' => 'text/javascript; charset=utf-8',
    'woff2' => 'font/woff2',
    'json' => 'application/json',
];

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__).'/public';
$type = TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
if (null !== $type && 1 === preg_match('#^/build/assets/[\w.-]+$#', $path) && is_file($public.$path)) {
    header("Content-Type: $type");
    header('Content-Length: '.filesize($public.$path));
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    readfile($public.$path);

    return true;
}

return require dirname(__DIR__).'/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';

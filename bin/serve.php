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

function takesGzip(): bool
{
    return 1 === preg_match('/\bgzip\b(?!\s*;\s*q=0(?:\.0*)?\s*(?:,|$))/i', (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''));
}

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__).'/public';
$type = TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
if (null !== $type && 1 === preg_match('#^/build/assets/[\w.-]+$#', $path) && is_file($public.$path)) {
    $bytes = (string) file_get_contents($public.$path);
    if ('woff2' !== pathinfo($path, PATHINFO_EXTENSION) && takesGzip()) {
        $bytes = (string) gzencode($bytes, 6);
        header('Content-Encoding: gzip');
    }
    header("Content-Type: $type");
    header('Content-Length: '.strlen($bytes));
    header('Cache-Control: public, max-age=31536000, immutable');
    header('Vary: Accept-Encoding');
    header('X-Content-Type-Options: nosniff');
    echo $bytes;

    return true;
}
// A page that is whole when it is sent is packed; what is streamed, and files, go as they are.
ob_start(static function (string $page, int $phase): string {
    $whole = PHP_OUTPUT_HANDLER_START | PHP_OUTPUT_HANDLER_FINAL;
    $sent = strtolower(implode("\n", headers_list()));
    if (($phase & $whole) !== $whole || !takesGzip() || headers_sent() || strlen($page) < 1024
        || !str_contains($sent, 'content-type: text/html') || str_contains($sent, 'content-length:')) {
        return $page;
    }
    header('Content-Encoding: gzip');
    header('Vary: Accept-Encoding', false);

    return (string) gzencode($page, 5);
});

return require dirname(__DIR__).'/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';

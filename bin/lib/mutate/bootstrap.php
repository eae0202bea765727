<?php

declare(strict_types=1);

/* PHPUnit's beginning where a class of the core is to be another than the written one: MUTATE_FROM is the directory of the others. */
require dirname(__DIR__, 3).'/vendor/autoload.php';

spl_autoload_register(static function (string $class): void {
    $prefix = 'Alternum\\Core\\';
    $file = getenv('MUTATE_FROM').'/core/src/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
    if (str_starts_with($class, $prefix) && is_file($file)) {
        require $file;
    }
}, prepend: true);

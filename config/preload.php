<?php

declare(strict_types=1);

// Classes that a save needs, linked once when PHP starts rather than in every request: see bin/lib/templates/fpm.conf.
require dirname(__DIR__).'/vendor/autoload.php';

$compiled = dirname(__DIR__).'/var/cache/prod/Alternum_Server_KernelProdContainer.preload.php';
if (is_file($compiled)) {
    require $compiled;
}

foreach (['core/src' => 'Alternum\\Core\\', 'src' => 'Alternum\\Server\\'] as $folder => $namespace) {
    $root = dirname(__DIR__)."/{$folder}/";
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $name = substr($file->getPathname(), strlen($root));
        if (str_ends_with($name, '.php') && 'get_error_handler.php' !== $name) {
            class_exists($namespace.strtr(substr($name, 0, -4), '/', '\\'));
        }
    }
}

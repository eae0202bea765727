<?php

declare(strict_types=1);

namespace Alternum\Mutate;

final class Files
{
    /** @return list<string> the PHP files of a directory, or the one named, in order */
    public static function of(string $path): array
    {
        if (is_file($path)) {
            return [$path];
        }
        $files = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($path, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ('php' === $file->getExtension()) {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

/** The built front end's files, from the manifest that Vite writes. */
final readonly class Assets
{
    public const BENCH = 'web/src/main.tsx';
    public const MAKING = 'web/src/making/main.tsx';

    public function __construct(private string $folder)
    {
    }

    /**
     * @param string      $name of the page's first part
     * @param string|null $page a part that the page will want at once: 'web/src/bench/BenchPage.tsx'
     *
     * @return array{script: string, styles: list<string>, ahead: list<string>}|null paths from the site's root, the last of scripts that are
     *                                                                               fetched together with the first; null: not built
     */
    public function entry(string $name, ?string $page = null): ?array
    {
        $text = @file_get_contents($this->folder.'/.vite/manifest.json');
        $manifest = false === $text ? null : json_decode($text, true);
        $entry = \is_array($manifest) ? $manifest[$name] ?? null : null;
        if (!\is_array($entry) || !\is_string($entry['file'] ?? null)) {
            return null;
        }
        $path = static fn (string $file): string => "/build/{$file}";
        $ahead = array_diff([...self::imported($manifest, $name), ...null === $page ? [] : self::imported($manifest, $page)], [$entry['file']]);

        return [
            'script' => $path($entry['file']),
            'styles' => array_map($path, self::texts($entry['css'] ?? [])),
            'ahead' => array_map($path, array_values(array_unique($ahead))),
        ];
    }

    /**
     * @param array<mixed> $manifest
     *
     * @return list<string> files of a part and of what it imports
     */
    private static function imported(array $manifest, string $name): array
    {
        $part = $manifest[$name] ?? null;
        $imports = \is_array($part) ? self::texts($part['imports'] ?? []) : [];
        $files = \is_array($part) ? self::texts([$part['file'] ?? null]) : [];
        foreach ($imports as $import) {
            array_push($files, ...self::BENCH === $import ? [] : self::imported($manifest, $import));
        }

        return $files;
    }

    /** @return list<string> */
    private static function texts(mixed $list): array
    {
        return array_values(array_filter(\is_array($list) ? $list : [], is_string(...)));
    }
}

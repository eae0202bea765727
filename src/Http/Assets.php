<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

/** The built front end's files, from the manifest that Vite writes. */
final readonly class Assets
{
    private const ENTRY = 'web/src/main.tsx';

    public function __construct(private string $folder)
    {
    }

    /** @return array{script: string, styles: list<string>}|null paths from the site's root; null: not built */
    public function entry(): ?array
    {
        $text = @file_get_contents($this->folder.'/.vite/manifest.json');
        $manifest = false === $text ? null : json_decode($text, true);
        $entry = \is_array($manifest) ? $manifest[self::ENTRY] ?? null : null;
        if (!\is_array($entry) || !\is_string($entry['file'] ?? null)) {
            return null;
        }
        $styles = array_filter(\is_array($entry['css'] ?? null) ? $entry['css'] : [], is_string(...));

        return ['script' => "/build/{$entry['file']}", 'styles' => array_values(array_map(static fn (string $file): string => "/build/{$file}", $styles))];
    }
}

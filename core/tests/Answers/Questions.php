<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

/** All that the core is asked, with its answers in full: bin/answers holds them against those of another commit. */
final class Questions
{
    /** Of so many answers one is kept to be read; of a few hundred lines in all, each. */
    private const EVERY = ['damaged' => 2, 'meanings' => 3, 'printed' => 3, 'edits' => 5, 'stitches' => 8, 'yarns' => 4];

    /** @return array<string, \Closure(): iterable<string>> lines, by the name of a file */
    public static function all(): array
    {
        return self::kept() + Many::all();
    }

    /** @return array<string, \Closure(): iterable<string>> those of which a part is kept */
    public static function kept(): array
    {
        return Texts::all() + SpecimenPlans::all() + Edits::all() + Tables::all() + Defaults::all() + Layers::all() + WholeToys::all() + Kinds::all();
    }

    /**
     * The part that is kept: whole answers, the same ones where others come or go.
     *
     * @param iterable<string> $lines
     *
     * @return list<string>
     */
    public static function sample(string $name, iterable $lines): array
    {
        $kept = [];
        $head = '';
        $isKept = false;
        foreach ($lines as $line) {
            $isHead = str_starts_with($line, '=== ');
            $head = $isHead ? $line : $head;
            if ($isHead || str_starts_with($line, '> ') || !str_starts_with($head, '=== ')) {
                $isKept = 0 === crc32(str_starts_with($line, '> ') ? $head.$line : $line) % (self::EVERY[$name] ?? 1);
            }
            $kept = $isKept ? [...$kept, $line] : $kept;
        }

        return $kept;
    }
}

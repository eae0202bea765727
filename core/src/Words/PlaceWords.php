<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** Places in a plan's file, in a maker's words: "pieces[0].colours[2].from" is "piece 1, layer 3, from". */
final class PlaceWords
{
    /** Lists, by what one of them is called. */
    private const ONE = [
        'pieces' => 'piece', 'yarns' => 'yarn', 'colours' => 'layer', 'rounds' => 'line', 'placements' => 'placement', 'sequence' => 'stripe',
        'copies' => 'copy', 'operations' => 'change', 'rows' => 'row', 'at' => 'change', 'plans' => 'plan',
    ];

    /** Fields whose own name says little. */
    private const FIELDS = [
        'stitchesPer10cm' => 'stitches in 10 cm', 'roundsPer10cm' => 'rounds in 10 cm', 'hookMm' => 'hook', 'metresPer100g' => 'metres in 100 g',
        'onHandGrams' => 'grams on hand', 'fromFront' => 'degrees from the front', 'hex' => 'colour', 'tailCm' => 'tail', 'sewingTailCm' => 'sewing tail',
        'sparePercent' => 'spare', 'yarnUse' => 'how much yarn a stitch takes', 'floatStitches' => 'stitches that a yarn passes behind',
    ];

    /** @param string $path as Problem::$path has it */
    public static function of(string $path): string
    {
        $words = [];
        foreach (explode('.', str_replace('[', '.[', $path)) as $part) {
            if ('' === $part) {
                continue;
            }
            $last = \count($words) - 1;
            if (1 === preg_match('/^\[(\d+)\]$/', $part, $match)) {
                $words[max(0, $last)] = (self::ONE[$words[$last] ?? ''] ?? $words[$last] ?? 'number').' '.((int) $match[1] + 1);
            } else {
                $words[] = $part;
            }
        }

        return implode(', ', array_map(
            static fn (string $word): string => self::FIELDS[$word] ?? strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $word)),
            $words,
        ));
    }
}

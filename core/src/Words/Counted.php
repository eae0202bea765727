<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** So many of something, in ICU's plurals: "1 stitch", "2 stitches". */
final class Counted
{
    private const NOUNS = [
        'ball' => '{n, plural, one {# ball} other {# balls}}',
        'chain' => '{n, plural, one {# chain} other {# chains}}',
        'end' => '{n, plural, one {# end} other {# ends}}',
        'groove' => '{n, plural, one {# groove} other {# grooves}}',
        'jog shows' => '{n, plural, =0 {no jog shows} one {# jog shows} other {# jogs show}}',
        'round' => '{n, plural, one {# round} other {# rounds}}',
        'row' => '{n, plural, one {# row} other {# rows}}',
        'stitch' => '{n, plural, one {# stitch} other {# stitches}}',
        'time' => '{n, plural, one {once} =2 {twice} other {# times}}',
    ];

    /** @param key-of<self::NOUNS> $noun */
    public static function of(int|float $count, string $noun): string
    {
        return (string) \MessageFormatter::formatMessage('en', self::NOUNS[$noun], ['n' => $count]);
    }

    /** "stitch 4", "stitches 4 and 9": the noun alone, and the list. */
    public static function listed(string $one, string $many, string ...$said): string
    {
        return (1 === \count($said) ? $one : $many).' '.YarnWords::listed(...$said);
    }
}

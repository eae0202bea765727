<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** So many of something, in ICU's plurals: "1 stitch", "2 stitches". */
final class Counted
{
    private const NOUNS = [
        'ball' => '{n, plural, one {# ball} other {# balls}}',
        'bar' => '{n, plural, one {# bar} other {# bars}}',
        'chain' => '{n, plural, one {# chain} other {# chains}}',
        'end' => '{n, plural, one {# end} other {# ends}}',
        'groove' => '{n, plural, one {# groove} other {# grooves}}',
        'jog shows' => '{n, plural, =0 {no jog shows} one {# jog shows} other {# jogs show}}',
        'round' => '{n, plural, one {# round} other {# rounds}}',
        'row' => '{n, plural, one {# row} other {# rows}}',
        'stitch' => '{n, plural, one {# stitch} other {# stitches}}',
        'strand' => '{n, plural, one {# strand} other {# strands}}',
        'time' => '{n, plural, one {once} =2 {twice} other {# times}}',
        'turn' => '{n, plural, one {# turn} other {# turns}}',
    ];

    /** @param key-of<self::NOUNS> $noun */
    public static function of(int|float $count, string $noun): string
    {
        /** @var array<string, \MessageFormatter> $formats */
        static $formats = [];
        $formats[$noun] ??= new \MessageFormatter('en', self::NOUNS[$noun]);

        return (string) $formats[$noun]->format(['n' => $count]);
    }

    /** "3rd". */
    public static function nth(int $number): string
    {
        return (string) \MessageFormatter::formatMessage('en', '{n, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}', ['n' => $number]);
    }
}

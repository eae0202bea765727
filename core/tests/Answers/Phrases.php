<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** Every word and phrase that the parser looks for, in each place of a line: those that belong there, and those that do not. */
final class Phrases
{
    private const LINES = [
        '%s, sc around', 'sc around %s', '(sc, inc) %s', '6 sc %s, 6 sc', '%s 6 sc, sc around', '(sc, inc) %s 6', 'sc %s next 12 sts',
        '*sc, inc* %s, sc around', 'R2: %s (12)', 'R2-3 %s: sc around', 'sc in %s st, sc around', '12 sc %s 12', 'with B %s sc around', '(2 sc) %s times',
    ];

    /** @return iterable<string, iterable<string>> */
    public static function all(): iterable
    {
        foreach (self::inSources() as $phrase) {
            yield $phrase => self::answers($phrase);
        }
    }

    /** @return list<string> in the order of the alphabet */
    private static function inSources(): array
    {
        $phrases = [];
        foreach ((array) glob(\dirname(__DIR__, 2).'/src/Notation/{Parse/,}*.php', \GLOB_BRACE) as $file) {
            $source = (string) file_get_contents((string) $file);
            preg_match_all("/takePhrase\\(((?:'[^']+'(?:, )?)+)\\)/", $source, $found);
            foreach ($found[1] as $words) {
                $phrases[str_replace(['\'', ','], '', $words)] = true;
            }
            preg_match_all("/'([a-z]{2,14})'/", $source, $found);
            foreach ($found[1] as $word) {
                $phrases[$word] = true;
            }
        }
        ksort($phrases);

        return array_map(strval(...), array_keys($phrases));
    }

    /** @return iterable<string> */
    private static function answers(string $phrase): iterable
    {
        foreach (self::LINES as $line) {
            yield from Texts::answer(['12 sc in MR', \sprintf($line, $phrase), 'sc around'], Terms::Us, Worked::Spiral);
        }
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\MergedLines;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\Seen;
use Alternum\Core\Edit\TranslateTerms;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MergedLinesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> what was seen, what was typed, what stands there now, and both; a letter a line */
    public static function texts(): iterable
    {
        yield 'nobody else changed anything' => ['abc', 'axc', 'abc', 'axc'];
        yield 'she changed nothing' => ['abc', 'abc', 'abyc', 'abyc'];
        yield 'both did the same' => ['abc', 'axc', 'axc', 'axc'];
        yield 'each at another place' => ['abcd', 'axcd', 'abcz', 'axcz'];
        yield 'hers put in before theirs' => ['abc', 'xabc', 'abcz', 'xabcz'];
        yield 'hers put in after theirs' => ['abc', 'abcx', 'zabc', 'zabcx'];
        yield 'both the same line' => ['abc', 'axc', 'azc', 'axc'];
        yield 'she took out what they left' => ['abcd', 'acd', 'abcdz', 'acdz'];
        yield 'she took out what they changed' => ['abc', 'ac', 'azc', 'ac'];
        yield 'they took out what she left' => ['abcd', 'abcx', 'acd', 'acx'];
        yield 'they took out what she changed' => ['abc', 'axc', 'ac', 'axc'];
        yield 'both put in at one place: theirs, then hers' => ['ab', 'axb', 'azb', 'azxb'];
        yield 'from nothing' => ['', 'xy', '', 'xy'];
        yield 'all cleared meanwhile' => ['abc', 'abcx', '', 'x'];
        yield 'she cleared all' => ['abc', '', 'abzc', ''];
    }

    #[DataProvider('texts')]
    public function testHersIsPutIntoWhatStandsThere(string $saw, string $typed, string $now, string $both): void
    {
        $lines = static fn (string $text): array => '' === $text ? [] : str_split($text);
        self::assertSame($lines($both), MergedLines::of($lines($saw), $lines($typed), $lines($now), self::itself(...)));
    }

    /** @return iterable<string, array{string, string, string, string}> the same, with the words of a line; lines parted by "|" */
    public static function words(): iterable
    {
        yield 'other terms, and a remark typed' => [
            '(sc, inc) x6 | sc around',
            '(sc, inc) x6 # ear | sc around',
            '(dc, inc) x6 | dc around',
            '(dc, inc) x6 # ear | dc around',
        ];
        yield 'other terms look like other lines' => [
            'sc around | dc around',
            'sc around # x | dc around',
            'dc around | tr around',
            'dc around # x | tr around',
        ];
        yield 'other terms, and other stitches typed' => ['R3: sc around', 'R3: (sc, dec) x6', 'R3: dc around', 'R3: (dc, dec) x6'];
        yield 'both the same word' => ['sc x6', 'hdc x6', 'dc x6', 'hdc x6'];
        yield 'wider, with a round more' => [
            'sc around (6) | (sc, dec) x6 (9)',
            'sc around (6) | (sc, dec) x6 (9) # end',
            '(sc, inc) x6 (9) | sc around (9) | (2 sc, dec) x6 (12)',
            '(sc, inc) x6 (9) | sc around (9) | (2 sc, dec) x6 (12) # end',
        ];
        yield 'a number of hers in a line that they renumbered' => ['R3: sc, 4 inc', 'R3: sc, 5 inc', 'R4: sc, 4 inc', 'R4: sc, 5 inc'];
        yield 'both put in the same' => ['inc | dec', 'inc | sc | hdc | dec', 'inc | sc | dec', 'inc | sc | hdc | dec'];
    }

    #[DataProvider('words')]
    public function testWordsOfALineThatBothChanged(string $saw, string $typed, string $now, string $both): void
    {
        $lines = static fn (string $text): array => explode(' | ', $text);
        self::assertSame($lines($both), MergedLines::of($lines($saw), $lines($typed), $lines($now), self::itself(...)));
    }

    /** A line typed while an edit of all lines is being made takes no other line away, and the edit stands in it too. */
    public function testALineTypedDuringAnEditTakesNothingAway(): void
    {
        foreach (Plans::demoFiles() as $file) {
            $plan = PlanReader::json((string) file_get_contents($file));
            foreach ($plan->pieces as $piece) {
                foreach ([new TranslateTerms(Terms::Uk), new Renumber($piece->key), new Resize($piece->key, 1, 0), new Resize($piece->key, 0, 2)] as $edit) {
                    try {
                        $edited = $edit->apply($plan);
                    } catch (EditRefused) {
                        continue;
                    }
                    $now = $edited->piece($piece->key)->rounds ?? [];
                    foreach (array_keys($piece->rounds) as $i) {
                        $typed = array_values(array_replace($piece->rounds, [$i => $piece->rounds[$i].' # hers']));
                        $seen = Seen::now()->ofLines($piece->key, $piece->rounds);
                        $merged = $seen->made(new Retype($piece->key, $typed), $edited)->piece($piece->key)->rounds ?? [];
                        $where = basename($file)." {$piece->key}, line ".$i.' of '.$edit->inWords();
                        self::assertStringContainsString(' # hers', implode("\n", $merged), $where);
                        // A line that is gone stands for what the maker typed into it.
                        $isGone = !\in_array($piece->rounds[$i], $now, true);
                        $others = array_filter($merged, static fn (string $line): bool => !$isGone || $line !== $typed[$i]);
                        self::assertSame($now, str_replace(' # hers', '', array_values($others)), $where);
                    }
                }
            }
        }
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private static function itself(array $lines): array
    {
        return $lines;
    }

    /** Whatever the three are: where nobody else changed anything what was typed stands, where nothing was typed theirs does, and what was put in is there. */
    public function testHoldsForAnyTexts(): void
    {
        mt_srand(9);
        $text = static fn (): array => array_map(static fn (): string => ['a', 'b', 'c', 'd'][mt_rand(0, 3)], array_fill(0, mt_rand(0, 6), 0));
        for ($try = 0; $try < 500; ++$try) {
            [$saw, $typed, $now] = [$text(), $text(), $text()];
            self::assertSame($typed, MergedLines::of($saw, $typed, $saw, self::itself(...)));
            self::assertSame($now, MergedLines::of($saw, $saw, $now, self::itself(...)));
            $at = mt_rand(0, \count($saw));
            $hers = [...\array_slice($saw, 0, $at), 'hers', ...\array_slice($saw, $at)];
            $merged = MergedLines::of($saw, $hers, $now, self::itself(...));
            self::assertContains('hers', $merged);
            self::assertSame($now, array_values(array_filter($merged, static fn (string $line): bool => 'hers' !== $line)));
        }
    }
}

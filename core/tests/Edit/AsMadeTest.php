<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Making\Slip\SlipTable;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece that was made with a mistake, and gone on with, becomes the plan's as it is. */
final class AsMadeTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array<int, int>, list<string>}> rounds, how many of them have what, and the lines that change */
    public static function made(): iterable
    {
        yield 'an increase missed' => [Plans::ball(5), [4 => 23], ['R4: 5 sc, (inc, 2 sc) x4, inc (23)', 'R5: sc, inc x2, (3 sc, inc) x5 (30)']];
        yield 'a stitch skipped' => [Plans::ball(5), [7 => 29], ['R7: sc, sk, 28 sc (29)', 'R8: 2 sc, inc, 26 sc (30)']];
        yield 'two in one, and a decrease missed' => [
            Plans::ball(5), [7 => 31, 12 => 25],
            ['R7: sc, inc, 28 sc (31)', 'R8: 2 sc, dec, 27 sc (30)', 'R12: 8 sc, (dec, 3 sc) x4, dec (25)', 'R13: 2 sc, dec x2, sc, (dec, 2 sc) x4, dec (18)'],
        ];
        yield 'in the middle of a line, in its loops and its yarn' => [
            ['6 sc in MR', 'inc x6', 'R3-8: with B: sc around in BLO (12), change to A. Stuff.', 'dec x6'], [5 => 11],
            [
                'R3-4: with B, sc around in BLO (12)', 'R5: with B, in BLO: sc, sk, 10 sc (11)', 'R6: with B, in BLO: sc, inc, 9 sc (12)',
                'R7-8: with B, sc around in BLO (12), change to A. Stuff',
            ],
        ];
        yield 'an edge that is sewn on' => [['6 sc in MR', 'inc x6', 'R3-5: sc around'], [5 => 11], ['R3-4: sc around (12)', 'R5: sc, sk, 10 sc (11)']];
        yield 'in the ring, where it is put right before the ring is closed' => [Plans::ball(5), [1 => 5], []];
    }

    /**
     * @param list<string>    $rounds
     * @param array<int, int> $has
     * @param list<string>    $lines
     */
    #[DataProvider('made')]
    public function testTheRoundAndThoseThatMendItAreWrittenAsTheyAre(array $rounds, array $has, array $lines): void
    {
        $plan = self::kept(Plans::of($rounds), 'body', $has);
        self::assertSame($lines, array_values(array_diff($plan->pieces[0]->rounds, $rounds)));
        self::assertSame([], PieceReading::of($plan, $plan->pieces[0])->errors());
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file) => [$file];
        }
    }

    /** Every slip of one stitch that one can go on with, in every round of the demo toys. */
    #[DataProvider('demos')]
    public function testNothingElseOfThePlanChanges(string $file): void
    {
        $plan = PlanReader::json((string) file_get_contents($file));
        $tried = 0;
        foreach (Analysis::of($plan)->pieces as $piece) {
            $stages = $piece->stages;
            $table = new SlipTable($stages->reading, $stages->frame, $stages->colouring, $piece->piece->worked);
            foreach ($stages->reading->rounds as $round) {
                foreach ([-1, 1] as $by) {
                    $mending = $table->of($round->number)[$by]->mending ?? null;
                    if (null === $mending || $mending->right === $round->number) {
                        continue;
                    }
                    try {
                        $kept = self::kept($plan, $piece->piece->key, [$round->number => $round->makes + $by]);
                    } catch (EditRefused $refused) {
                        // The petals of a flower stand in one stitch each.
                        self::assertSame('flower' === $piece->piece->key ? 'made.cannot' : 'made.saysMore', $refused->says->code);
                        continue;
                    }
                    ++$tried;
                    $right = $mending->right ?? \count($stages->reading->rounds) + 1;
                    $planned = array_map(static function (Round $one) use ($round, $right, $by): int {
                        return $one->makes + ($one->number >= $round->number && $one->number < $right ? $by : 0);
                    }, $stages->reading->rounds);
                    $after = $kept->piece($piece->piece->key);
                    self::assertNotNull($after);
                    $reading = PieceReading::of($kept, $after);
                    $where = "{$piece->piece->name}, round {$round->number}, {$by}";
                    self::assertSame([], $reading->errors(), $where);
                    self::assertSame($planned, array_map(static fn (Round $one): int => $one->makes, $reading->rounds), $where);
                    self::assertSame(self::words($stages->reading), self::words($reading), $where);
                    self::assertEquals($piece->piece->colours, $after->colours, $where);
                }
            }
        }
        self::assertGreaterThan(20, $tried);
    }

    public function testWhatCannotBeWrittenSaysWhy(): void
    {
        $codes = [];
        foreach ([
            [['6 sc in MR', 'inc x6', '6 sc in A, 6 sc in B', 'R4-5: sc around'], [3 => 11]],
            [['6 sc in MR', 'inc x6', 'sc around'], [9 => 11]],
            [['6 sc in MR', 'inc x6', '(sc, inc) x6', 'dec x9'], [3 => 10]],
            [['6 sc in MR', 'inc x5'], [2 => 11]],
        ] as [$rounds, $has]) {
            try {
                self::kept(Plans::of($rounds), 'body', $has);
            } catch (EditRefused $refused) {
                $codes[] = $refused->says->code;
            }
        }
        self::assertSame(['made.saysMore', 'edit.noRound', 'made.cannot', 'edit.fixFirst'], $codes);
    }

    /** @param array<int, int> $has */
    private static function kept(Plan $plan, string $piece, array $has): Plan
    {
        $slips = array_map(static fn (int $round, int $stitches): array => ['round' => $round, 'has' => $stitches], array_keys($has), $has);

        return EditKinds::read(['do' => 'as-made', 'piece' => $piece, 'slips' => $slips], 'edit')->apply($plan);
    }

    /** @return list<list<string>> by round what its words say to do */
    private static function words(Reading $reading): array
    {
        $plain = static fn (string $words): string => rtrim($words, '.');

        return array_map(static fn (Round $round): array => array_map($plain, $reading->cuesOf($round->number)), $reading->rounds);
    }
}

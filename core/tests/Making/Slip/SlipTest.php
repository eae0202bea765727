<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making\Slip;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Making\Slip\Cause;
use Alternum\Core\Making\Slip\Look;
use Alternum\Core\Making\Slip\LookResult;
use Alternum\Core\Making\Slip\Mending;
use Alternum\Core\Making\Slip\SlipTable;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each mistake is made on the stitches themselves, and looked for with nothing but the count and what is seen. */
final class SlipTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('demos')]
    public function testTheTrueCauseOfEverySlipIsFoundWithTwoLooks(string $file): void
    {
        $slips = 0;
        foreach (self::pieces($file) as $piece) {
            $table = self::table($piece);
            foreach ($piece->stages->reading->rounds as $round) {
                $told = $table->of($round->number);
                foreach ($round->uses > 0 ? self::slips($round) : [] as [$by, $fabric, $what]) {
                    if ($round->makes + $by <= 0) {
                        continue;
                    }
                    $where = "{$piece->piece->key} round {$round->number}: {$what}";
                    self::assertArrayHasKey($by, $told, $where);
                    $diagnosis = $told[$by]->diagnosis;
                    self::assertLessThanOrEqual(2, \count($diagnosis->looks), $where);
                    $seen = [];
                    foreach ($diagnosis->looks as $look) {
                        $seen[$look->value] = self::seen($look, $fabric, $round);
                    }
                    $left = $diagnosis->left($seen);
                    self::assertContains($what, array_column($left, 'value'), "{$where}: ".json_encode($seen));
                    self::assertCount(1, $left, $where);
                    ++$slips;
                }
            }
        }
        self::assertGreaterThan(300, $slips);
    }

    #[DataProvider('demos')]
    public function testGoingOnComesToThePlannedCountWithinThreeRounds(string $file): void
    {
        foreach (self::pieces($file) as $piece) {
            $rounds = $piece->stages->reading->rounds;
            foreach ($rounds as $round) {
                foreach (self::table($piece)->of($round->number) as $by => $slip) {
                    $where = "{$piece->piece->key} round {$round->number} by {$by}";
                    self::assertNotNull($slip->mending, $where);
                    if (null === $slip->mending->right) {
                        self::assertLessThanOrEqual(Mending::WITHIN, \count($rounds) - $round->number, $where);
                        continue;
                    }
                    if ($slip->mending->right === $round->number) {
                        self::assertSame(0, $round->uses, "{$where}: only in a ring is it mended at once");
                        continue;
                    }
                    self::assertLessThanOrEqual($round->number + Mending::WITHIN, $slip->mending->right, $where);
                    $has = $round->makes + $by;
                    for ($next = $round->number + 1; $next <= $slip->mending->right; ++$next) {
                        [$uses, $has] = self::workedOn($rounds[$next - 1], $slip->mending, $has);
                        self::assertSame($uses, $has[0], "{$where}: round {$next} uses what is there");
                        $has = $has[1];
                    }
                    self::assertSame($rounds[$slip->mending->right - 1]->makes, $has, $where);
                }
            }
        }
    }

    public function testAMendTouchesNoColourAndLiesFarFromTheFront(): void
    {
        $plan = Plans::of(
            ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-8: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'run', 'round' => 6, 'from' => 9, 'to' => 16, 'yarn' => 'B']],
            ['front' => ['degrees' => 0]],
        );
        $piece = Analysis::of($plan)->pieces[0];
        $mends = self::table($piece)->of(5)[-1]->mending->mends ?? [];
        self::assertCount(1, $mends);
        self::assertSame(Stitch::Increase, $mends[0]->with);
        // The back is in the middle of the run in B, stitches 9 to 16: it is worked within it, not across its edge.
        self::assertGreaterThan(150.0, abs($piece->stages->frame->fromFront(6, $mends[0]->top)));
        $letters = substr($piece->stages->colouring->rounds[5], $mends[0]->top - 1, 2);
        self::assertSame($letters[0], $letters[1]);
    }

    /** "(4 sc, inc) x6" on one stitch too many: one repeat without its increase, as the trade does it. Common practice, no source. */
    public function testOneTooManyBeforeAnIncreaseRoundTakesOneIncreaseAway(): void
    {
        $piece = Analysis::of(Plans::of(Plans::ball(6)))->pieces[0];
        $mend = self::table($piece)->of(4)[1]->mending->mends[0] ?? null;
        self::assertSame([5, Stitch::Increase, 1, Stitch::Single, 2], [$mend?->round, $mend?->plan, $mend?->times, $mend?->with, $mend?->as]);
    }

    /** @return list<PieceAnalysis> */
    private static function pieces(string $file): array
    {
        return Analysis::of(PlanReader::json((string) file_get_contents($file)))->pieces;
    }

    private static function table(PieceAnalysis $piece): SlipTable
    {
        return new SlipTable($piece->stages->reading, $piece->stages->frame, $piece->stages->colouring, $piece->piece->worked);
    }

    /**
     * One mistake each, wherever it can be made in the round.
     *
     * @return iterable<array{int, array{empty: list<int>, below: int, increases: int, decreases: int, chains: int, beyond: bool}, string}> by how much the
     *                                                                                                                                      count is off, the
     *                                                                                                                                      fabric, the cause
     */
    private static function slips(Round $round): iterable
    {
        $stitches = array_map(Stitch::ofCode(...), str_split($round->codes));
        $fabric = ['empty' => [], 'below' => $round->uses, 'beyond' => false] + self::counted($stitches);
        $at = 0;
        foreach ($stitches as $i => $stitch) {
            [$uses, $makes] = [$stitch->uses(), $stitch->makes()];
            $empty = $uses > 0 ? range($at, $at + $uses - 1) : [];
            $at += $uses;
            if (0 === $makes) {
                continue;
            }
            if ($makes > $uses && $uses > 0) {
                yield [$uses - $makes, ['increases' => $fabric['increases'] - 1] + $fabric, Cause::MissedIncrease->value];
            }
            if ($uses > $makes) {
                yield [$uses - $makes, ['decreases' => $fabric['decreases'] - 1] + $fabric, Cause::MissedDecrease->value];
            }
            $without = ['empty' => $empty] + self::counted(array_merge(\array_slice($stitches, 0, $i), \array_slice($stitches, $i + 1))) + $fabric;
            yield [-$makes, $without, match (true) {
                0 === $uses => Cause::MissedChain->value,
                $at === $round->uses => Cause::StoppedShort->value,
                $makes > 1 => Cause::SkippedIncrease->value,
                $uses > 1 => Cause::SkippedDecrease->value,
                default => Cause::SkippedStitch->value,
            }];
            if (1 === $uses && 1 === $makes) {
                yield [1, ['increases' => $fabric['increases'] + 1] + $fabric, Cause::TwiceInOne->value];
                if (1 === ($stitches[$i + 1] ?? null)?->uses() && 1 === $stitches[$i + 1]->makes()) {
                    yield [-1, ['decreases' => $fabric['decreases'] + 1] + $fabric, Cause::TwoTogether->value];
                }
            }
        }
    }

    /**
     * @param array<int, Stitch> $stitches
     *
     * @return array{increases: int, decreases: int, chains: int}
     */
    private static function counted(array $stitches): array
    {
        $count = static fn (\Closure $is): int => \count(array_filter($stitches, $is));

        return [
            'increases' => $count(static fn (Stitch $stitch): bool => $stitch->uses() > 0 && $stitch->makes() > $stitch->uses()),
            'decreases' => $count(static fn (Stitch $stitch): bool => $stitch->makes() > 0 && $stitch->uses() > $stitch->makes()),
            'chains' => $count(static fn (Stitch $stitch): bool => 0 === $stitch->uses() && $stitch->makes() > 0),
        ];
    }

    /**
     * What is seen on the fabric.
     *
     * @param array{empty: list<int>, below: int, increases: int, decreases: int, chains: int, beyond: bool} $fabric
     */
    private static function seen(Look $look, array $fabric, Round $round): LookResult
    {
        $planned = self::counted(array_map(Stitch::ofCode(...), str_split($round->codes)));
        $against = static fn (int $has, int $plan): LookResult => [LookResult::Fewer, LookResult::AllThere, LookResult::More][($has <=> $plan) + 1];

        return match ($look) {
            Look::Below => match (true) {
                [] === $fabric['empty'] => LookResult::AllThere,
                $fabric['below'] - 1 === max($fabric['empty']) => LookResult::LastEmpty,
                \count($fabric['empty']) > 1 => LookResult::TwoEmpty,
                default => LookResult::OneEmpty,
            },
            Look::Marker => $fabric['beyond'] ? LookResult::Beyond : LookResult::AllThere,
            Look::Increases => $against($fabric['increases'], $planned['increases']),
            Look::Decreases => $against($fabric['decreases'], $planned['decreases']),
            Look::Chains => $against($fabric['chains'], $planned['chains']),
        };
    }

    /** @return array{int, array{int, int}} what the round uses with its mends; what is there, and what it makes */
    private static function workedOn(Round $round, Mending $mending, int $there): array
    {
        $codes = str_split($round->codes);
        $isMended = false;
        foreach (array_reverse($mending->mends) as $mend) {
            if ($mend->round === $round->number) {
                $isMended = true;
                array_splice($codes, $mend->index, $mend->times, array_fill(0, $mend->as, $mend->with->code()));
            }
        }
        if (!$isMended) {
            // One in each, however many there are.
            return [$there, [$there, $there]];
        }
        $codes = implode('', $codes);

        return [Stitch::sumUses($codes), [$there, Stitch::sumMakes($codes)]];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Decision;
use Alternum\Core\Change\Search\Jog;
use Alternum\Core\Change\Search\MethodOption;
use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Search;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Change\Search\YarnOption;
use Alternum\Core\Edit\BestChanges;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\BestWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\ChangeChoice;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\OldYarnChoice;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The best plan of changes, held against every plan of small pieces, and against many by chance of larger ones, reckoned here by another way. */
final class SearchTest extends TestCase
{
    private const FRONT = 180.0;
    private const BACK = 0.0;

    /** @return list<Jog> */
    private static function jogs(int $count, int $yarns): array
    {
        $jogs = [];
        $left = [];
        $inHand = 0;
        for ($i = 0; $i < $count; ++$i) {
            $next = ($inHand + 1 + mt_rand(0, $yarns - 2)) % $yarns;
            $methods = [new MethodOption(Method::Plain, 1.0, 0.0)];
            $more = [
                new MethodOption(Method::SlipStitch, 0.5, 0.0), new MethodOption(Method::ClosedRound, 0.2, 38.0),
                new MethodOption(Method::DrawnLoop, 0.35, 0.0, 1 / mt_rand(10, 40)),
                new MethodOption(
                    method: Method::StandingStart,
                    step: 0.25,
                    mm: 50.0,
                    parts: true,
                    place: mt_rand(0, 1) > 0 ? null : (float) mt_rand(0, 359),
                ),
            ];
            foreach ($more as $option) {
                if (mt_rand(0, 1) > 0) {
                    $methods[] = $option;
                }
            }
            $cut = new YarnOption(OldYarnChoice::Cut, 2, 300.0);
            $comes = match (true) {
                !isset($left[$next]) => [],
                1 === mt_rand(0, 3) => [$cut],
                default => [$cut, new YarnOption(OldYarnChoice::Carry, 0, mt_rand(10, 90)), new YarnOption(OldYarnChoice::Over, 0, mt_rand(90, 900))],
            };
            $jogs[] = new Jog(
                round: $i + 1,
                degrees: mt_rand(0, 3599) / 10,
                methods: $methods,
                old: $inHand,
                new: $next,
                comes: $comes,
                cut: isset($left[$next]) ? $cut : null,
            );
            $left[$inHand] = true;
            $inHand = $next;
        }

        return $jogs;
    }

    /**
     * What a plan of changes costs, jog by jog as it is worked.
     *
     * @param list<Jog> $jogs
     * @param list<int> $methods number of the method at each jog
     * @param list<int> $comes   number of what became of each new yarn
     */
    private static function cost(array $jogs, array $methods, array $comes, Weights $weights): ?float
    {
        $moved = $score = 0.0;
        /** @var array<int, bool> $isLost yarns that were left at a standing start */
        $isLost = [];
        foreach ($jogs as $i => $jog) {
            $method = $jog->methods[$methods[$i]] ?? null;
            $came = $jog->comes[$comes[$i]] ?? null;
            if (null === $method || null === $came && [] !== $jog->comes) {
                return null;
            }
            if (($method->parts || ($isLost[$jog->new] ?? false)) && null !== $jog->cut) {
                if (null !== $came && OldYarnChoice::Cut !== $came->choice) {
                    return null;
                }
                $came = $jog->cut;
            }
            if ($method->parts) {
                $moved = ($method->place ?? self::BACK) - $jog->degrees;
            }
            $apart = fmod(abs($jog->degrees + $moved - self::FRONT), 360.0);
            $score += $weights->score($came->ends ?? 0, $method->mm + ($came->mm ?? 0.0), min($apart, 360.0 - $apart) <= 90.0 ? $method->step : 0.0);
            $moved += 360.0 * $method->turns;
            $isLost[$jog->old] = $method->parts;
            $isLost[$jog->new] = false;
        }

        return $score;
    }

    /**
     * @param list<Jog>      $jogs
     * @param list<Decision> $decisions
     */
    private static function costOf(array $jogs, array $decisions, Weights $weights): float
    {
        $methods = $comes = [];
        foreach ($decisions as $i => $decision) {
            $methods[] = (int) array_search($decision->method, array_column($jogs[$i]->methods, 'method'), true);
            $comes[] = [] === $jogs[$i]->comes ? 0 : (int) array_search($decision->comes, array_column($jogs[$i]->comes, 'choice'), true);
        }

        return self::cost($jogs, $methods, $comes, $weights) ?? \INF;
    }

    /** No plan of a piece with up to six changes is better: all of them are tried. */
    public function testIsTheBestOfAllPlansOfSmallPieces(): void
    {
        mt_srand(1226);
        for ($piece = 0; $piece < 60; ++$piece) {
            $jogs = self::jogs(1 + $piece % 6, 2 + $piece % 3);
            $weights = Minds::cases()[$piece % 3]->weights();
            $best = \INF;
            $choices = array_map(static fn (Jog $jog): int => \count($jog->methods) * max(1, \count($jog->comes)), $jogs);
            for ($n = 0, $all = array_product($choices); $n < $all; ++$n) {
                $methods = $comes = [];
                $left = $n;
                foreach ($jogs as $i => $jog) {
                    $pick = $left % $choices[$i];
                    $left = intdiv($left, $choices[$i]);
                    $methods[] = $pick % \count($jog->methods);
                    $comes[] = intdiv($pick, \count($jog->methods));
                }
                $best = min($best, self::cost($jogs, $methods, $comes, $weights) ?? \INF);
            }
            $found = (new Search(self::FRONT, self::BACK, $weights))->best($jogs)->decisions;
            self::assertEqualsWithDelta($best, self::costOf($jogs, $found, $weights), 1e-6, "piece {$piece}");
        }
    }

    /** Never worse than any of 10,000 plans by chance. */
    public function testIsNeverWorseThanPlansByChance(): void
    {
        mt_srand(2612);
        for ($piece = 0; $piece < 10; ++$piece) {
            $jogs = self::jogs(30, 3);
            $weights = Minds::cases()[$piece % 3]->weights();
            $found = self::costOf($jogs, (new Search(self::FRONT, self::BACK, $weights))->best($jogs)->decisions, $weights);
            self::assertLessThan(\INF, $found);
            for ($n = 0; $n < 1000; ++$n) {
                $methods = array_map(static fn (Jog $jog): int => mt_rand(0, \count($jog->methods) - 1), $jogs);
                $comes = array_map(static fn (Jog $jog): int => mt_rand(0, max(0, \count($jog->comes) - 1)), $jogs);
                $chance = self::cost($jogs, $methods, $comes, $weights);
                self::assertTrue(null === $chance || $found <= $chance + 1e-6, "piece {$piece}, plan {$n}");
            }
        }
    }

    /** @param array<string, mixed> $changes */
    private static function ball(array $changes = []): Plan
    {
        return Plans::of(
            Plans::ball(6),
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(3, 16, [['B', 2], ['A', 3]])],
            ['changes' => $changes + ['method' => 'plain'], 'front' => ['degrees' => 340]],
        );
    }

    public function testAPieceIsNeatestInFront(): void
    {
        $showing = static function (Plan $plan): float {
            $sum = 0.0;
            foreach (Analysis::of($plan)->pieces[0]->changes->jogs() as $jog) {
                $sum += $jog->shows() ? $jog->treatment->step : 0.0;
            }

            return $sum;
        };
        $best = (new BestChanges('body', Minds::Front))->apply(self::ball());
        self::assertGreaterThan(3.0, $showing(self::ball()));
        self::assertLessThan(1.0, $showing($best));
        self::assertSame([], Analysis::of($best)->problems);
    }

    public function testTheFewestEndsAreCarried(): void
    {
        $cut = self::ball(['oldYarn' => 'cut']);
        $best = (new BestChanges('body', Minds::Ends))->apply($cut);
        self::assertSame(4, Analysis::of($best)->lengths[0]->ends(), 'Of two yarns that are never cut.');
        self::assertGreaterThan(4, Analysis::of($cut)->lengths[0]->ends());
    }

    public function testWhatSheSetByHandStays(): void
    {
        $plan = self::ball(['at' => [['round' => 4, 'method' => 'early', 'oldYarn' => 'cut'], ['round' => 7, 'method' => 'slip-stitch']]]);
        $best = (new BestChanges('body', Minds::Front))->apply($plan)->pieces[0]->changes->at;
        self::assertSame([Method::Early, OldYarnChoice::Cut], [$best[4]->method, $best[4]->ends->oldYarn]);
        self::assertSame(Method::SlipStitch, $best[7]->method);
    }

    public function testWithoutAJogThereIsNothingToDecide(): void
    {
        $this->expectException(EditRefused::class);
        (new BestChanges('body', Minds::Ends))->apply(Plans::of(Plans::ball(5)));
    }

    /** The maker’s own weights: where ends count for nothing and what shows for much, no jog shows that need not; where only ends count, none is made. */
    public function testHerOwnWeightsDecide(): void
    {
        $plan = Plans::of(Plans::ball(5), [Plans::stripes(3, 14, [['A', 3], ['B', 3]])], ['changes' => ['method' => 'plain'], 'front' => ['degrees' => 350]]);
        $with = static function (float $ends, float $metres, float $shown) use ($plan): array {
            $then = Analysis::of((new BestChanges('body', new Weights($ends, $metres, $shown)))->apply($plan));
            $jogs = array_filter($then->pieces[0]->changes->jogs(), static fn (Change $jog): bool => $jog->shows());

            $steps = array_sum(array_map(static fn (Change $jog): float => $jog->treatment->step, $jogs));

            return [$then->lengths[0]->ends(), $steps, $then->lengths[0]->onChanging()];
        };
        [$seen, $hidden, $least] = [$with(100, 0, 0), $with(0, 0, 100), $with(0, 100, 0)];
        self::assertLessThanOrEqual($hidden[0], $seen[0]);
        self::assertLessThan($seen[1], $hidden[1]);
        self::assertLessThanOrEqual(min($seen[2], $hidden[2]) + 1e-6, $least[2]);
        $own = BestWriter::values($plan, 'body', new Weights(0, 0, 100));
        self::assertSame(['own', true], [$own[3]['minds'], $own[3]['better']]);
        $edit = EditKinds::read(['do' => 'best', 'piece' => 'body', 'weights' => ['ends' => 0, 'metres' => 0, 'shown' => 100]], 'edit');
        self::assertEquals((new BestChanges('body', new Weights(0, 0, 100)))->apply($plan), $edit->apply($plan));
    }

    /** One piece worked out again is what all of them are, worked out anew. */
    public function testAPieceWorkedOutAgainIsAsWhenAllAre(): void
    {
        foreach (Plans::demoFiles() as $file) {
            $plan = PlanReader::json((string) file_get_contents($file));
            foreach ($plan->pieces as $piece) {
                $other = $plan->withPiece($piece->withColours([])->withChanges(new ChangeChoice(Method::Plain)));
                self::assertEquals(
                    AnalysisWriter::values(Analysis::of($other))['pieces'],
                    AnalysisWriter::values(Analysis::of($plan)->recoloured($other, $piece->key))['pieces'],
                );
            }
        }
    }

    /**
     * Of many yarns not every way is compared, and it says so; what is found is still better than what the maker has, and than plans by chance.
     */
    public function testManyYarnsAreBounded(): void
    {
        mt_srand(3011);
        $weights = Minds::Ends->weights();
        $jogs = self::jogs(60, 24);
        $found = (new Search(self::FRONT, self::BACK, $weights))->best($jogs);
        self::assertFalse($found->isExact);
        $score = self::costOf($jogs, $found->decisions, $weights);
        for ($n = 0; $n < 1000; ++$n) {
            $methods = array_map(static fn (Jog $jog): int => mt_rand(0, \count($jog->methods) - 1), $jogs);
            $comes = array_map(static fn (Jog $jog): int => mt_rand(0, max(0, \count($jog->comes) - 1)), $jogs);
            self::assertLessThanOrEqual(self::cost($jogs, $methods, $comes, $weights) ?? \INF, $score);
        }
        self::assertTrue((new Search(self::FRONT, self::BACK, $weights))->best(self::jogs(60, 4))->isExact);
        self::assertTrue((new Search(self::FRONT, self::BACK, $weights))->best(self::jogs(12, 12))->isExact);
    }
}

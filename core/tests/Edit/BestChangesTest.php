<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Decision;
use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Edit\BestChanges;
use Alternum\Core\Edit\ChangeFigures;
use Alternum\Core\Edit\ChangeSearch;
use Alternum\Core\Exchange\BestWriter;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\BestWords;
use PHPUnit\Framework\TestCase;

/** The best plan of changes is the best: against every plan of a small piece, each worked out by the analysis and not by the search. */
final class BestChangesTest extends TestCase
{
    /** Plans of one piece that are tried one by one. */
    private const PLANS = 400;

    public function testNoPlanOfUpToFiveChangesIsBetter(): void
    {
        mt_srand(2511);
        $weights = [
            ...array_map(static fn (Minds $minds): Weights => $minds->weights(), Minds::cases()),
            new Weights(1, 0, 0), new Weights(0, 1, 0), new Weights(0, 0, 1), new Weights(3, 2, 5),
        ];
        $changes = [];
        for ($n = 0; $n < 25; ++$n) {
            $plan = self::piece($n, 1 + $n % 5);
            $search = self::search($plan);
            $changes[] = \count($search->jogs);
            $best = array_fill(0, \count($weights), \INF);
            foreach (self::all($search) as $decisions) {
                $figures = ChangeFigures::of(Analysis::of($search->decided($plan, $decisions)), 0);
                foreach ($weights as $i => $weight) {
                    $best[$i] = min($best[$i], $figures->score($weight));
                }
            }
            foreach ([$n % 3 => $weights[$n % 3], 3 + $n % 4 => $weights[3 + $n % 4]] as $i => $weight) {
                $found = ChangeFigures::of(Analysis::of((new BestChanges('body', $weight))->apply($plan)), 0);
                self::assertEqualsWithDelta($best[$i], $found->score($weight), 1e-6, "Piece {$n}, weights {$i}");
            }
        }
        self::assertEqualsCanonicalizing([1, 2, 3, 4, 5], array_values(array_unique($changes)));
    }

    /** What is said of a plan before it is chosen holds when it is. */
    public function testWhatIsSaidOfItIsWhatItBrings(): void
    {
        mt_srand(2611);
        for ($n = 2; $n < 5; ++$n) {
            $plan = self::piece($n, 1 + $n);
            $before = ChangeFigures::of(Analysis::of($plan), 0);
            foreach (BestWriter::values($plan, 'body') as $best) {
                $after = ChangeFigures::of(Analysis::of((new BestChanges('body', Minds::from($best['minds'])))->apply($plan)), 0);
                self::assertSame(
                    BestWords::of($after->ends - $before->ends, ($after->mm - $before->mm) / 1000.0, \count($after->shown), $plan->units),
                    $best['says'],
                );
            }
        }
    }

    /** One piece of so many jogs, in a spiral or joined, whose front lies anywhere; where too many plans of it are possible, some methods are set by hand. */
    private static function piece(int $n, int $jogs): Plan
    {
        $layers = [['kind' => 'fill', 'yarn' => 'A']];
        $from = 1 + mt_rand(1, 2);
        $inHand = 'A';
        for ($i = 0; $i < $jogs; ++$i) {
            $yarn = ['A' => 'BC', 'B' => 'CA', 'C' => 'AB'][$inHand][0 === $i ? 0 : mt_rand(0, 1)];
            $layers[] = ['kind' => 'band', 'where' => ['part' => 'rounds', 'from' => $from, 'to' => 12], 'yarn' => $yarn];
            $from += $jogs > 3 ? 1 : mt_rand(1, 3);
            $inHand = $yarn;
        }
        $yarn = static fn (string $key, string $name, string $hex): array => [
            'key' => $key, 'name' => $name, 'hex' => $hex, 'weight' => 'dk', 'metresPer100g' => 250,
        ];
        $yarns = [$yarn('A', 'Chalk', '#F2EDE4'), $yarn('B', 'Brick', '#A04030'), $yarn('C', 'Slate', '#506070')];
        $plan = Plans::of(Plans::ball(4), $layers, [
            'worked' => ['spiral', 'joined'][$n % 2], 'front' => ['degrees' => mt_rand(0, 359)],
            'changes' => ['method' => ['plain', 'auto'][intdiv($n, 2) % 2]],
        ], ['yarns' => $yarns]);
        while (\count(iterator_to_array(self::all(self::search($plan)), false)) >= self::PLANS) {
            $jog = self::search($plan)->jogs[mt_rand(0, $jogs - 1)];
            $at = $plan->pieces[0]->changes->at;
            $method = $jog->methods[mt_rand(0, \count($jog->methods) - 1)]->method;
            $at[$jog->round] = ($at[$jog->round] ?? new ChangeAt())->decided($method, null);
            $plan = $plan->withPiece($plan->pieces[0]->withChanges($plan->pieces[0]->changes->withAt($at)));
        }

        return $plan;
    }

    private static function search(Plan $plan): ChangeSearch
    {
        return ChangeSearch::of($plan, Analysis::of($plan)->pieces[0]->stages);
    }

    /** @return iterable<list<Decision>> all plans of its changes, PLANS at most */
    private static function all(ChangeSearch $search): iterable
    {
        $plans = [[]];
        foreach (array_keys($search->jogs) as $i) {
            $longer = [];
            foreach ($plans as $plan) {
                foreach ($search->choices($i) as $choice) {
                    $longer[] = [...$plan, $choice];
                }
            }
            $plans = \array_slice($longer, 0, self::PLANS);
        }

        return $plans;
    }
}

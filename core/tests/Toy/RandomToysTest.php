<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Making\Step;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\LaidThread;
use Alternum\Core\Toy\WorkOrder;
use Alternum\Core\Words\JointWords;
use Alternum\Core\Words\WhereWords;
use Alternum\Core\Words\YarnWords;
use Alternum\Core\Yarn\YarnPurpose;
use PHPUnit\Framework\TestCase;

/** Toys by chance, with parts, threads and hardware together: what holds of every one of them. */
final class RandomToysTest extends TestCase
{
    private const PIECES = ['body', 'head', 'ear', 'arm', 'fin'];
    private const THREADS = [
        ['kind' => 'smile', 'width' => 3, 'drop' => 1], ['kind' => 'bars', 'count' => 2, 'width' => 2, 'step' => 0.4, 'rise' => 0],
        ['kind' => 'lashes', 'count' => 3, 'length' => 1, 'spread' => 90], ['kind' => 'fringe', 'count' => 4, 'across' => 3, 'lengthMm' => 30],
        ['kind' => 'swirl', 'turns' => 1, 'rounds' => 2, 'swing' => 0, 'waves' => 0],
    ];

    /** Nothing is joined before it is made, nothing is told twice or not at all, each tail is long enough at its step or told, and the sums are exact. */
    public function testWhatHoldsOfEveryToy(): void
    {
        mt_srand(280);
        $threads = $joints = $short = 0;
        for ($toy = 0; $toy < 2000; ++$toy) {
            $plan = self::toy();
            $analysis = Analysis::of($plan);
            $says = "toy {$toy}";
            $steps = array_merge(...array_map(static fn ($piece): array => array_map(
                static fn (Step $step): string => "{$piece->piece->key} {$step->key()}",
                $piece->steps(),
            ), $analysis->pieces), ...[array_column(ToyWriter::assembly($analysis, Terms::Us), 'key')]);
            self::assertSame($steps, array_unique($steps), $says);
            $threads += self::assertThreads($analysis, $steps, $says);
            $joints += \count($analysis->assembled->joints);
            self::assertOrder($plan, $analysis, $says);
            foreach ($analysis->assembled->joints as $laid) {
                $isTold = str_contains(implode('', JointWords::remarks(new YarnWords($plan, []), $laid)), 'too short');
                $tail = $laid->part->tailMm ?? 0.0;
                self::assertTrue($isTold || $laid->joint->isWithNew || $tail >= $laid->needsMm - 10.0, $says);
                $short += (int) $isTold;
            }
        }
        self::assertGreaterThan(2000, $threads);
        self::assertGreaterThan(4000, $joints);
        self::assertGreaterThan(50, $short, 'Some were too short.');
    }

    /**
     * @param list<string> $steps
     *
     * @return int how many there are
     */
    private static function assertThreads(Analysis $analysis, array $steps, string $says): int
    {
        $count = 0;
        $mm = ['A' => 0.0, 'B' => 0.0];
        foreach ($analysis->pieces as $piece) {
            $texts = [] === $piece->threads->all
                ? ''
                : implode("\n", array_column(StepsWriter::values($analysis->plan, $piece, Terms::Us)['steps'], 'text'));
            foreach ($piece->threads->all as $laid) {
                ++$count;
                $told = preg_grep("/^{$piece->piece->key} lay-thread-\\w+\\.\\d+(\\.\\d+)?\\.{$laid->thread->key}$/", $steps);
                self::assertIsArray($told);
                self::assertCount(1, $told, "{$says} {$laid->thread->key}");
                // Steps, chart and panel have one place.
                self::assertStringContainsString(self::where($laid, \count($piece->stages->reading->rounds)), $texts, $says);
                self::assertSame($laid->spot->degrees, array_map(
                    static fn (float $after): float => $piece->stages->frame->degrees(max(1, $laid->spot->round), $after),
                    $laid->spot->after,
                ), $says);
                $mm[$laid->thread->yarn] += $laid->mm() * $piece->piece->copies->count;
            }
        }
        foreach ($analysis->amounts->amounts as $i => $amount) {
            self::assertEqualsWithDelta($mm[['A', 'B'][$i]] / 1000, $amount->parts[YarnPurpose::Thread->value] ?? 0.0, 1e-9, $says);
        }

        return $count;
    }

    private static function where(LaidThread $laid, int $last): string
    {
        $middle = 2 === \count($laid->spot->degrees) ? 'their middles' : 'its middle';

        return WhereWords::rounds($laid->spot, $last).", {$middle} ".WhereWords::stitches($laid->spot);
    }

    private static function assertOrder(Plan $plan, Analysis $analysis, string $says): void
    {
        $made = $on = [];
        foreach (WorkOrder::of($plan, $analysis->assembled->ordered()) as $task) {
            if (null !== $task->piece) {
                $made[$task->piece->key] = ($made[$task->piece->key] ?? 0) + $task->count;
                continue;
            }
            $joint = $task->joint?->joint;
            self::assertNotNull($joint);
            self::assertGreaterThanOrEqual($joint->copy + $joint->count() - 1, $made[$joint->part] ?? 0, $says);
            self::assertArrayHasKey($joint->onto, $made, $says);
            // What is put on the part for good is on it by now.
            foreach ($analysis->assembled->joints as $other) {
                if ($other->joint->onto === $joint->part && !$other->joint->hold->isRemovable()) {
                    self::assertContains($other->joint->key, $on, $says);
                }
            }
            $on[] = $joint->key;
        }
        foreach ($plan->pieces as $piece) {
            self::assertSame($piece->copies->count, $made[$piece->key] ?? 0, $says);
        }
        self::assertCount(\count($analysis->assembled->joints), $on, $says);
    }

    private static function toy(): Plan
    {
        $pieces = $joints = [];
        foreach (\array_slice(self::PIECES, 0, mt_rand(3, 5)) as $i => $key) {
            $rounds = 0 === mt_rand(0, 1) ? Plans::ball(mt_rand(3, 5)) : ['6 sc in MR', 'inc x6', 'R3-'.mt_rand(5, 9).': sc around'];
            $kind = ['eyes', 'buttons', 'beads'][mt_rand(0, 2)];
            $eyes = ['key' => 'eyes', 'kind' => $kind, 'anchor' => 'round', 'number' => mt_rand(2, 4), 'apart' => mt_rand(2, 4)];
            $thread = [];
            for ($n = mt_rand(0, 2); $n > 0; --$n) {
                $at = 0 === mt_rand(0, 1)
                    ? ['anchor' => 'round', 'number' => mt_rand(2, 4)]
                    : ['anchor' => 'placement', 'of' => 'eyes', 'offset' => mt_rand(-1, 1)];
                $from = ['from' => ['mirror', 'beside'][mt_rand(0, 1)], 'of' => 'eyes'];
                $across = [[], ['across' => $from], ['stitches' => 2]][mt_rand(0, 2)];
                $thread[] = ['key' => "t{$n}", 'yarn' => ['A', 'B'][mt_rand(0, 1)], 'at' => $at + $across + (0 === mt_rand(0, 2) ? ['apart' => 2] : [])]
                    + self::THREADS[mt_rand(0, \count(self::THREADS) - 1)] + (0 === mt_rand(0, 2) ? ['open' => true] : []);
            }
            $pieces[] = Plans::piece($key, $rounds, [
                'name' => ucfirst($key), 'copies' => $i < 2 ? 1 : mt_rand(1, 3), 'placements' => [$eyes], 'thread' => $thread,
                'colours' => [['kind' => 'fill', 'yarn' => 'A']],
            ] + (0 === mt_rand(0, 3) ? ['finish' => ['tailCm' => mt_rand(10, 60)]] : []));
            if ($i > 0) {
                $hold = Holds::ALL[mt_rand(0, \count(Holds::ALL) - 1)];
                $isPair = ($pieces[$i]['copies'] ?? 1) >= 2 && 0 === mt_rand(0, 1);
                $joints[] = [
                    'key' => "j{$i}", 'part' => $key, 'onto' => self::PIECES[mt_rand(0, $i - 1)], 'hold' => $hold::kind(),
                    'edge' => PartEdge::cases()[mt_rand(0, \count(PartEdge::cases()) - 1)]->value, 'newThread' => 0 === mt_rand(0, 3),
                    'at' => ['anchor' => 'round', 'number' => mt_rand(2, 5)] + ($isPair ? ['apart' => 3] : []),
                ];
            }
        }
        shuffle($joints);

        return Plans::of([], [], [], [
            'pieces' => $pieces, 'assembly' => $joints, 'workOrder' => ['pieces', 'parts', 'twins'][mt_rand(0, 2)], 'keepOrder' => 0 === mt_rand(0, 1),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Toy\JointOrder;
use Alternum\Core\Toy\LaidJoint;
use PHPUnit\Framework\TestCase;

/** In which order parts are put together. */
final class JointOrderTest extends TestCase
{
    /** What is put on a part comes before that part; glue when all is sewn, what is slipped on last. */
    public function testTheOrderIsOneThatHandsCanFollow(): void
    {
        $plan = Toys::withParts([
            ['key' => 'hat', 'part' => 'hat', 'onto' => 'body', 'hold' => 'slipped', 'at' => ['anchor' => 'pole', 'number' => 1]],
            ['key' => 'ears', 'at' => ['anchor' => 'round', 'number' => 5, 'apart' => 8]],
            ['key' => 'patch', 'part' => 'patch', 'onto' => 'body', 'hold' => 'glue'],
            ['key' => 'cuff', 'part' => 'cuff', 'onto' => 'arm', 'at' => ['anchor' => 'round', 'number' => 4]],
            ['key' => 'arms', 'part' => 'arm', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 8, 'apart' => 18]],
        ], [
            Plans::piece('hat', ['6 sc in MR', 'inc x6', 'R3-6: sc around'], ['name' => 'Hat']),
            Plans::piece('patch', ['6 sc in MR', 'inc x6'], ['name' => 'Patch']),
            Plans::piece('cuff', ['12 sc in MR', 'R2-3: sc around'], ['name' => 'Cuff']),
        ]);
        $order = array_map(static fn (LaidJoint $laid): string => $laid->joint->key, Analysis::of($plan)->assembled->ordered());
        self::assertSame(['patch', 'hat'], \array_slice($order, -2));
        self::assertLessThan(array_search('arms', $order, true), array_search('cuff', $order, true));
    }

    /**
     * 2,000 toys by chance, of up to six parts, twenty of them of eight more: nothing is joined before it is ready, everything once, and with no more changes
     * of yarn, tool and piece than the best of all orders, tried one by one.
     */
    public function testNoOtherOrderIsBetter(): void
    {
        mt_srand(28);
        for ($toy = 0; $toy < 2000; ++$toy) {
            $names = ['body', 'ear', 'arm', 'hat', 'fin', 'tag', 'bow', 'bud', 'cap'];
            $joints = [];
            foreach (\array_slice($names, 1, 0 === $toy % 100 ? 8 : mt_rand(1, 5)) as $i => $part) {
                $joints[] = [
                    'key' => $part, 'part' => $part, 'onto' => $names[mt_rand(0, $i)],
                    'hold' => ['whip', 'mattress', 'glue', 'slipped', 'tied'][mt_rand(0, 4)],
                    'at' => 0 === mt_rand(0, 3) ? ['anchor' => 'edge'] : ['anchor' => 'round', 'number' => 2],
                ];
            }
            shuffle($joints);
            $pieces = array_map(static fn (string $key): array => Plans::piece($key, ['6 sc in MR', 'inc x6', 'R3-4: sc around'], [
                'colours' => [['kind' => 'fill', 'yarn' => ['A', 'B'][mt_rand(0, 1)]]],
            ]), $names);
            $plan = Plans::of([], [], [], ['pieces' => $pieces, 'assembly' => $joints]);
            $laid = Analysis::of($plan)->assembled;
            self::assertSame([], $laid->problems);
            foreach ($laid->joints as $one) {
                self::assertFalse($one->isTooShort(), 'What is left at its end is as long as its seam takes.');
            }
            $ordered = $laid->ordered();
            self::assertCount(\count($joints), $ordered);
            $needs = JointOrder::needs($laid->joints);
            $best = self::cheapest($laid->joints, $needs);
            self::assertSame($best, self::costs($ordered));
            $done = [];
            foreach ($ordered as $one) {
                $at = (int) array_search($one, $laid->joints, true);
                self::assertSame([], array_diff($needs[$at], $done));
                $done[] = $at;
            }
        }
    }

    /** @param list<LaidJoint> $order */
    private static function costs(array $order): int
    {
        $cost = 0;
        foreach ($order as $i => $joint) {
            $cost += JointOrder::cost($order[$i - 1] ?? null, $joint);
        }

        return $cost;
    }

    /**
     * @param list<LaidJoint> $joints
     * @param list<list<int>> $needs
     * @param list<int>       $done
     */
    private static function cheapest(array $joints, array $needs, array $done = []): int
    {
        if (\count($done) === \count($joints)) {
            return self::costs(array_map(static fn (int $i): LaidJoint => $joints[$i], $done));
        }
        $best = \PHP_INT_MAX;
        foreach (array_diff(array_keys($joints), $done) as $next) {
            if ([] === array_diff($needs[$next], $done)) {
                $best = min($best, self::cheapest($joints, $needs, [...$done, $next]));
            }
        }

        return $best;
    }

    /** A long list is put in order, too: each once, and none before what it waits for. */
    public function testManyPartsAreOrdered(): void
    {
        $pieces = $joints = [];
        for ($i = 0; $i < 40; ++$i) {
            $pieces[] = Plans::piece("p{$i}", ['6 sc in MR', 'inc x6', 'R3-4: sc around']);
            $joints[] = ['key' => "j{$i}", 'part' => "p{$i}", 'onto' => $i < 10 ? 'body' : 'p'.intdiv($i, 10), 'at' => ['anchor' => 'round', 'number' => 2]];
        }
        $joints = array_values(array_filter($joints, static fn (array $joint): bool => $joint['part'] !== $joint['onto']));
        $assembled = Analysis::of(Toys::withParts($joints, $pieces))->assembled;
        $order = array_map(static fn (LaidJoint $laid): string => $laid->joint->part, $assembled->ordered());
        self::assertCount(\count($joints), array_unique($order));
        self::assertLessThan(array_search('p1', $order, true), array_search('p15', $order, true));
    }

    /** The maker may move a step as far as nothing stands in the way; then the order is kept, and what stands in the way is told. */
    public function testAStepIsMovedAsFarAsItCanBe(): void
    {
        $plan = Toys::withParts([
            ['key' => 'ears', 'at' => ['anchor' => 'round', 'number' => 5, 'apart' => 8]],
            ['key' => 'cuff', 'part' => 'cuff', 'onto' => 'arm', 'at' => ['anchor' => 'round', 'number' => 4]],
            ['key' => 'arms', 'part' => 'arm', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => 8, 'apart' => 18]],
        ], [Plans::piece('cuff', ['12 sc in MR', 'R2-3: sc around'], ['name' => 'Cuff'])]);
        $keys = static fn (Plan $of): array => array_map(static fn (LaidJoint $laid): string => $laid->joint->key, Analysis::of($of)->assembled->ordered());
        self::assertSame(['cuff', 'ears', 'arms'], $keys($plan));
        $moved = EditKinds::read(['do' => 'order', 'key' => 'ears', 'by' => 1], 'edit')->apply($plan);
        self::assertSame(['cuff', 'arms', 'ears'], $keys($moved));
        self::assertTrue($moved->values()['keepOrder']);
        try {
            EditKinds::read(['do' => 'order', 'key' => 'cuff', 'by' => 2], 'edit')->apply($moved);
            self::fail('The cuff cannot wait.');
        } catch (EditRefused $refused) {
            self::assertSame('order.waits', $refused->says->code);
            self::assertSame(['part' => 'Arm', 'onto' => 'Body', 'first' => 'Cuff', 'on' => 'Arm'], $refused->says->values);
        }
    }
}

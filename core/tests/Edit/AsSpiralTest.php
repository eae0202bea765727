<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\AsSpiral;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Stripes of one round leave a jog each, and none where their yarns climb in one spiral: common practice, no source. */
final class AsSpiralTest extends TestCase
{
    /** @return iterable<string, array{list<array<mixed>>, list<array{int, int, string}>, 2?: array<string, string>}> layers, and what could be spirals */
    public static function coloured(): iterable
    {
        $fill = ['kind' => 'fill', 'yarn' => 'A'];
        $all = static fn (string $yarns): array => Plans::stripes(3, 10, array_map(static fn (string $yarn): array => [$yarn, 1], str_split($yarns)));
        yield 'two yarns' => [[$fill, $all('BA')], [[3, 10, 'BA']]];
        yield 'not from a round on that goes on from the one below' => [[$fill, $all('AB')], [[4, 11, 'BA']]];
        yield 'an end in what goes on' => [[$fill, Plans::stripes(3, 9, [['B', 1], ['A', 1]])], [[3, 9, 'BA']]];
        yield 'three yarns' => [[$fill, $all('BCA')], [[3, 10, 'BCA']]];
        yield 'two rounds each' => [[$fill, Plans::stripes(3, 10, [['B', 2], ['A', 2]])], []];
        yield 'once each' => [[$fill, Plans::stripes(3, 4, [['B', 1], ['A', 1]])], []];
        yield 'two stretches' => [
            [$fill, Plans::stripes(3, 6, [['B', 1], ['C', 1]]), Plans::stripes(9, 12, [['B', 1], ['C', 1]])], [[3, 6, 'BC'], [9, 12, 'BC']],
        ];
        yield 'a spot within a round parts them' => [
            [$fill, Plans::stripes(3, 12, [['B', 1], ['A', 1]]), ['kind' => 'run', 'round' => 7, 'from' => 2, 'to' => 4, 'yarn' => 'C']],
            [[3, 6, 'BA'], [8, 12, 'AB']],
        ];
        yield 'joined rounds have no spiral' => [[$fill, $all('BA')], [], ['worked' => 'joined']];
    }

    /**
     * @param list<array<mixed>>            $colours
     * @param list<array{int, int, string}> $spirals
     * @param array<string, string>         $piece
     */
    #[DataProvider('coloured')]
    public function testFindsStripesOfOneRound(array $colours, array $spirals, array $piece = []): void
    {
        $analysis = Analysis::of(self::tube($colours, $piece))->pieces[0];
        self::assertSame($spirals, array_map(
            static fn (Helix $helix): array => [$helix->from, $helix->to, implode('', $helix->yarns)],
            AsSpiral::in($analysis->piece, $analysis->stages->colouring),
        ));
    }

    public function testTheStripesBecomeASpiralWithoutAJog(): void
    {
        $plan = self::tube([['kind' => 'fill', 'yarn' => 'A'], ['name' => 'sleeve'] + Plans::stripes(3, 12, [['B', 1], ['A', 1]])]);
        self::assertCount(10, Analysis::of($plan)->pieces[0]->changes->jogs());
        $spiral = self::edited($plan, 3);
        self::assertEquals(new Helix(3, 12, ['B', 'A']), $spiral->pieces[0]->colours[1]->layer);
        self::assertSame('sleeve', $spiral->pieces[0]->colours[1]->name);
        self::assertCount(2, $spiral->pieces[0]->colours);
        $rounds = array_map(static fn (Change $jog): int => $jog->place->round, Analysis::of($spiral)->pieces[0]->changes->jogs());
        self::assertSame([], array_values(array_filter($rounds, static fn (int $round): bool => $round > 3 && $round < 12)));
    }

    /** Stripes that the typed words name have no layer to change. */
    public function testTypedStripesAreCovered(): void
    {
        $lines = ['6 sc in MR', 'inc x6'];
        foreach (range(3, 8) as $round) {
            $lines[] = "R{$round}: with ".(1 === $round % 2 ? 'B' : 'A').': sc around';
        }
        $plan = Plans::of($lines, [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'typed']]);
        $spiral = self::edited($plan, 3);
        self::assertCount(3, $spiral->pieces[0]->colours);
        self::assertEquals(new Helix(3, 8, ['B', 'A']), $spiral->pieces[0]->colours[2]->layer);
    }

    public function testWhereThereAreNoneItSaysSo(): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('spiral.none');
        self::edited(self::tube([['kind' => 'fill', 'yarn' => 'A']]), 3);
    }

    /**
     * @param list<array<mixed>>    $colours
     * @param array<string, string> $piece
     */
    private static function tube(array $colours, array $piece = []): Plan
    {
        $yarn = static fn (string $key): array => ['key' => $key, 'name' => "Yarn {$key}", 'hex' => '#406080', 'weight' => 'dk', 'metresPer100g' => 250];

        return Plans::of(['12 sc in MR', 'R2-14: sc around'], $colours, $piece, ['yarns' => array_map($yarn, ['A', 'B', 'C'])]);
    }

    private static function edited(Plan $plan, int $from): Plan
    {
        return EditKinds::read(['do' => 'as-spiral', 'piece' => 'body', 'from' => $from], 'edit')->apply($plan);
    }
}

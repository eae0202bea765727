<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\FollowCue;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Edges that are counted in two ways. */
final class EdgeOffersTest extends TestCase
{
    /** @param array<string, mixed> $start */
    private static function plan(string $first, array $start): Plan
    {
        return Plans::of([], plan: ['pieces' => [
            Plans::piece('leg', ['5 sc in MR', 'inc x5', '(sc, inc) x5', 'R4-6: sc around'], ['copies' => 2]),
            Plans::piece('body', [$first], ['start' => $start]),
        ]]);
    }

    /**
     * "35 or 36": an edge is counted in two ways by those who write patterns, and the one that fits the typed round is offered. Common practice, no source.
     *
     * @param array<string, mixed> $start
     */
    #[TestWith([['join' => 'opening', 'pieces' => ['leg']], '(sc, inc) x8', 'Count the edge as 16 stitches: with one in the gap of the join'])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg'], 'gap' => true], '(4 sc, inc) x3', 'Count the edge as 15 stitches: without the gap of the join'])]
    #[TestWith([['join' => 'seam', 'pieces' => ['leg', 'leg'], 'across' => 3], '(2 sc, inc) x9', 'Count the edge as 27 stitches: with the seam'])]
    #[TestWith([['join' => 'side', 'pieces' => ['leg'], 'round' => 2, 'to' => 4], '3 sc', 'Count the edge as 3 stitches: up one side alone'])]
    public function testOffersTheOtherWayOfCountingAnEdge(array $start, string $first, string $label): void
    {
        $plan = self::plan($first, $start);
        $piece = Analysis::of($plan)->pieces[1];
        self::assertNotSame([], $piece->stages->reading->errors());
        $offers = $piece->offers($plan);
        self::assertSame([$label], array_map(static fn (CueOffer $offer): string => MessageWords::says($offer->label), $offers));
        $heeded = (new FollowCue($piece->piece->key, $offers[0]->line, $offers[0]->text))->apply($plan);
        self::assertSame([], Analysis::of($heeded)->pieces[1]->stages->reading->errors());
        self::assertSame([], Analysis::of($heeded)->pieces[1]->offers($heeded));
    }

    public function testNoOtherWayOfCountingIsOfferedWhereItFitsNone(): void
    {
        $plan = self::plan('(sc, inc) x20', ['join' => 'opening', 'pieces' => ['leg']]);
        self::assertSame([], Analysis::of($plan)->pieces[1]->offers($plan));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\Guide\Guide;
use Alternum\Core\Making\Guide\GuidedRound;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\Slip\Cause;
use Alternum\Core\Making\Slip\Look;
use Alternum\Core\Making\Slip\Slip;
use Alternum\Core\Making\Slip\SlipTable;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\LaidThread;
use Alternum\Core\Words\SlipWords;

/**
 * What the rounds of a piece may have by one mistake, as the making page keeps it: what many of them share (what may have happened
 * and how one sees it, what stays of it) stands once for the piece, and a round's slips say which. contract/openapi.yaml, Guide.
 *
 * @phpstan-type Written array{by: int, kind: int, right?: int, goOn?: string, stays?: int}
 */
final class SlipsWriter
{
    /** @var array<int, list<Written>> by round */
    private array $ofRound = [];

    /** @var list<array{causes: list<string>, looks: list<string>}> */
    private array $kinds = [];

    /** @var array<string, int> where each sentence stands */
    private array $stays = [];

    /** @var list<int> rounds on which something is placed, or laid in thread */
    private readonly array $placed;
    private readonly SlipWords $words;

    /** @param Guide $guide of the piece: all of its rounds are looked at, as what they share stands once */
    public function __construct(Plan $plan, private readonly PieceAnalysis $piece, Guide $guide)
    {
        $worked = $piece->piece->worked;
        $this->words = new SlipWords($worked, $piece->finishing->end, $plan->terms, $plan->units, $plan->gaugeOf($piece->piece)->stitchWidthMm());
        $this->placed = [
            ...array_map(static fn (Placed $placed): int => $placed->round, $piece->placing->placed),
            ...array_map(static fn (LaidThread $laid): int => $laid->spot->round, $piece->threads->all),
        ];
        $stages = $piece->stages;
        $table = new SlipTable($stages->reading, $stages->frame, $stages->colouring, $worked);
        foreach ($guide->rounds as $round) {
            $number = $round->worked->from;
            foreach ($table->of($number) as $by => $slip) {
                $this->ofRound[$number][] = $this->written($round, $by, $slip);
            }
        }
    }

    /** @return list<Written> what one round may have in place of its stitches by one mistake; [] where there is no such round */
    public function of(int $round): array
    {
        return $this->ofRound[$round] ?? [];
    }

    /**
     * What the slips of its rounds name.
     *
     * @return array{
     *     kinds: list<array{causes: list<string>, looks: list<string>}>,
     *     stays: list<string>,
     *     causes: list<array{key: string, text: string, shows: array<string, string>}>,
     *     looks: list<array{key: string, ask: string, results: non-empty-array<string, string>}>,
     * }
     */
    public function named(): array
    {
        $named = array_map(Cause::from(...), array_values(array_unique(array_merge(...array_column($this->kinds, 'causes')))));
        $asked = array_map(Look::from(...), array_values(array_unique(array_merge(...array_column($this->kinds, 'looks')))));
        $causes = $looks = [];
        foreach ($named as $cause) {
            $shows = [];
            foreach ($asked as $look) {
                $shows[$look->value] = $look->shows($cause)->value;
                $looks[$look->value] ??= ['key' => $look->value, 'ask' => $this->words->look($look), 'results' => []];
                $looks[$look->value]['results'][$look->shows($cause)->value] = $this->words->result($look, $look->shows($cause));
            }
            $causes[] = ['key' => $cause->value, 'text' => $this->words->cause($cause), 'shows' => $shows];
        }

        return ['kinds' => $this->kinds, 'stays' => array_keys($this->stays), 'causes' => $causes, 'looks' => array_values($looks)];
    }

    /** @return Written */
    private function written(GuidedRound $round, int $by, Slip $slip): array
    {
        $kind = ['causes' => array_column($slip->diagnosis->causes, 'value'), 'looks' => array_column($slip->diagnosis->looks, 'value')];
        $at = array_search($kind, $this->kinds, true);
        if (false === $at) {
            $at = \count($this->kinds);
            $this->kinds[] = $kind;
        }
        $rounds = $this->piece->stages->reading->rounds;
        $right = $slip->mending?->right;
        $again = null === $right ? 0 : $rounds[$right - 1]->makes;
        $goOn = $this->words->goOn($slip, $round->worked->from, $round->worked->makes, $by, $again);
        $isPlaced = $this->isPlaced($round->worked->from, $right ?? \count($rounds) + 1);
        $stays = $this->words->stays($slip, $round->worked->from, $by, \count($round->segments) > 1, $isPlaced);

        return ['by' => $by, 'kind' => $at]
            + (null === $right ? [] : ['right' => $right])
            + (null === $goOn ? [] : ['goOn' => $goOn])
            + (null === $stays ? [] : ['stays' => $this->stays[$stays] ??= \count($this->stays)]);
    }

    /** Whether something is on rounds from one up to another, which is not of them. */
    private function isPlaced(int $from, int $end): bool
    {
        return [] !== array_filter($this->placed, static fn (int $round): bool => $round >= $from && $round < $end);
    }
}

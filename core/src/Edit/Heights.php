<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\ChangeChoice;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Motif;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripe;
use Alternum\Core\Plan\Stripes;

/** Carries colours from the rounds of one size to those of another: each part's colours keep their share of its height. */
final readonly class Heights extends Carrying
{
    /** @var list<int> for each edge between old rounds, from 0, the edge between new rounds */
    private array $edges;

    /**
     * @param list<Round> $oldRounds
     * @param list<Round> $newRounds
     */
    public function __construct(Parts $old, Parts $new, private array $oldRounds, private array $newRounds)
    {
        $edges = [0];
        $newEdge = 0;
        $parts = [[$old->grown, $new->grown], [$old->even, $new->even], [\count($oldRounds) - $old->grown - $old->even, \count($newRounds) - $new->grown - $new->even]];
        foreach ($parts as [$oldHeight, $newHeight]) {
            for ($round = 1; $round <= $oldHeight; ++$round) {
                $edges[] = $newEdge + (int) round($round * $newHeight / $oldHeight);
            }
            $newEdge += $newHeight;
        }
        $this->edges = $edges;
    }

    public function carryChoices(ChangeChoice $choice): ChangeChoice
    {
        $at = [];
        foreach ($choice->at as $round => $method) {
            $at[max(1, $this->edge($round))] = $method;
        }

        return new ChangeChoice($choice->method, $at);
    }

    protected function range(int $from, int $to): array
    {
        $first = $this->edge($from - 1) + 1;

        return [$first, max($first, $this->edge($to))];
    }

    /** Its middle stays at its share of the height. */
    protected function block(int $first, int $height): int
    {
        $middle = ($this->edge($first - 1) + $this->edge($first + $height - 1)) / 2;

        return max(1, min(\count($this->newRounds) - $height + 1, (int) round($middle - $height / 2) + 1));
    }

    /** Each run's middle stays at its share of the round. */
    protected function stitches(int $from, int $to, string $letters): string
    {
        $old = $this->oldRounds[$from - 1]->makes ?? 0;
        $new = $this->newRounds[$to - 1]->makes ?? 0;
        if ($old === $new || 0 === $old || 0 === $new) {
            return $letters;
        }
        $hand = new HandSet([]);
        for ($at = 0, $end = min($old, \strlen($letters)); $at < $end; $at += $length) {
            $length = min($end - $at, strspn($letters, $letters[$at], $at));
            if (Motif::CLEAR !== $letters[$at]) {
                $begin = (int) round(($at + $length / 2) / $old * $new - $length / 2);
                $begin = ($begin + $new) % $new;
                $hand = $hand->painted($to, $begin + 1, ($begin + min($length, $new) - 1) % $new + 1, $letters[$at], $new);
            }
        }

        return $hand->rounds[$to] ?? '';
    }

    protected function apart(int $from, int $to, float $stitches): float
    {
        $old = $this->oldRounds[$from - 1]->makes ?? 0;
        $new = $this->newRounds[$to - 1]->makes ?? 0;

        return 0 === $old || 0 === $new ? $stitches : max(1.0, round($stitches * $new / $old));
    }

    protected function stripes(Stripes $stripes): Stripes
    {
        $last = \count($this->oldRounds);
        if ($stripes->from > $last || $stripes->to < $stripes->from) {
            return $stripes;
        }
        $from = $this->edge($stripes->from - 1) + 1;
        $to = max($from, $this->edge(min($stripes->to, $last)));
        $sequence = [];
        $end = $from - 1;
        $yarn = '';
        foreach ($stripes->rounds() as $round => $next) {
            if ($round > $last) {
                break;
            }
            if ($next !== $yarn) {
                $sequence[] = ['yarn' => $next, 'from' => max($end + 1, $this->edge($round - 1) + 1)];
                $end = $sequence[\count($sequence) - 1]['from'];
                $yarn = $next;
            }
        }
        $written = [];
        foreach ($sequence as $i => ['yarn' => $key, 'from' => $begin]) {
            $rounds = ($sequence[$i + 1]['from'] ?? $to + 1) - $begin;
            $written[] = new Stripe($key, max(1, $rounds));
        }

        return [] === $written ? $stripes : new Stripes($from, $from - 1 + array_sum(array_map(static fn (Stripe $stripe): int => $stripe->rounds, $written)), $written);
    }

    protected function run(StitchRun $run): StitchRun
    {
        $old = $this->oldRounds[$run->round - 1] ?? null;
        $round = max(1, $this->edge($run->round));
        $new = $this->newRounds[$round - 1] ?? null;
        if (null === $old || null === $new) {
            return $run;
        }
        // Its middle stays at its share of the round, and it keeps its length.
        $length = $run->to >= $run->from ? $run->to - $run->from : $run->to - $run->from + $old->makes;
        $from = (int) round(($run->from + $length / 2 - 0.5) / $old->makes * $new->makes + 0.5 - $length / 2);
        $from = ($from - 1 + $new->makes) % $new->makes + 1;

        return new StitchRun($round, $from, ($from - 1 + min($length, $new->makes - 1)) % $new->makes + 1, $run->yarn);
    }

    private function edge(int $old): int
    {
        return $this->edges[$old] ?? $old + \count($this->newRounds) - \count($this->oldRounds);
    }
}

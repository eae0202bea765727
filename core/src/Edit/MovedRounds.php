<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripe;
use Alternum\Core\Plan\Stripes;

/** Layers taken along with the lines that were typed for their rounds. */
final readonly class MovedRounds extends Carrying
{
    /**
     * @param array<int, int> $moved old round to new round; one that is gone is not in it
     * @param int             $last  the last of the old rounds; a layer that reaches past it keeps what lies beyond
     */
    public function __construct(private array $moved, private int $last)
    {
    }

    protected function range(int $from, int $to): ?array
    {
        if ($from > $this->last || $to < $from) {
            return [$from, $to];
        }
        $kept = [];
        for ($round = $from; $round <= min($to, $this->last); ++$round) {
            if (isset($this->moved[$round])) {
                $kept[] = $this->moved[$round];
            }
        }

        return [] === $kept ? null : [min($kept), max($kept) + max(0, $to - $this->last)];
    }

    protected function block(int $first, int $height): ?int
    {
        for ($i = 0; $i < $height; ++$i) {
            if (isset($this->moved[$first + $i])) {
                return max(1, $this->moved[$first + $i] - $i);
            }
        }

        return $first > $this->last ? $first : null;
    }

    protected function run(StitchRun $run): ?StitchRun
    {
        $round = $this->moved[$run->round] ?? ($run->round > $this->last ? $run->round : null);

        return null === $round ? null : new StitchRun($round, $run->from, $run->to, $run->yarn);
    }

    protected function stitches(int $from, int $to, string $letters): string
    {
        return $letters;
    }

    protected function stripes(Stripes $stripes): ?Stripes
    {
        if ($stripes->from > $this->last || $stripes->to < $stripes->from) {
            return $stripes;
        }
        $yarns = [];
        foreach ($stripes->rounds() as $round => $yarn) {
            if (isset($this->moved[$round])) {
                $yarns[$this->moved[$round]] = $yarn;
            }
        }
        if ([] === $yarns) {
            return null;
        }
        ksort($yarns);
        $from = array_key_first($yarns);
        $to = array_key_last($yarns);
        $kept = new Stripes($from, $to, $stripes->sequence);
        // A round put in between takes the yarn of the round before it.
        $sequence = [];
        $carried = '';
        $asBefore = true;
        foreach ($kept->rounds() as $round => $repeated) {
            $carried = $yarns[$round] ?? $carried;
            $asBefore = $asBefore && $repeated === $carried;
            $end = end($sequence);
            if (false !== $end && $end->yarn === $carried) {
                array_pop($sequence);
            }
            $sequence[] = new Stripe($carried, false !== $end && $end->yarn === $carried ? $end->rounds + 1 : 1);
        }

        return $asBefore || [] === $sequence ? $kept : new Stripes($from, $to, $sequence);
    }
}

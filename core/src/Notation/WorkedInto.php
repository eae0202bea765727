<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What one stitch of a round is worked into, and what it is. */
final readonly class WorkedInto
{
    /**
     * @param Stitch $stitch as it is written: an increase is named where one of its tops is asked for
     * @param int    $from   first stitch of the round below, from 1; 0 where it is worked into none
     * @param int    $to     last one
     */
    private function __construct(public Stitch $stitch, public ?Loop $loop, public int $from, public int $to)
    {
    }

    /** @param int $top the stitch as it is counted at the round's end, from 1; null where there is none such */
    public static function of(Round $round, int $top): ?self
    {
        $used = $made = 0;
        for ($i = 0, $end = \strlen($round->codes); $i < $end; ++$i) {
            $stitch = Stitch::ofCode($round->codes[$i]);
            $made += $stitch->makes();
            if ($top >= 1 && $made >= $top) {
                $uses = 0 === $round->below ? 0 : $stitch->uses();
                $loop = Loop::ofCode($round->loops[$i] ?? ' ');

                return new self($stitch, $loop, 0 === $uses ? 0 : $used + 1, $used + $uses);
            }
            $used += $stitch->uses();
        }

        return null;
    }

    /** "inc into stitch 4 of round 2". */
    public function inWords(Round $round, Vocabulary $vocabulary): string
    {
        $name = $vocabulary->abbreviation($this->stitch).(null === $this->loop ? '' : ' in '.$this->loop->value);
        $below = $round->number - 1;

        return match (true) {
            0 === $this->from && Stitch::Chain === $this->stitch => "{$name}, into nothing",
            0 === $this->from => "{$name} into the beginning",
            0 === $below => "{$name} into ".($this->to > $this->from
                ? "stitches {$this->from} and {$this->to}"
                : "stitch {$this->from}").' of what it begins on',
            default => "{$name} into ".($this->to > $this->from ? "stitches {$this->from} to {$this->to}" : "stitch {$this->from}")." of round {$below}",
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Colour\Places;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Plan;

/** Gives single stitches a yarn, or takes what was set by hand off them. They lie in one layer, above all others. */
final readonly class PaintStitches implements Edit
{
    /**
     * @param list<array{int, int, int}> $cells      round, first and last stitch, which may lie past the round's end
     * @param string                     $yarn       letter, or Motif::CLEAR
     * @param bool                       $isMirrored the stitches opposite, as seen from the front, get it too
     */
    public function __construct(private string $piece, private array $cells, private string $yarn, private bool $isMirrored)
    {
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $reading = PieceReading::of($plan, $piece);
        $places = new Places($piece, Fabric::of($reading, $plan->gauge, $piece->worked, $plan->leanOf($piece)));
        $colours = $piece->colours;
        $top = end($colours);
        $hand = false !== $top && $top->layer instanceof HandSet && !$top->isHidden ? $top->layer : null;
        $painted = $hand ?? new HandSet([]);
        foreach ($this->cells as [$round, $from, $to]) {
            $makes = $reading->rounds[$round - 1]->makes ?? 0;
            if (max($from, $to) > $makes) {
                throw new EditRefused("Round {$round} has {$makes} stitches, so stitch ".max($from, $to).' cannot be coloured.');
            }
            $painted = $painted->painted($round, $from, $to, $this->yarn, $makes);
            if ($this->isMirrored) {
                $painted = $painted->painted($round, self::opposite($places, $round, $to), self::opposite($places, $round, $from), $this->yarn, $makes);
            }
        }
        if (null !== $hand) {
            array_pop($colours);
        }
        if ([] !== $painted->rounds) {
            $colours[] = new Laid($painted, null === $hand || false === $top ? '' : $top->name);
        }

        return $plan->withPiece($piece->withColours($colours));
    }

    /** The stitch as far from the front on the other side. */
    private static function opposite(Places $places, int $round, int $stitch): int
    {
        return $places->stitch($round, $places->along($round, -$places->fromFront($round, $stitch)));
    }
}

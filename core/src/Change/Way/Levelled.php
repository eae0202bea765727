<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The old round is led down with a slip stitch after its last stitch, so that it ends level; the new one begins above that. */
final class Levelled extends Plain
{
    public static function method(): Method
    {
        return Method::Levelled;
    }

    /** A slip stitch is about a third as high as the stitch after it. */
    public function step(): float
    {
        return 0.6;
    }

    /** A slip stitch leads the old round down. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.4, 1.0, 0.6, 0.0);
    }

    public function oldYarn(bool $isJoined): float
    {
        return Stitch::SlipStitch->yarnFactor();
    }

    public function label(): string
    {
        return 'level with a sl st';
    }

    public function short(): string
    {
        return 'levelled';
    }

    public function leaves(): string
    {
        return 'a jog of about ⅗ round';
    }

    public function drawing(): Series
    {
        return new Series('Level with a slip stitch', [
            new Drawing('Work the last stitch of the round as usual.', Sketch::rows('oooo')->hook(4, 'o')),
            new Drawing(
                'Insert the hook in the next stitch, a round lower, and lay the new yarn over.',
                Sketch::rows('oooo')->into(4, 'o', Ink::New, isLower: true),
            ),
            new Drawing(
                'Pull it through both: the slip stitch leads the round down. It does not count as a stitch.',
                Sketch::rows('oooo')->line(Ink::Old, 'M78 44q8 2 14 24')->hook(5, 'n'),
            ),
            new Drawing(
                'Work the first stitch of the new round in the same place.',
                Sketch::rows('oooon')->line(Ink::Old, 'M78 44q8 2 14 24')->hook(6, 'n'),
            ),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        return ["Work a {$words->stitch(Stitch::SlipStitch)} in {$words->old()} in the next stitch, the first of {$words->once()} {$words->round()}, to its"
            ." last yarn over; finish with {$words->new()}. It does not count as a stitch: the next {$words->once()}’s first goes into the same one."];
    }
}

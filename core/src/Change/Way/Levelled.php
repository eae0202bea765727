<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The old round is led down with a slip stitch after its last stitch, so that it ends level; the new one begins above that. */
final class Levelled extends PlainChange
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

    public function toDo(WaySaid $words): array
    {
        return ["Work a {$words->stitch(Stitch::SlipStitch)} in {$words->old()} in the next stitch, the first of {$words->once()} {$words->round()}, to its"
            ." last yarn over; finish with {$words->new()}. It is no stitch: the next {$words->once()}’s first goes into the same one."];
    }
}

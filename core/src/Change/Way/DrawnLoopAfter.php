<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Plan\Method;

/** The drawn loop in its other form: one stitch of the new round is worked in the old yarn and finished with the new, and the loop drawn after it. */
final class DrawnLoopAfter extends DrawnLoop
{
    public static function method(): Method
    {
        return Method::DrawnLoopAfter;
    }

    public function offset(): int
    {
        return 1;
    }

    /** As a drawn loop, a stitch later. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.0, 0.0, 0.35, 2.0, 1.0);
    }

    public function label(): string
    {
        return 'pull the loop through, a stitch later';
    }

    public function short(): string
    {
        return 'loop, later';
    }

    public function toDo(WaySaid $words): array
    {
        $next = $words->round() + 1;

        return [
            "Work the first stitch of {$words->once()} {$next} in {$words->old()} still, to its last yarn over; finish with {$words->new()}.",
            'Drop the loop. Insert the hook from front to back under both loops of the next stitch, pull the loop through and snug it. '
                ."Go on in the stitch after it; {$words->once()} {$next} ends in the one the loop was pulled through: move the marker one stitch on.",
        ];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
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

    public function drawing(): Series
    {
        return new Series('Pull the loop through, a stitch later', [
            new Drawing(
                'Work the first stitch of the new round in the old yarn, to its last yarn over.',
                Sketch::rows('oooo')->marker(4)->hook(4, 'oo'),
            ),
            new Drawing('Close it with the new yarn, and drop the loop.', Sketch::rows('ooooo')->marker(4)->loop(4, Ink::New)),
            new Drawing(
                'Insert the hook under both loops of the next stitch, and pull the loop through.',
                Sketch::rows('ooooo')->marker(4)->through(5, Ink::New),
            ),
            new Drawing('Snug it, and go on in the stitch after it.', Sketch::rows('ooooo n')->marker(4)->hook(6, 'n')),
        ]);
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

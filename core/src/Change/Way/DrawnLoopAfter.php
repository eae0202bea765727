<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The drawn loop in its other form: one stitch more is worked in the old yarn, which moves the round’s start on, and the loop drawn after it. */
final class DrawnLoopAfter extends DrawnLoop
{
    public static function method(): Method
    {
        return Method::DrawnLoopAfter;
    }

    /** By the stitch that is worked on, and by the one that the loop is drawn through; later rounds keep their count. */
    public function moves(ChangeSite $site): float
    {
        return 2 * parent::moves($site);
    }

    public function oldYarn(bool $isJoined): float
    {
        return Stitch::Single->yarnFactor();
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
                'Work one stitch more in the old yarn, to its last yarn over.',
                Sketch::rows('oooo')->marker(4)->hook(4, 'oo'),
            ),
            new Drawing('Close it with the new yarn, and drop the loop.', Sketch::rows('ooooo')->marker(4)->loop(4, Ink::New)),
            new Drawing(
                'Insert the hook under both loops of the next stitch, and pull the loop through.',
                Sketch::rows('ooooo')->marker(4)->through(5, Ink::New),
            ),
            new Drawing('Snug it. Begin in the stitch after it, and move the marker there.', Sketch::rows('ooooo n')->hook(6, 'n')->marker(6)),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        $next = $words->round() + 1;

        return [
            "Work one {$words->stitch(Stitch::Single)} more in {$words->old()}, to its last yarn over; finish with {$words->new()}.",
            'Drop the loop. Insert the hook from front to back under both loops of the next stitch, pull the loop through and snug it. '
                ."Round {$next} starts in the stitch after it and ends in the one the loop was pulled through: move the marker two stitches on.",
        ];
    }
}

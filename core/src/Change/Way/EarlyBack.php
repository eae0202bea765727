<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Method;

/** A stitch early, and the last one again in the old yarn: one loop of the new yarn lies before the step, and softens it. The stitches' yarns stay. */
final class EarlyBack extends Plain
{
    public static function method(): Method
    {
        return Method::EarlyBack;
    }

    public function step(): float
    {
        return 0.9;
    }

    /** The loop of the new yarn before the last stitch rises a little. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.1, 1.0, 0.9, 0.0);
    }

    public function fits(ChangeSite $site): bool
    {
        return !$site->isJoined() && $site->makes > 1;
    }

    public function label(): string
    {
        return 'a stitch early and back';
    }

    public function short(): string
    {
        return 'early and back';
    }

    public function leaves(): string
    {
        return 'a jog of a round, softened by a loop';
    }

    public function drawing(): Series
    {
        return new Series('A stitch early and back', [
            new Drawing('Stop one stitch before the round’s end, with two loops on the hook.', Sketch::rows('oo')->hook(2, 'oo')->marker(4)),
            new Drawing('Close that stitch with the new yarn.', Sketch::rows('oo')->hook(2, 'oo', Ink::New)->marker(4)),
            new Drawing('Work the last stitch in the old yarn again, to its last yarn over.', Sketch::rows('ooo')->hook(3, 'no')->marker(4)),
            new Drawing('Close it with the new yarn, and go on in that.', Sketch::rows('oooonn')->hook(6, 'n')->marker(4)),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        return [
            "A stitch early and back: work the last {$words->last()} but one in {$words->old()} to the last yarn over; finish with {$words->new()}.",
            "Work the last stitch in {$words->old()} again to the last yarn over; finish with {$words->newLetter()}.",
        ];
    }
}

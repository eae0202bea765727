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

/** A stitch early: the last stitch but one is finished with the new yarn, and the last worked in it, so that the step climbs in two. */
final class Early extends Plain
{
    public static function method(): Method
    {
        return Method::Early;
    }

    public function step(): float
    {
        return 0.8;
    }

    /** The stitch before the last one is closed in the new yarn, so that its top lies in it. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.2, 1.0, 0.8, 0.0, -1.0);
    }

    public function fits(ChangeSite $site): bool
    {
        return $site->makes > 1;
    }

    public function offset(): int
    {
        return -1;
    }

    public function label(): string
    {
        return 'a stitch early';
    }

    public function leaves(): string
    {
        return 'a jog of about ⅘ round, in two steps';
    }

    public function drawing(): Series
    {
        return new Series('A stitch early', [
            new Drawing('Stop one stitch before the round’s end, with two loops on the hook.', Sketch::rows('oo')->hook(2, 'oo')->marker(4)),
            new Drawing('Close that stitch with the new yarn.', Sketch::rows('oo')->hook(2, 'oo', Ink::New)->marker(4)),
            new Drawing('Work the last stitch of the round in the new yarn.', Sketch::rows('ooon')->hook(4, 'n')->marker(4)),
            new Drawing('Go on past the marker: the colours step in two small steps.', Sketch::rows('ooonnn')->hook(6, 'n')->marker(4)),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        return [
            "A stitch early: work the last {$words->last()} but one in {$words->old()} to the last yarn over; finish with {$words->new()}.",
            "Work the last stitch of the {$words->once()} in {$words->new()}.",
        ];
    }
}

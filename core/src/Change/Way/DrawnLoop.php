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

/** The loop is pulled through the first stitch of the old round, and the new one begins in the stitch after it. */
class DrawnLoop extends Plain
{
    public static function method(): Method
    {
        return Method::DrawnLoop;
    }

    public function step(): float
    {
        return 0.35;
    }

    /** The loop lifts the stitch that it is pulled through, and that one the next. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.0, 0.0, 0.35, 2.0);
    }

    public function fits(ChangeSite $site): bool
    {
        return !$site->isJoined() && $site->mayMove;
    }

    public function instead(ChangeSite $site): Method
    {
        return $site->isJoined() ? Method::ClosedRound : Method::SlipStitch;
    }

    /** By one stitch of the round whose first stitch the loop is drawn through; every later round goes along by the same turn. */
    public function moves(ChangeSite $site): float
    {
        return 1.0 / $site->makes;
    }

    public function label(): string
    {
        return 'pull the loop through';
    }

    public function short(): string
    {
        return 'loop through';
    }

    public function leaves(): string
    {
        return 'a jog of about ⅓ round';
    }

    public function isApt(bool $holds, bool $isStacked): bool
    {
        return $holds;
    }

    public function whyTaken(WaySaid $words): string
    {
        return "The jog would show, {$words->away()}; pulling the loop through leaves about a third of it.";
    }

    public function drawing(): Series
    {
        return new Series('Pull the loop through', [
            new Drawing('Finish the last stitch with the new yarn, and drop the loop.', Sketch::rows('oooo')->loop(3, Ink::New)),
            new Drawing(
                'Insert the hook from front to back under both loops of the next stitch.',
                Sketch::rows('oooo')->loop(3, Ink::New)->into(4, '', isLower: true),
            ),
            new Drawing('Catch the loop and pull it through to the front.', Sketch::rows('oooo')->through(4, Ink::New)->way(84, 34, 92, 72, -16)),
            new Drawing('Snug it. Begin in the stitch after it, and move the marker there.', Sketch::rows('oooo n')->hook(6, 'n')->marker(5)),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        $next = $words->round() + 1;

        return [
            ...parent::toDo($words),
            'Drop the loop. Insert the hook from front to back under both loops of the next stitch'
                .($words->hasMoved() ? '' : ", the first of round {$words->round()}").', pull the loop through and snug it. '
                ."Round {$next} starts in the stitch after it and ends in the one the loop was pulled through: move the marker one stitch on.",
        ];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Plan\Method;

/** The loop is pulled through the first stitch of the old round, and the new one begins in the stitch after it. */
class DrawnLoop extends PlainChange
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

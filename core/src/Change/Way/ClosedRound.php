<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The round is closed with a slip stitch, and the new one lifted by a chain: what joined rounds do anyway. */
final class ClosedRound extends PlainChange
{
    public static function method(): Method
    {
        return Method::ClosedRound;
    }

    public function step(): float
    {
        return 0.2;
    }

    /** Both ends of a round are joined: what is left is a seam. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.6, 2.0, 0.2, 1.0);
    }

    public function fits(ChangeSite $site): bool
    {
        return true;
    }

    /** In a spiral it is closed for this change alone, with a chain to go on from; joined rounds have theirs already. */
    public function newYarn(bool $isJoined, Stitch $first): float
    {
        return $isJoined ? 0.0 : Stitch::SlipStitch->yarnFactor() + Stitch::Chain->yarnFactor();
    }

    public function label(): string
    {
        return 'joined round';
    }

    public function short(): string
    {
        return 'joined';
    }

    public function leaves(): string
    {
        return 'a seam line rather than a jog';
    }

    public function toDo(WaySaid $words): array
    {
        $slip = $words->stitch(Stitch::SlipStitch);

        return [...parent::toDo($words), $words->isJoined()
            ? "Join with a {$slip} in {$words->newLetter()}."
            : "Join with a {$slip} in the first stitch of the {$words->once()}, {$words->stitch(Stitch::Chain)} 1, and go on in the same stitch."];
    }
}

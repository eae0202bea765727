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
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Worked;

/** The round is closed with a slip stitch, and the new one lifted by a chain: what joined rounds do anyway. */
final class ClosedRound extends Plain
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

    public function isSaidInRound(Worked $worked): bool
    {
        return Worked::Joined === $worked;
    }

    public function whyTaken(WaySaid $words): string
    {
        return 'Joined rounds are closed, so the colours meet at the seam.';
    }

    public function drawing(): Series
    {
        return new Series('A joined round', [
            new Drawing('Finish the last stitch with the new yarn.', Sketch::rows('nooooo ')->hook(6, 'n')),
            new Drawing('Insert the hook in the first stitch of the same round.', Sketch::rows('oooooo')->into(0, 'n', Ink::New)),
            new Drawing(
                'Pull the yarn through both: the round is closed with a slip stitch. Tug it tight: it leaves a gap else.',
                Sketch::rows('oooooo')->through(0, Ink::New, isLower: false),
            ),
            new Drawing(
                'Chain 1, and work the first stitch of the new round in the same place.',
                Sketch::rows('oooooo')->line(Ink::New, 'M18 40c-8 -8 8 -14 2 -24')->hook(1, 'n'),
            ),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        $slip = $words->stitch(Stitch::SlipStitch);

        return [...parent::toDo($words), $words->isJoined()
            ? "Join with a {$slip} in {$words->newLetter()}, tugged tight so that no gap stays."
            : "Join with a {$slip} in the first stitch of the {$words->once()}, tugged tight so that no gap stays, {$words->stitch(Stitch::Chain)} 1, and go on"
                .' in the same stitch.'];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Method;

/** The old yarn is fastened off, and the new one begins with a standing stitch wherever she likes: always on the same line, as a rule at the back. */
final class StandingStart extends PlainChange
{
    public static function method(): Method
    {
        return Method::StandingStart;
    }

    public function step(): float
    {
        return 0.25;
    }

    /** The old round is closed level, and the new one begins on it. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.45, 2.0, 0.25, 1.5);
    }

    public function fits(ChangeSite $site): bool
    {
        return $site->mayMove;
    }

    public function instead(ChangeSite $site): Method
    {
        return Method::ClosedRound;
    }

    /** On to where the new yarn begins, which is said in degrees from the front. */
    public function moves(ChangeSite $site): float
    {
        $turns = ($site->piece->frontDegrees + ($site->choice()->begins ?? ChangeAt::BACK) - $site->degrees) / 360.0;

        return $turns - floor($turns);
    }

    public function parts(): bool
    {
        return true;
    }

    /** A slip stitch and a chain fasten it off. */
    public function oldYarn(bool $isJoined): float
    {
        return Stitch::SlipStitch->yarnFactor() + Stitch::Chain->yarnFactor();
    }

    /** Its slip knot, a chain's worth. */
    public function newYarn(bool $isJoined, Stitch $first): float
    {
        return Stitch::Chain->yarnFactor();
    }

    public function label(): string
    {
        return 'cut, and a standing stitch';
    }

    public function short(): string
    {
        return 'standing start';
    }

    public function leaves(): string
    {
        return 'a jog of about ¼ round';
    }

    public function toDo(WaySaid $words): array
    {
        $next = $words->round() + 1;
        $slip = $words->stitch(Stitch::SlipStitch);
        $chain = $words->stitch(Stitch::Chain);

        return [
            "Finish the {$words->once()} in {$words->old()}, {$slip} in the next stitch, {$chain} 1, and fasten off; or close it with a needle, for an"
                .' unbroken edge.',
            "Begin {$words->once()} {$next} in {$words->new()} with a standing stitch {$words->place()}: put the marker in it.",
        ];
    }
}

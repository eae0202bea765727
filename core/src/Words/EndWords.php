<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Frame\EndReason;
use Alternum\Core\Frame\StandingEnd;
use Alternum\Core\Plan\FirstRound;

/** Which end of a piece its round 1 is taken to be, and why. */
final class EndWords
{
    public static function of(StandingEnd $end): string
    {
        $is = match ($end->firstRound) {
            FirstRound::Top => 'top',
            FirstRound::Bottom => 'bottom',
            FirstRound::Face => 'end with the face',
            FirstRound::Tail => 'end with the tail',
        };

        return match ($end->reason) {
            EndReason::Said => "Round 1 is the {$is}.",
            EndReason::Typed => "Round 1 is the {$is}, as your lines say.",
            EndReason::OnLegs => "Round 1 is taken as the {$is}, as the piece stands on its legs.",
            EndReason::IsLeg => "Round 1 is taken as the {$is}, as a body is worked on from its last round.",
            EndReason::GoesOn => "Round 1 is taken as the {$is} side, as in the piece that it goes on from.",
            EndReason::EyesAboveNose => "Round 1 is taken as the {$is}, so that the eyes lie above the nose.",
            EndReason::EarsAboveEyes => "Round 1 is taken as the {$is}, so that the ears lie above the eyes.",
            EndReason::EarsHigh => "Round 1 is taken as the {$is}, so that the ears lie high.",
            EndReason::LegsLow => "Round 1 is taken as the {$is}, so that the legs lie low.",
            EndReason::LateEyes => "Round 1 is taken as the {$is}, as the eyes come late: a body, and then its head.",
            EndReason::Usual => "Round 1 is taken as the {$is}, as pieces are begun there as a rule.",
        };
    }
}

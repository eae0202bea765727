<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

/** What to look at, so that some causes are told from others. */
enum Look: string
{
    /** Along the round below: what has nothing worked into it. */
    case Below = 'below';
    /** At the marker: whether the last stitch is the round's own. */
    case Marker = 'marker';
    /** How many increases there are. */
    case Increases = 'increases';
    /** How many decreases there are. */
    case Decreases = 'decreases';
    /** How many chains there are. */
    case Chains = 'chains';

    /** What it shows where a cause is the true one. */
    public function shows(Cause $cause): LookResult
    {
        return match ($this) {
            self::Below => match ($cause) {
                Cause::SkippedStitch, Cause::SkippedIncrease => LookResult::OneEmpty,
                Cause::SkippedDecrease => LookResult::TwoEmpty,
                Cause::StoppedShort => LookResult::LastEmpty,
                default => LookResult::AllThere,
            },
            self::Marker => match ($cause) {
                Cause::PastTheMarker => LookResult::Beyond,
                Cause::IntoSlipStitch => LookResult::OnSlip,
                default => LookResult::AllThere,
            },
            self::Increases => match ($cause) {
                Cause::MissedIncrease, Cause::SkippedIncrease => LookResult::Fewer,
                Cause::TwiceInOne => LookResult::More,
                default => LookResult::AllThere,
            },
            self::Decreases => match ($cause) {
                Cause::MissedDecrease, Cause::SkippedDecrease => LookResult::Fewer,
                Cause::TwoTogether => LookResult::More,
                default => LookResult::AllThere,
            },
            self::Chains => Cause::MissedChain === $cause ? LookResult::Fewer : LookResult::AllThere,
        };
    }
}

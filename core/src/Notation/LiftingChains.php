<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\RoundLift;
use Alternum\Core\Plan\Worked;

/** The chains that lift the hook to the height of a row or of a joined round. */
final readonly class LiftingChains
{
    /** Chains at the most, those of a treble: common practice, no source. */
    public const MOST = 4;

    /**
     * @param int $before chains at the round's beginning; 0: none
     * @param int $after  chains at its end, for the next one
     */
    public function __construct(public int $before = 0, public int $after = 0)
    {
    }

    /** The stitch that so many chains are as high as: common practice, no source. */
    public static function standsFor(int $chains): Stitch
    {
        return match ($chains) {
            1 => Stitch::Single,
            2 => Stitch::HalfDouble,
            3 => Stitch::Double,
            default => Stitch::Treble,
        };
    }

    /** Chains that lift a round: as typed, or as high as its first stitch where they are chosen; none where they count as that stitch. */
    public static function usual(Worked $worked, Round $round, ?Round $below, ?RoundLift $lift): int
    {
        return match (true) {
            $round->chainIsFirst => 0,
            $round->lifting->before > 0 => $round->lifting->before,
            Worked::Spiral === $worked || !RoundLift::chains($lift, $worked) || '' === $round->codes || ($below?->lifting->after ?? 0) > 0 => 0,
            // Chains that are worked along are passed over as high as the row is.
            Stitch::Skip === Stitch::ofCode($round->codes[0]) => 0,
            // The first row is lifted by the chains that its foundation has more than stitches.
            null === $below => Worked::Joined === $worked ? self::of(Stitch::ofCode($round->codes[0])) : 0,
            default => self::of(Stitch::ofCode($round->codes[0])),
        };
    }

    /** Chains that are as high as a stitch: common practice, no source. */
    public static function of(Stitch $stitch): int
    {
        return match (true) {
            $stitch->height() < 1.25 => 1,
            $stitch->height() < 1.75 => 2,
            $stitch->height() < 2.5 => 3,
            default => self::MOST,
        };
    }
}

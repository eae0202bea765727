<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;

/** Why a round has other stitches than it is to have: one mistake each. Common practice, no source. In the order in which they are likely. */
enum Cause: string
{
    case MissedIncrease = 'missed-increase';
    case MissedDecrease = 'missed-decrease';
    case SkippedStitch = 'skipped-stitch';
    case SkippedIncrease = 'skipped-increase';
    case SkippedDecrease = 'skipped-decrease';
    case StoppedShort = 'stopped-short';
    case PastTheMarker = 'past-the-marker';
    case IntoSlipStitch = 'into-slip-stitch';
    case MissedChain = 'missed-chain';
    case TwiceInOne = 'twice-in-one';
    case TwoTogether = 'two-together';

    /**
     * By how many stitches it makes a round differ.
     *
     * @param bool $isAfterSlip its first stitch is beside a slip stitch, which looks like one
     *
     * @return list<int> none: it cannot happen in this round
     */
    public function makes(Round $round, bool $isAfterSlip): array
    {
        $stitches = array_map(static fn (int $byte): Stitch => Stitch::ofCode(\chr($byte)), array_keys(count_chars($round->codes, 1)));
        $by = [];
        foreach ($stitches as $stitch) {
            [$uses, $makes] = [$stitch->uses(), $stitch->makes()];
            array_push($by, ...match ($this) {
                self::MissedIncrease => $uses > 0 && $makes > $uses ? range($uses - $makes, -1) : [],
                self::MissedDecrease => $uses > $makes && $makes > 0 ? range(1, $uses - $makes) : [],
                self::SkippedStitch => 1 === $uses && 1 === $makes ? [-1] : [],
                self::SkippedIncrease => 1 === $uses && $makes > 1 ? [-$makes] : [],
                self::SkippedDecrease => $uses > 1 && $makes > 0 ? [-$makes] : [],
                self::StoppedShort => [],
                self::PastTheMarker, self::TwiceInOne => [1],
                self::IntoSlipStitch => $isAfterSlip ? [1] : [],
                self::MissedChain => 0 === $uses && $makes > 0 ? [-$makes] : [],
                self::TwoTogether => 1 === $uses && 1 === $makes && \strlen($round->codes) > 1 ? [-1] : [],
            });
        }
        if (self::StoppedShort === $this) {
            // The last that is worked into the round below: chains may follow it.
            $all = array_map(Stitch::ofCode(...), '' === $round->codes ? [] : str_split($round->codes));
            $into = array_values(array_filter($all, static fn (Stitch $stitch): bool => $stitch->uses() > 0));
            $last = $into[\count($into) - 1] ?? null;
            $by = null !== $last && $last->makes() > 0 ? [-$last->makes()] : [];
        }

        return array_values(array_unique($by));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;

/**
 * A round with as many stitches as it really has. Where the mistake lies in it nobody noted: it is taken for the likeliest one that its stitches
 * allow, at the back.
 */
final class RoundAsMade
{
    /**
     * @param int $by so many more stitches than planned; below 0: fewer
     *
     * @return list<Mend>|null what is worked in place of what, on the same stitches below; null: its stitches do not allow it
     */
    public static function of(Round $round, Frame $frame, int $by): ?array
    {
        $mends = [];
        $top = 0;
        for ($i = 0, $end = \strlen($round->codes); $i < $end; ++$i) {
            $stitch = Stitch::ofCode($round->codes[$i]);
            foreach ($by < 0 ? self::fewer($stitch) : self::more($stitch) as $rank => [$with, $as]) {
                $mends[$rank][] = new Mend(round: $round->number, index: $i, top: $top + 1, plan: $stitch, times: 1, with: $with, as: $as);
            }
            $top += $stitch->makes();
        }
        ksort($mends);

        return Mends::farthest($mends, $frame, $round->number, abs($by));
    }

    /** @return array<int, array{Stitch, int}> by its rank, the likeliest first: what, and how often */
    private static function fewer(Stitch $stitch): array
    {
        $one = $stitch->oneOfSeveral();

        return match (true) {
            1 === $stitch->uses() && $stitch->makes() > 1 && null !== $one => [0 => [Stitch::inOne($one, $stitch->makes() - 1) ?? $one, 1]],
            1 === $stitch->uses() && 1 === $stitch->makes() => [1 => [Stitch::Skip, 1]],
            $stitch->uses() > 1 && 1 === $stitch->makes() => [2 => [Stitch::Skip, $stitch->uses()]],
            default => [],
        };
    }

    /** @return array<int, array{Stitch, int}> as above */
    private static function more(Stitch $stitch): array
    {
        $one = $stitch->oneOfSeveral();
        $another = 1 === $stitch->uses() ? Stitch::inOne($one ?? $stitch, $stitch->makes() + 1) : null;

        return match (true) {
            2 === $stitch->uses() && 1 === $stitch->makes() && null !== $one => [0 => [$one, 2]],
            null !== $another => [1 === $stitch->makes() ? 1 : 2 => [$another, 1]],
            default => [],
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;

/**
 * Several yarns in one spiral: each begins a part of a round after the one before it, and is worked up to where the next one's loop waits.
 * So every round has a section of each, and a yarn that has come to a section's end goes on over the next section, one round higher: it
 * climbs as many rounds in a turn as there are yarns, and none meets another at a round's end.
 */
final class Strands
{
    /**
     * Where the loops wait: the stitch after which each section but the last ends, by round. A loop waits after the same stitch of the fabric
     * until it is taken up, so a round's sections end over those of the round below.
     *
     * @param list<Round> $rounds  all of a piece
     * @param int         $from    the round in which the yarns begin, from 1
     * @param int         $to      the last one, within the piece
     * @param int         $strands yarns, two at the least
     *
     * @return array<int, list<int>> one fewer than there are yarns, by round
     */
    public static function loops(array $rounds, int $from, int $to, int $strands): array
    {
        $loops = [];
        for ($number = $from; $number <= $to && isset($rounds[$number - 1]); ++$number) {
            $round = $rounds[$number - 1];
            if ($number === $from) {
                for ($i = 1; $i < $strands; ++$i) {
                    $loops[$number][] = (int) round($i * $round->makes / $strands);
                }
            } else {
                $loops[$number] = self::over($round, $loops[$number - 1]);
            }
        }

        return $loops;
    }

    /**
     * @param list<int> $below stitches of the round below
     *
     * @return list<int> the stitches of the round that lie over them
     */
    private static function over(Round $round, array $below): array
    {
        if ('' === trim($round->codes, Stitch::Single->code()) && $round->makes === $round->below) {
            return $below;
        }
        $over = [];
        $used = $made = $i = 0;
        foreach (str_split($round->codes) as $code) {
            $stitch = Stitch::ofCode($code);
            // What is worked into two stitches, of which one lies on either side of the loop, is worked before it.
            while (isset($below[$i]) && $used >= $below[$i] && !$stitch->isSame()) {
                $over[] = $made;
                ++$i;
            }
            $used += $stitch->uses();
            $made += $stitch->makes();
        }

        return array_pad($over, \count($below), $round->makes);
    }
}

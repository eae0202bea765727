<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

use Alternum\Core\Frame\Frame;

/** Places of a round at which other stitches are worked than planned. */
final class Mends
{
    /**
     * So many of them, none beside another: the best kinds first, of each kind what lies farthest from the front.
     *
     * @param array<int, list<Mend>> $ranked by their rank, the best first
     *
     * @return list<Mend>|null in working order; null: there are not so many
     */
    public static function farthest(array $ranked, Frame $frame, int $round, int $many): ?array
    {
        $chosen = [];
        foreach ($ranked as $mends) {
            while (\count($chosen) < $many) {
                $best = null;
                $farthest = -1.0;
                foreach ($mends as $mend) {
                    $far = abs($frame->fromFront($round, $mend->top));
                    if ($far > $farthest && [] === array_filter($chosen, static fn (Mend $one): bool => abs($one->index - $mend->index) < 3)) {
                        [$best, $farthest] = [$mend, $far];
                    }
                }
                if (null === $best) {
                    break;
                }
                $chosen[] = $best->inRound($round);
            }
        }
        usort($chosen, static fn (Mend $one, Mend $other): int => $one->index <=> $other->index);

        return \count($chosen) === $many ? $chosen : null;
    }

    /**
     * A round's stitches with them.
     *
     * @param string     $codes one byte a stitch: Round::$codes
     * @param list<Mend> $mends of that round, in working order
     */
    public static function in(string $codes, array $mends): string
    {
        foreach (array_reverse($mends) as $mend) {
            $codes = substr_replace($codes, str_repeat($mend->with->code(), $mend->as), $mend->index, $mend->times);
        }

        return $codes;
    }
}

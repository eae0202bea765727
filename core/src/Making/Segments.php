<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Notation\Stitch;

/** A round's stitches parted where the yarn changes. */
final class Segments
{
    /**
     * An increase whose two tops differ in yarn is a segment of its own, with both.
     *
     * @param string                   $codes one byte a stitch
     * @param list<array{string, int}> $runs  yarn and tops made
     *
     * @return list<array{non-empty-list<string>, int, int}> the yarns, the first stitch worked in them, from 0, and how many are
     */
    public static function of(string $codes, array $runs): array
    {
        $segments = [];
        $run = 0;
        $left = $runs[0][1] ?? 0;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            $yarns = [];
            for ($tops = Stitch::ofCode($codes[$i])->makes(); $tops > 0; --$tops) {
                while (0 === $left && isset($runs[$run + 1])) {
                    $left = $runs[++$run][1];
                }
                $yarns[] = $runs[$run][0];
                --$left;
            }
            $yarns = array_values(array_unique($yarns));
            if ([] === $yarns) {
                $yarns = [$runs[$run][0]];
            }
            $before = end($segments);
            $goesOn = false !== $before && $before[0] === $yarns && 1 === \count($yarns);
            if ($goesOn) {
                array_pop($segments);
            }
            $segments[] = [$yarns, $goesOn ? $before[1] : $i, $goesOn ? $before[2] + 1 : 1];
        }

        return $segments;
    }
}

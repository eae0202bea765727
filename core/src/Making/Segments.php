<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Notation\Stitch;

/** A round's stitches parted where the yarn changes. */
final class Segments
{
    /**
     * An increase whose tops differ in yarn is a segment of its own, with the yarn of each.
     *
     * @param string $codes   one byte a stitch
     * @param string $letters a yarn's letter for each top
     *
     * @return list<Segment> in working order
     */
    public static function of(string $codes, string $letters): array
    {
        $segments = [];
        $top = 0;
        $from = 0;
        $inHand = '';
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            $makes = Stitch::ofCode($codes[$i])->makes();
            // What leaves no top is worked in the yarn of the one before it.
            $own = 0 === $makes ? ($letters[max(0, $top - 1)] ?? '') : substr($letters, $top, $makes);
            $top += $makes;
            $isPlain = strspn($own, $own[0] ?? '') === \strlen($own);
            $yarns = $isPlain ? ($own[0] ?? '') : $own;
            if ($yarns !== $inHand || !$isPlain) {
                if ($i > $from) {
                    $segments[] = new Segment($inHand, $from, $i - $from);
                }
                [$from, $inHand] = [$i, $yarns];
            }
        }
        if (\strlen($codes) > $from) {
            $segments[] = new Segment($inHand, $from, \strlen($codes) - $from);
        }

        return $segments;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\WeightCategory;

/** A gauge held against what the yarn's label recommends; see WeightCategory for the source. */
final class GaugeWords
{
    /** @return string|null in words; null where the standard has no range in single crochet */
    public static function remark(Gauge $gauge, WeightCategory $weight): ?string
    {
        $label = $weight->labelStitches();
        if (null === $label) {
            return null;
        }
        $range = "the {$label[0]} to {$label[1]} of a {$weight->label()} label";
        $remark = match (true) {
            $gauge->stitchesPer10cm > $label[1] => "Tighter than {$range}: usual for stuffed work, so that no stuffing shows.",
            $gauge->stitchesPer10cm < $label[0] => "Looser than {$range}: the stuffing may show; a smaller hook mends it.",
            default => "Within {$range}; stuffed work is often made a little tighter.",
        };
        [$smallest, $largest] = $weight->labelHookMm();

        return match (true) {
            null === $gauge->hookMm => $remark,
            $gauge->hookMm < $smallest => "{$remark} The hook is smaller than the label’s {$smallest} mm, as it is for that.",
            null !== $largest && $gauge->hookMm > $largest => "{$remark} The hook is larger than the label’s {$largest} mm.",
            default => $remark,
        };
    }
}

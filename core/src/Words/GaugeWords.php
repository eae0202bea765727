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
        $range = "the {$label->least} to {$label->most} of a {$weight->label()} label";
        $remark = match (true) {
            $gauge->stitchesPer10cm > $label->most => "Tighter than {$range}: usual for stuffed work, so that no stuffing shows.",
            $gauge->stitchesPer10cm < $label->least => "Looser than {$range}: the stuffing may show; a smaller hook mends it.",
            default => "Within {$range}; stuffed work is often made a little tighter.",
        };
        $hook = $weight->labelHookMm();

        return match (true) {
            null === $gauge->hookMm => $remark,
            $gauge->hookMm < $hook->least => "{$remark} The hook is smaller than the label’s {$hook->least} mm, as it is for that.",
            null !== $hook->most && $gauge->hookMm > $hook->most => "{$remark} The hook is larger than the label’s {$hook->most} mm.",
            default => $remark,
        };
    }
}

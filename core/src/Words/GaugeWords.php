<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\WeightCategory;

/** A gauge held against what the yarn's label recommends; see WeightCategory for the source. */
final class GaugeWords
{
    /** @return string|null in words; null where the standard has no range in single crochet */
    public static function remark(Gauge $gauge, WeightCategory $weight, int $strands = 1): ?string
    {
        $made = $weight->held($strands);
        $label = $made->labelStitches();
        if (null === $label) {
            return null;
        }
        $held = $made === $weight ? '' : "{$strands} strands of {$weight->label()} together work up about like {$made->label()}. ";
        $range = "the {$label->least} to {$label->most} of a {$made->label()} label";
        $remark = $held.match (true) {
            $gauge->stitchesPer10cm > $label->most => "Tighter than {$range}: usual for stuffed work, so that no stuffing shows.",
            $gauge->stitchesPer10cm < $label->least => "Looser than {$range}: the stuffing may show; a smaller hook helps.",
            default => "Within {$range}; stuffed work is often made a little tighter.",
        };
        $hook = $made->labelHookMm();

        return match (true) {
            null === $gauge->hookMm => $remark,
            $gauge->hookMm < $hook->least => "{$remark} The hook is smaller than the label’s {$hook->least} mm: one to two mm smaller is usual for that.",
            null !== $hook->most && $gauge->hookMm > $hook->most => "{$remark} The hook is larger than the label’s {$hook->most} mm.",
            default => $remark,
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Yarn;

/** A gauge held against what the yarn's label recommends; see WeightCategory for the source. */
final class GaugeWords
{
    /** @return string|null in words, of a yarn with as many strands as are held together; null where the standard has no range in single crochet */
    public static function ofYarn(Gauge $gauge, Yarn $yarn): ?string
    {
        $remark = self::remark($gauge, $yarn->worksUpLike());

        return 1 === $yarn->strands || null === $remark
            ? $remark
            : "{$yarn->strands} strands of {$yarn->weight->label()} together are about ".round($yarn->metresPer100g / $yarn->strands)
                ." m in 100 g, like {$yarn->worksUpLike()->label()}. {$remark}";
    }

    /** @return string|null in words, of what is made with yarn of a category; null where the standard has no range in single crochet */
    public static function remark(Gauge $gauge, WeightCategory $made): ?string
    {
        $label = $made->labelStitches();
        if (null === $label) {
            return null;
        }
        $range = "the {$label->least} to {$label->most} of a {$made->label()} label";
        $remark = match (true) {
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

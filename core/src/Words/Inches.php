<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** Short lengths as a tape measure in inches shows them: in quarters. */
final class Inches
{
    private const CM = 2.54;
    private const QUARTERS = ['', '¼', '½', '¾'];

    public static function ofCm(float $cm): string
    {
        $quarters = (int) round(4 * $cm / self::CM);
        if ($quarters < 1) {
            return 'under ¼ in';
        }
        $whole = intdiv($quarters, 4);

        return (0 === $whole ? '' : $whole).self::QUARTERS[$quarters % 4].' in';
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Words\Inches;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Source: the international inch, 2.54 cm exactly. */
final class InchesTest extends TestCase
{
    #[TestWith([2.54, '1 in'])]
    #[TestWith([15.0, '6 in'])]
    #[TestWith([1.27, '½ in'])]
    #[TestWith([4.445, '1¾ in'])]
    #[TestWith([0.6, '¼ in'])]
    #[TestWith([0.1, 'under ¼ in'])]
    #[TestWith([0.0, 'under ¼ in'])]
    public function testQuartersOfAnInch(float $cm, string $says): void
    {
        self::assertSame($says, Inches::ofCm($cm));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The usual cautions: common practice, no source; the standards' names are from memory. */
final class SafetyWordsTest extends TestCase
{
    public function testThePatternSaysThemOnce(): void
    {
        $eyes = ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 4, 'apart' => 4]]];
        $with = WrittenPattern::text(Analysis::of(Plans::of(Plans::ball(5), [], $eyes)), Terms::Us);
        self::assertSame(1, substr_count($with, 'Not for children under three with eyes'));
        self::assertStringContainsString('EN 71-1, ASTM F963 or 16 CFR 1501: check what holds where you live.', $with);
        $without = WrittenPattern::text(Analysis::of(Plans::of(Plans::ball(5))), Terms::Us);
        self::assertStringNotContainsString('children under three', $without);
        self::assertStringContainsString('Hot glue', $without);
    }
}

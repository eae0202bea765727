<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\TestCase;

/** Parts that are joined as one goes are told where they are, before the stitches that go through them. */
final class JoinPartTest extends TestCase
{
    private const BODY = [
        '6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-9: sc around (24)',
        'R10: sc 4, join the arm with the next 4 sc, sc 8, join the arm with the next 4 sc, sc 4 (24)',
        'R11: 2 sc, 1 sc through fin and body, 21 sc', 'R12: sc around',
    ];

    /** Read as a tester would: rounds 5 to 9 are alike, round 10 is not one of them, and each arm goes on at its four stitches. */
    public function testAPartIsToldAtItsStitches(): void
    {
        $texts = array_column(WrittenSteps::all(Plans::of(self::BODY)), 'text');
        $from = array_search('R5-9: sc around (24)', $texts, true);
        self::assertIsInt($from);
        self::assertSame(
            [
                'R5-9: sc around (24)', 'In round 10, stitches 5 to 8: join the arm', 'In round 10, stitches 17 to 20: join the arm',
                'R10: 4 sc, 4 sc, 8 sc, 4 sc, 4 sc (24)', 'In round 11, stitch 3: through fin and body',
            ],
            \array_slice($texts, $from, 5),
        );
        self::assertSame(2, substr_count(implode('|', $texts), 'join the arm'));
        self::assertSame(1, substr_count(implode('|', $texts), 'through fin and body'));
    }

    /** The written pattern says it there, too, and once. */
    public function testThePatternSaysItThere(): void
    {
        $pattern = WrittenPattern::text(Analysis::of(Plans::of(self::BODY)), Terms::Us);
        self::assertStringContainsString(
            "Note: in round 10, stitches 5 to 8: join the arm\nNote: in round 10, stitches 17 to 20: join the arm\nRnd 10: ",
            $pattern,
        );
        self::assertSame(2, substr_count($pattern, 'join the arm'));
    }
}

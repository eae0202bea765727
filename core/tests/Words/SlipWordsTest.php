<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\GuideWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** How one goes on with a mistake, and what that does to the size. */
final class SlipWordsTest extends TestCase
{
    /** By hand: 22 stitches in 10 cm are 4.545 mm each, so that a round of one more is 4.545 / π = 1.45 mm wider across, 0.06 in. */
    public function testARoundSaysHowMuchWiderItIs(): void
    {
        self::assertSame(
            'Round 8: at stitch 3 work dec in place of sc. Then it has 30, as planned. The round with the mistake stays one stitch wider, 1.4 mm across.',
            self::goOn(Plans::of(Plans::ball(5)), 7, 1),
        );
        self::assertSame(
            'Round 5: at stitch 2 work inc in place of 2 sc; at stitch 6 work inc in place of 2 sc. Then it has 30, as planned.'
                .' The round with the mistake stays 2 stitches narrower, 0.11 in across.',
            self::goOn(Plans::of(Plans::ball(5), [], [], ['units' => 'imperial']), 4, -2),
        );
    }

    /** Eyes between rounds 7 and 8 lie on a round whose count is off; those of round 9 do not, as round 8 is right again. */
    public function testWhatIsPlacedThereIsCountedFromTheFront(): void
    {
        $with = static fn (int $round): string => self::goOn(
            Plans::of(Plans::ball(5), [], ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => $round, 'apart' => 5]]]), 7, 1,
        );
        self::assertStringEndsWith('across. What is placed there is counted from the front, to both sides, not from the marker.', $with(7));
        self::assertStringEndsWith('1.4 mm across.', $with(9));
    }

    /** A row has no round to be divided by. */
    public function testARowSaysHowMuchNarrowerItIs(): void
    {
        $plan = Plans::of(['Row 1: ch 11, 10 sc', 'Row 2: ch 1, sc across', 'Row 3: ch 1, sc across'], [], ['worked' => 'rows']);
        self::assertStringEndsWith('The row with the mistake stays one stitch narrower, 4.5 mm across.', self::goOn($plan, 2, -1));
    }

    private static function goOn(Plan $plan, int $round, int $by): string
    {
        $guide = GuideWriter::piece($plan, Analysis::of($plan)->pieces[0]);
        self::assertIsArray($guide['rounds']);
        self::assertIsArray($guide['slips']);
        self::assertIsArray($stays = $guide['slips']['stays']);
        $of = $guide['rounds'][$round - 1];
        self::assertIsArray($of);
        self::assertIsArray($of['slips']);
        foreach ($of['slips'] as $slip) {
            if (\is_array($slip) && $by === $slip['by']) {
                self::assertIsString($goOn = $slip['goOn'] ?? null);
                self::assertIsInt($at = $slip['stays'] ?? null);
                self::assertIsString($sentence = $stays[$at] ?? null);

                return "{$goOn} {$sentence}";
            }
        }
        self::fail("Round {$round} has no slip of {$by}.");
    }
}

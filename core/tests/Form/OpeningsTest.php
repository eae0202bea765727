<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Analysis;
use Alternum\Core\Form\Openings;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Severity;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\SideWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Until when fingers get through: common practice, no source. */
final class OpeningsTest extends TestCase
{
    /** A body, a neck of twelve and a head: from the head nobody reaches through the neck. */
    private const NECKED = [6, 12, 18, 24, 24, 18, 12, 12, 18, 24, 24, 18, 12, 6];

    /** mm wide: a stitch at 22 in 10 cm. */
    private const DK = 100 / 22;

    /** Fingers pass where it is about 80 mm around: eighteen stitches of DK, fewer thick ones, more thin ones. Common practice, no source. */
    #[TestWith([22.0, 18])]
    #[TestWith([12.0, 10])]
    #[TestWith([32.0, 26])]
    public function testTheLeastOpeningIsTakenFromTheGauge(float $stitchesPer10cm, int $least): void
    {
        self::assertSame($least, (new Openings([], 100 / $stitchesPer10cm))->least());
    }

    /** By hand, on those rounds. */
    #[TestWith([1, 6])]
    #[TestWith([4, 6])]
    #[TestWith([5, 6])]
    #[TestWith([6, 6])]
    #[TestWith([9, 12])]
    #[TestWith([10, 12])]
    #[TestWith([11, 12])]
    public function testReachIsTheNarrowestOpeningStillToCome(int $round, int $deadline): void
    {
        self::assertSame($deadline, (new Openings(self::NECKED, self::DK))->deadline($round));
    }

    /** What lies in the neck, or after the last wide round, is reached from nowhere. */
    #[TestWith([7, false])]
    #[TestWith([8, false])]
    #[TestWith([6, false])]
    #[TestWith([12, false])]
    #[TestWith([13, false])]
    #[TestWith([5, true])]
    #[TestWith([9, true])]
    #[TestWith([11, true])]
    public function testWhatIsOutOfReach(int $round, bool $reaches): void
    {
        self::assertSame($reaches, (new Openings(self::NECKED, self::DK))->reaches($round));
    }

    /** An open end is reached into to the last; into what was never wide no hand gets; a closed end has a deepest round. */
    public function testEnds(): void
    {
        self::assertNull((new Openings([6, 12, 18, 24, 24], self::DK))->deadline(4));
        self::assertSame(0, (new Openings([6, 12, 12, 6], self::DK))->deadline(2));
        self::assertSame(11, (new Openings(self::NECKED, self::DK))->deepest());
        self::assertNull((new Openings([6, 12, 18, 24, 24], self::DK))->deepest());
        self::assertNull((new Openings([], self::DK))->deepest());
        // At the back of rows a hand is at any time, however few stitches they have.
        self::assertNull(Openings::flat()->deadline(2));
        self::assertTrue(Openings::flat()->reaches(2));
    }

    /** Eyes with washers below a neck are told before the neck is worked, not when the head closes. */
    public function testEyesBelowANeck(): void
    {
        $lines = [
            '6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-8: sc around', '(sc, dec) x6', 'sc around', '(sc, inc) x6',
            'R12-16: sc around', '(sc, dec) x6', 'dec x6',
        ];
        $eyes = static fn (int $round): Analysis => Analysis::of(Plans::of(
            $lines,
            [],
            ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => $round, 'apart' => 4]]],
        ));
        self::assertContains(
            'Insert it once the round above is worked, and by round 8, while fingers still fit.',
            PlacingWords::remarks($eyes(6)->pieces[0]->placing->placed[0], SideWords::of(false)),
        );
        self::assertContains(
            'Insert it once the round above is worked, and by round 16, while fingers still fit.',
            PlacingWords::remarks($eyes(13)->pieces[0]->placing->placed[0], SideWords::of(false)),
        );
        $closed = $eyes(17);
        self::assertSame(Severity::Error, $closed->problems[0]->severity);
        self::assertStringStartsWith('pieces[0].placements[0]', (string) $closed->problems[0]->path);
    }

    /** In the steps, eyes that are out of reach are told as an error, never as something to set now. */
    public function testTheStepsDoNotSetWhatIsOutOfReach(): void
    {
        $lines = ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-8: sc around', '(sc, dec) x6', 'dec x6'];
        $told = static function (int $round) use ($lines): string {
            $plan = Plans::of($lines, [], ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => $round, 'apart' => 2]]]);

            return implode("\n", array_map(static fn (array $step): string => "{$step['kind']} {$step['text']} {$step['trouble']}", WrittenSteps::all($plan)));
        };
        self::assertStringContainsString('eyes Set the eyes', $told(6));
        self::assertStringNotContainsString('eyes Set', $told(9));
        self::assertStringContainsString('thread Sew or embroider the eyes between rounds 9 and 10, after', $told(9));
    }

    /** The maker’s own words can come too late, too: an error at their place, and in the steps. Sewn on, eyes never do. */
    public function testWordsThatSetEyesTooLate(): void
    {
        $lines = ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-8: sc around', '(sc, dec) x6', 'dec x6'];
        $late = Plans::of([...$lines, 'Insert the safety eyes.']);
        $problems = Analysis::of($late)->problems;
        self::assertSame(
            ['After round 8 no fingers get in, so eyes cannot be set from inside after round 10.'],
            array_map(static fn (Problem $problem): string => MessageWords::says($problem->message), $problems),
        );
        self::assertSame([7, Severity::Error], [$problems[0]->line, $problems[0]->severity]);
        self::assertStringContainsString('No fingers get in any more', (string) (WrittenSteps::only(WrittenSteps::all($late), 'eyes')[0]['trouble'] ?? ''));
        self::assertSame([], Analysis::of(Plans::of([...$lines, 'Sew on the eyes.']))->problems);
        array_splice($lines, 4, 0, ['Insert the safety eyes.']);
        self::assertSame([], Analysis::of(Plans::of($lines))->problems);
    }
}

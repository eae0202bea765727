<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Place\FaceCheck;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What comes into a face that is to stay plain: by hand, on a tube of 24 stitches, 15 degrees each. */
final class FaceCheckTest extends TestCase
{
    /** @param list<array<mixed>> $colours */
    private static function face(float $degrees, array $colours): FaceCheck
    {
        $face = ['from' => 4, 'to' => 6, 'degrees' => $degrees];
        $plan = Plans::of(['24 sc in MR', 'R2-9: sc around'], [['kind' => 'fill', 'yarn' => 'A'], ...$colours], ['face' => $face]);

        return Analysis::of($plan)->pieces[0]->face();
    }

    /** Of a face all around no other side would do; a stitch less, and there is one. */
    public function testAFaceAllAroundHasNoOtherSide(): void
    {
        self::assertTrue(self::face(360.0, [])->isAllAround);
        self::assertFalse(self::face(345.0, [])->isAllAround);
    }

    /** A band of round 5 steps at the ends of rounds 4 and 5, at the back. A spot parts the face where it lies in its rounds and its breadth. */
    public function testWhatPartsAFace(): void
    {
        $band = [Plans::stripes(5, 5, [['B', 1]])];
        self::assertSame([[], []], [self::face(90.0, $band)->parted, self::face(90.0, $band)->steps]);
        self::assertSame([4, 5], self::face(360.0, $band)->steps);
        $spot = [['kind' => 'run', 'round' => 6, 'from' => 12, 'to' => 13, 'yarn' => 'B']];
        self::assertSame([6], self::face(90.0, $spot)->parted);
        self::assertSame([], self::face(90.0, [['round' => 7] + $spot[0]])->parted);
        self::assertSame([], self::face(90.0, [['round' => 3] + $spot[0]])->parted);
        self::assertSame([], self::face(90.0, [['from' => 24, 'to' => 24] + $spot[0]])->parted);
    }
}

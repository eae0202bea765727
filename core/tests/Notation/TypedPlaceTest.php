<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Notation\TypedPlace;
use Alternum\Core\Plan\Across;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\WhereWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The line that says where something is can be typed over. */
final class TypedPlaceTest extends TestCase
{
    private static function plan(): Plan
    {
        return Plans::of(Plans::ball(6), [], ['placements' => [
            ['key' => 'p1', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => 6],
            ['key' => 'p2', 'kind' => 'other', 'name' => 'Left fin', 'anchor' => 'round', 'number' => 8, 'stitches' => 4],
            ['key' => 'p3', 'kind' => 'buttons', 'anchor' => 'round', 'number' => 5],
        ]]);
    }

    /** Whatever is said of a place is read back as that place, whichever end is up: 600 of them by chance. */
    public function testWhatIsSaidIsReadBack(): void
    {
        mt_srand(282);
        $plan = self::plan();
        $named = ['eyes' => 'p1', 'left fin' => 'p2'];
        for ($i = 0; $i < 600; ++$i) {
            $anchor = Anchor::cases()[mt_rand(0, \count(Anchor::cases()) - 1)];
            $across = [Across::front(), Across::seam(), Across::beside('p1'), Across::mirror('p2'), Across::increase(mt_rand(1, 23))][mt_rand(0, 4)];
            $place = new Place(
                anchor: $anchor,
                number: $anchor->isNumbered() ? mt_rand(1, Anchor::Pole === $anchor ? 2 : 25) : 1,
                of: Anchor::Placement === $anchor ? ['p1', 'p2'][mt_rand(0, 1)] : '',
                offset: Anchor::Round === $anchor ? 0 : mt_rand(-3, 3),
                isWithin: Anchor::Round === $anchor && 0 === mt_rand(0, 1),
                fromFront: 0 === mt_rand(0, 1) ? 0.0 : mt_rand(-360, 360) / 2,
                stitches: 0 === mt_rand(0, 1) ? 0.0 : mt_rand(-20, 20) / 2,
                apart: 0 === mt_rand(0, 1) ? null : mt_rand(2, 20) / 2,
                across: $across,
            );
            foreach ([1, -1] as $up) {
                $said = WhereWords::said($plan, 'body', $place, $up);
                self::assertEquals($place, TypedPlace::read($said, $named, $up, new Place(Anchor::Widest)), $said);
            }
        }
    }

    /** As a maker types it, too. */
    #[TestWith(['R9', 'round 9'])]
    #[TestWith(['after round 9', 'between rounds 9 and 10'])]
    #[TestWith(['between R9 and R10, 7 sts apart', 'between rounds 9 and 10, 7 stitches apart'])]
    #[TestWith(['2 rounds below the eyes.', '2 rounds below the eyes'])]
    #[TestWith(['in line with eyes, 3 sts back', 'in line with the eyes, 3 stitches back from the middle'])]
    #[TestWith(['2nd round of stripe 3, 90 degrees on', 'second round of stripe 3, 90° on from the middle'])]
    public function testAsItIsTyped(string $typed, string $said): void
    {
        $read = TypedPlace::read($typed, ['eyes' => 'p1'], -1, new Place(Anchor::Widest));
        self::assertNotNull($read);
        self::assertSame($said, WhereWords::said(self::plan(), 'body', $read, -1));
    }

    /** Typed over on the bench it moves what it is said of; words that say no place are refused, and nothing is moved. */
    public function testItIsAnEdit(): void
    {
        $say = static fn (string $said): Plan => EditKinds::read(['do' => 'nudge', 'piece' => 'body', 'key' => 'p3', 'said' => $said], '')->apply(self::plan());
        $place = $say('1 round above the eyes, mirrored from the left fin')->pieces[0]->placements[2]->place;
        self::assertEquals([Anchor::Placement, 'p1', -1, Across::mirror('p2')], [$place->anchor, $place->of, $place->offset, $place->across]);
        foreach (['somewhere nice', 'in line with the wheels', 'between rounds 9 and 10, a bit to the left', 'zeroth round of stripe 2'] as $nowhere) {
            try {
                $say($nowhere);
                self::fail($nowhere);
            } catch (EditRefused $no) {
                self::assertSame('place.unread', $no->says->code);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\AddPart;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\UsualPart;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How parts are beside a body: common practice, no source. */
final class AddPartTest extends TestCase
{
    /** An increase round of six more is 6 × 4.545 mm / π = 8.7 mm wider: no width is nearer than half of that. */
    private const STEP_MM = 8.7;

    /** @return iterable<string, array{UsualPart, int, bool, float, float|null}> copies, whether it is open at its end, width and length to the body's */
    public static function parts(): iterable
    {
        yield 'leg' => [UsualPart::Leg, 2, true, 0.35, 0.5];
        yield 'arm' => [UsualPart::Arm, 2, true, 0.28, 0.5];
        yield 'tail' => [UsualPart::Tail, 1, true, 0.28, 0.5];
        yield 'ear' => [UsualPart::Ear, 2, true, 0.35, null];
        yield 'head' => [UsualPart::Head, 1, false, 0.9, null];
    }

    #[DataProvider('parts')]
    public function testItIsInProportionToTheBody(UsualPart $part, int $copies, bool $isOpen, float $wide, ?float $long): void
    {
        $plan = Plans::of(Plans::ball(8));
        $body = Analysis::of($plan)->pieces[0]->form;
        $after = (new AddPart($part, 'new', 'New'))->apply($plan);
        $analysis = Analysis::of($after);
        self::assertSame([], $analysis->problems);
        [, $piece] = $analysis->pieces;
        self::assertSame(['new', 'New', $copies], [$piece->piece->key, $piece->piece->name, $piece->piece->copies->count]);
        self::assertEqualsWithDelta($wide * $body->width, $piece->form->width, self::STEP_MM);
        if (null !== $long) {
            self::assertEqualsWithDelta($long * $body->height, $piece->form->height, 10.0 / 24 * 10 * 1.5);
        }
        $counts = $piece->stages->frame->counts;
        self::assertSame(6, $counts[0]);
        self::assertSame($isOpen, 6 !== $counts[\count($counts) - 1], 'What is sewn on is left open; a head is closed.');
        self::assertEquals($plan->pieces[0], $after->pieces[0]);
    }

    /** The body is what has most in it, whichever piece comes first and however many stitches it has. */
    public function testTheLargestPieceIsTheBody(): void
    {
        $small = Plans::of(Plans::ball(2));
        $large = Plans::of(Plans::ball(8));
        $both = $small->withPieces([$small->pieces[0], $large->pieces[0]->again('belly', 'Belly')]);
        self::assertSame($this->leg($large), $this->leg($both));
        self::assertNotSame($this->leg($small), $this->leg($both));
    }

    public function testWithoutABodyItIsOfAnUsualSize(): void
    {
        self::assertNotSame([], $this->leg(Plans::of([])));
    }

    public function testNoKeyIsGivenTwice(): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('edit.sameKey');
        (new AddPart(UsualPart::Leg, 'body', 'Leg'))->apply(Plans::of(Plans::ball(5)));
    }

    /** @return list<string> */
    private function leg(Plan $plan): array
    {
        return (new AddPart(UsualPart::Leg, 'leg', 'Leg'))->apply($plan)->piece('leg')->rounds ?? [];
    }
}

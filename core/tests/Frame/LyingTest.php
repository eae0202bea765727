<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Frame;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\KeepFace;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Frame\EndReason;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\EndWords;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\SideWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece that lies: round 1 is its face or its tail, degrees count from the middle of its back, the underside is hidden. Common practice, no source. */
final class LyingTest extends TestCase
{
    private const BODY = ['R1: 6 sc in MR', 'R2: 6 inc', 'R3: [1 sc, inc] x6', 'R4-9: sc in each st around', 'R10: [1 sc, dec] x6', 'R11: 6 dec'];

    #[DataProvider('ends')]
    public function testHeedsTheWordsThatSayTheEnd(string $said, ?FirstRound $end): void
    {
        $piece = Analysis::of(Plans::of(["# {$said}", ...self::BODY]))->pieces[0];
        self::assertSame($end ?? FirstRound::Top, $piece->stages->end->firstRound);
        self::assertSame(null === $end ? EndReason::Usual : EndReason::Typed, $piece->stages->end->reason);
        // As a later remark it is about something else.
        self::assertSame(EndReason::Usual, Analysis::of(Plans::of([...self::BODY, "# {$said}"]))->pieces[0]->stages->end->reason);
    }

    /** @return iterable<string, array{string, FirstRound|null}> */
    public static function ends(): iterable
    {
        foreach ([
            ['Worked from nose to tail.', FirstRound::Face],
            ['The body is worked from the tip of the snout to the rump', FirstRound::Face],
            ['start at the nose', FirstRound::Face],
            ['begin with the snout', FirstRound::Face],
            ['Round 1 is the face.', FirstRound::Face],
            ['from the tail end towards the head', FirstRound::Tail],
            ['begin at the tail', FirstRound::Tail],
            ['starting from the rump', FirstRound::Tail],
            ['worked top down', FirstRound::Top],
            ['start at the top of the head', FirstRound::Top],
            ['worked from the bottom up', FirstRound::Bottom],
            ['begin at the base', FirstRound::Bottom],
            ['leave a long starting tail', null],
            ['work tightly', null],
            ['sew the tail to the body', null],
            ['start with B', null],
        ] as [$said, $end]) {
            yield $said => [$said, $end];
        }
    }

    /**
     * By hand: the same jog, of a piece that stands and of one that lies, with its front 30°, 100° and 170° away.
     *
     * @param non-empty-string $standing
     * @param non-empty-string $lying
     */
    #[DataProvider('sides')]
    public function testAJogIsSaidByTheSidesOfWhatLies(int $away, string $standing, string $lying): void
    {
        $said = static function (string $end) use ($away): string {
            $plan = static fn (float $front): Analysis => Analysis::of(Plans::of(
                self::BODY,
                [Plans::stripes(6, 8, [['B', 3]])],
                ['firstRound' => $end, 'front' => ['degrees' => $front], 'changes' => ['method' => 'plain']],
            ));
            $jog = $plan(0.0)->pieces[0]->changes->jogs()[0]->place->degrees;
            $piece = $plan(fmod($jog + $away, 360.0));

            return Plans::changeWords($piece->plan, $piece->pieces[0], Terms::Us)->summary($piece->pieces[0]->changes->jogs()[0]);
        };
        self::assertStringEndsWith($standing, $said('bottom'));
        self::assertStringEndsWith($lying, $said('tail'));
    }

    /** @return iterable<string, array{int, non-empty-string, non-empty-string}> */
    public static function sides(): iterable
    {
        yield 'seen' => [30, ', shows, 30° from the front', ', shows, 30° from the middle of the back'];
        yield 'at the side' => [
            100,
            ', not seen from the front; shows from the side, 100° from the front',
            ', not seen from above; shows from the side, 100° from the middle of the back',
        ];
        yield 'hidden' => [170, ', at the back', ', on the underside'];
    }

    public function testTheFaceOfWhatLiesIsAllAroundItsEnd(): void
    {
        $face = static fn (string $end): ?array => (new KeepFace('body', null, null))
            ->apply(Plans::of(self::BODY, [], ['firstRound' => $end]))->pieces[0]->face?->values();
        // Eleven rounds: three of them, of whichever end the face is at; of what stands the middle third, 100° wide.
        self::assertSame(['from' => 1, 'to' => 3, 'degrees' => 360], $face('face'));
        self::assertSame(['from' => 9, 'to' => 11, 'degrees' => 360], $face('tail'));
        self::assertSame(['from' => 4, 'to' => 7, 'degrees' => 100], $face('top'));

        $plan = (new KeepFace('body', null, 5))->apply(Plans::of(self::BODY, [Plans::stripes(3, 8, [['B', 6]])], ['firstRound' => 'face']));
        $check = Analysis::of($plan)->pieces[0]->face();
        self::assertSame(['The jog after round 2 lies in the face. Change the yarn outside it.'], PieceWords::face($check, SideWords::of(true)));
    }

    public function testItIsDrawnWithItsFaceAboveAndSaidSo(): void
    {
        $piece = static fn (string $end): PieceAnalysis => Analysis::of(Plans::of(self::BODY, [], ['firstRound' => $end]))->pieces[0];
        self::assertTrue($piece('face')->stages->frame->beginsAtTop());
        self::assertFalse($piece('tail')->stages->frame->beginsAtTop());
        self::assertTrue($piece('tail')->stages->frame->lies());
        self::assertFalse($piece('bottom')->stages->frame->lies());
        self::assertSame('Round 1 is the end with the tail.', EndWords::of($piece('tail')->stages->end));
        // Seen from above with the face above, right hands work as on what stands with round 1 at the same end.
        foreach ([['face', 'top'], ['tail', 'bottom']] as [$lies, $stands]) {
            self::assertSame($piece($stands)->stages->frame->runsLeft(3), $piece($lies)->stages->frame->runsLeft(3));
        }
    }

    public function testThePatternSaysItAndIsReadBack(): void
    {
        foreach (['face' => 'from the face to the tail', 'tail' => 'from the tail to the face'] as $end => $words) {
            $plan = Plans::of(self::BODY, [], ['firstRound' => $end, 'name' => 'Badger', 'placements' => [
                ['kind' => 'eyes', 'anchor' => 'round', 'number' => 3, 'apart' => 4],
            ]]);
            $text = WrittenPattern::text(Analysis::of($plan), Terms::Us);
            self::assertStringContainsString("BADGER (make 1; {$words})", $text);
            self::assertMatchesRegularExpression('/^Size: about [\d.]+ cm long, [\d.]+ cm wide, when stuffed$/m', $text);
            self::assertMatchesRegularExpression('/^Middle of the back: where stitch \d+ of round 3 lies\.$/m', $text);
            $pasted = (new Paste('', $text))->apply($plan->withPieces([]));
            $badger = array_values(array_filter($pasted->pieces, static fn (Piece $one): bool => 'Badger' === $one->name))[0];
            self::assertSame(FirstRound::from($end), $badger->firstRound);
        }
    }

    public function testWhereItCannotLieThatIsTold(): void
    {
        $notes = static fn (array $piece): array => array_values(array_filter(array_map(
            static fn ($problem): string => MessageWords::says($problem->message),
            Analysis::of(Plans::of(self::BODY, [], $piece))->problems,
        ), static fn (string $said): bool => str_contains($said, 'lies') || str_contains($said, 'face end')));
        self::assertSame([], $notes(['firstRound' => 'face']));
        self::assertSame(
            ['A piece that lies has no base to stand on, so one end of it is drawn flat.'],
            $notes(['firstRound' => 'face', 'finish' => ['end' => 'front-loops', 'drawn' => ['base' => true]]]),
        );
    }
}

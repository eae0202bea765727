<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\CueGrammar;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Tail;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sentences as makers write them; common practice, no source. */
final class CueGrammarTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> what each means, as far as it is asked here */
    public static function sentences(): iterable
    {
        yield 'Stuff firmly.' => [['stuffs' => true, 'beginsStuffing' => true, 'firmness' => Firmness::Firm, 'end' => null]];
        yield 'Do not stuff.' => [['stuffs' => true, 'beginsStuffing' => false, 'firmness' => Firmness::None]];
        yield 'Fill it half' => [['stuffs' => true, 'firmness' => Firmness::Half]];
        yield 'Stuff lightly, leave the tip empty.' => [['firmness' => Firmness::Light, 'clear' => 'the tip']];
        yield 'Tuck the stuffing in' => [['stuffs' => false]];
        yield 'Fasten off, leaving a 30 cm tail for sewing.' => [['fastens' => true, 'end' => PieceEnd::Sewn]];
        yield 'FO' => [['fastens' => true, 'end' => null]];
        yield 'Thread it through the front loops, pull tight' => [['end' => PieceEnd::FrontLoops]];
        yield 'Weave through every second front loop and pull closed' => [['end' => PieceEnd::EverySecond]];
        yield 'Go through the front loops twice and pull closed' => [['end' => PieceEnd::Twice]];
        yield 'Press flat and sc through both sides' => [['end' => PieceEnd::Flat]];
        yield 'Sew it on flat' => [['end' => PieceEnd::Sewn]];
        yield 'Finish with an invisible join' => [['end' => PieceEnd::NeedleJoin]];
        yield 'Leave it open' => [['end' => PieceEnd::Open]];
        yield 'Pull the ring closed' => [['tightensRing' => true, 'ringWaits' => false, 'end' => null]];
        yield 'Tighten the ring after round 2' => [['tightensRing' => true, 'ringWaits' => true]];
        yield 'Crochet over the starting tail' => [['isOfStart' => true, 'start' => Tail::Over]];
        yield 'Leave the beginning tail outside, to hang it by' => [['isOfStart' => true, 'start' => Tail::Keep]];
        yield 'Turn right side out' => [['turnsOut' => true]];
        yield 'Turn' => [['turnsOut' => false]];
        yield 'Glue the felt on' => [['glues' => true, 'embroiders' => false]];
        yield 'Embroider a mouth' => [['embroiders' => true]];
        yield 'Insert the eyes' => [['setsFromInside' => true, 'place' => null]];
        yield 'Embroider the eyes' => [['setsFromInside' => false]];
        yield 'Place the eyes between rounds 5 and 6' => [['setsFromInside' => false]];
        yield 'Eyes between rounds 5 and 9' => [['place' => null]];
    }

    /** @param array<string, mixed> $means */
    #[DataProvider('sentences')]
    public function testMeans(array $means): void
    {
        $meaning = CueGrammar::of((string) $this->dataName());
        self::assertSame($means, array_intersect_key(array_replace($means, get_object_vars($meaning)), $means));
    }

    public function testWhereAndHowFar(): void
    {
        $place = CueGrammar::of('Set the eyes between rnds 11 & 12, 7 sts apart')->place;
        self::assertSame(['eye', 11, '7'], [$place?->what, $place?->round, $place?->apart]);
        $tail = CueGrammar::of('Leave a 12-inch tail')->tail;
        self::assertSame([30.5, '12 in'], [$tail?->cm, $tail?->words], '12 × 2.54');
        self::assertSame(6, CueGrammar::of('Take the tail from pole to pole 6 times')->drawn?->segments);
        self::assertSame(16, CueGrammar::of('Take the tail through the middle 20 times')->drawn?->segments, 'More than 16 grooves are none.');
        self::assertSame(1, CueGrammar::of('Take the tail through the centre')->drawn?->segments);
        self::assertTrue(CueGrammar::of('Draw the base flat')->drawn?->base);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\SaidEnd;
use Alternum\Core\Notation\SaidJoin;
use Alternum\Core\Notation\SaidWorked;
use Alternum\Core\Notation\Shorthand;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What sentences around the rounds say; each as makers write it. */
final class SaidWordsTest extends TestCase
{
    #[TestWith(['Work the body from the top down.', FirstRound::Top])]
    #[TestWith(['Worked top-down in a spiral', FirstRound::Top])]
    #[TestWith(['Start at the crown', FirstRound::Top])]
    #[TestWith(['This is worked bottom up', FirstRound::Bottom])]
    #[TestWith(['Begin at the base', FirstRound::Bottom])]
    #[TestWith(['Worked from nose to tail', FirstRound::Face])]
    #[TestWith(['Starting at the tip of the nose', FirstRound::Face])]
    #[TestWith(['Round 1 is the snout', FirstRound::Face])]
    #[TestWith(['Worked from the tail up to the head', FirstRound::Tail])]
    #[TestWith(['Beginning at the rump', FirstRound::Tail])]
    #[TestWith(['Round 1 is the tail', FirstRound::Tail])]
    #[TestWith(['Sew the tail to the top', null])]
    #[TestWith(['Work 6 sc', null])]
    public function testWhichEndAPieceBeginsAt(string $says, ?FirstRound $begins): void
    {
        self::assertSame($begins, SaidEnd::in($says));
    }

    /** What a heading says beside the piece's name, and what that means. */
    #[TestWith(['make 1; in rows', 'in rows', Worked::Rows])]
    #[TestWith(['worked flat, in rows', 'worked flat, in rows', Worked::Rows])]
    #[TestWith(['in cream, worked in rows', 'worked in rows', Worked::Rows])]
    #[TestWith(['rows', 'rows', Worked::Rows])]
    #[TestWith(['in joined rounds; from the top down', 'in joined rounds', Worked::Joined])]
    #[TestWith(['2, in a spiral', 'in a spiral', Worked::Spiral])]
    #[TestWith(['continuous spiral', 'continuous spiral', Worked::Spiral])]
    #[TestWith(['in cream', null, null])]
    #[TestWith(['narrows at the end', null, null])]
    public function testHowAHeadingSaysAPieceIsWorked(string $says, ?string $phrase, ?Worked $worked): void
    {
        self::assertSame($phrase, SaidWorked::phrase($says));
        self::assertSame($worked, null === $phrase ? null : SaidWorked::in($phrase));
    }

    /** Rows that a sentence counts are none that the piece is worked in. */
    public function testASentenceAboutRowsSaysNothingOfThePiece(): void
    {
        self::assertNull(SaidWorked::in('Rows 3 and 4 of the head are told apart by their colour'));
        self::assertSame(Worked::Rows, SaidWorked::in('This piece is worked back and forth in rows'));
        self::assertSame(Worked::Spiral, SaidWorked::in('Do not join the rounds'));
        self::assertSame(Worked::Joined, SaidWorked::in('Join each round with a sl st'));
    }

    /** A list of abbreviations is no round; a word of the notation keeps its meaning. */
    public function testAWordOfItsOwnIsExplained(): void
    {
        $words = Shorthand::of(['m = single crochet', 'zu: increase', 'sc = double crochet'], Vocabulary::of(Terms::Us));
        self::assertSame(['m' => 'sc', 'zu' => 'inc'], $words->words);
        self::assertTrue($words->explains('m = single crochet'));
        self::assertTrue($words->explains('ZU: increase'));
        self::assertFalse($words->explains('q = single crochet'));
        self::assertFalse($words->explains('R3: (m, zu) x6'));
        self::assertFalse(Shorthand::none()->explains('m = single crochet'));
        self::assertSame('R3: (sc, inc) x6', $words->spelled('R3: (m, zu) x6'));
    }

    /**
     * Of two names of which one holds the other the longer is meant, in whatever order the pieces come.
     *
     * @param list<string> $names
     */
    #[TestWith([['head', 'head fin']])]
    #[TestWith([['head fin', 'head']])]
    public function testTheLongerNameIsMeant(array $names): void
    {
        self::assertSame('head fin', SaidJoin::in('Sew the spike to the head fin between rounds 2 and 3', $names)?->onto);
        self::assertSame('head', SaidJoin::in('Sew the spike to the head between rounds 2 and 3', $names)?->onto);
    }

    public function testTheRoundsOfASentence(): void
    {
        $said = SaidJoin::in('Sew both wings to the body between rounds 5 and 6, 8 sts apart', ['body']);
        self::assertSame([[5, 6], 8, 'body'], [$said?->rounds, $said?->apart, $said?->onto]);
    }
}

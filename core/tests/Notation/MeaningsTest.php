<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Meaning;
use Alternum\Core\Notation\MeaningKind;
use Alternum\Core\Notation\Meanings;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Notation\PlainText;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\MeaningWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every token has a meaning or a doubt: nothing that is typed is dropped. */
final class MeaningsTest extends TestCase
{
    /** @return list<Meaning> */
    private static function of(string $line, Terms $terms = Terms::Us): array
    {
        return Meanings::of($line, Parser::of($terms)->line($line));
    }

    private static function assertCovered(string $line, Terms $terms): void
    {
        $lines = Parser::of($terms)->line($line)->lines;
        foreach ([] === $lines ? [null] : $lines as $taken) {
            $covered = array_fill(0, mb_strlen($line) + 1, false);
            foreach (Meanings::of($line, Parser::of($terms)->line($line), $taken) as $meaning) {
                for ($at = $meaning->span->from; $at < $meaning->span->end; ++$at) {
                    $covered[$at] = true;
                }
            }
            // Blanks, list marks and what markup pads with stand for nothing.
            foreach (str_split(PlainText::of($line)) as $at => $sign) {
                self::assertTrue($covered[$at] || ' ' === $sign, "“{$sign}” at {$at} of: {$line}");
            }
        }
    }

    public function testEveryTokenOfManyPatternsHasAMeaningOrADoubt(): void
    {
        foreach (WholePatterns::all() as $pattern) {
            foreach ($pattern->lines as $line) {
                self::assertCovered($line, $pattern->terms);
            }
        }
    }

    public function testSoHasEveryTokenOfRandomTexts(): void
    {
        mt_srand(23);
        $words = [
            'R1:', 'Rnd', '6', 'sc', 'in', 'MR', '(', ')', '[', ']', 'x6', 'inc', 'dec', ',', 'around', '-', '12', '*', 'with',
            'B', ':', 'ch 2', 'each', 'st', 'next', 'same', 'BLO', 'rep from *', 'twice', '=', 'stuff', '.', 'turn', 'join',
            'sl st', 'to', 'first', 'change to', 'white', 'until', 'you have', '18 sts', 'eyes', 'repeat', 'round 3', 'the', 'and',
            '2nd', 'ch from hook', '(12)', 'A', 'evenly', 'last', ';', 'through both layers', 'even', 'hdc', 'place marker',
        ];
        for ($i = 0; $i < 4000; ++$i) {
            $line = implode(' ', array_map(static fn (): string => $words[mt_rand(0, \count($words) - 1)], range(0, mt_rand(1, 16))));
            self::assertCovered($line, Terms::Us);
        }
    }

    #[TestWith(['R4: (2 sc, inc) x6 (24)', 6, '6 repeats of: 2 sc, then 2 sc in one stitch.'])]
    #[TestWith(['R4: (2 sc, inc) x6 (24)', 1, 'Round 4.'])]
    #[TestWith(['R4: (2 sc, inc) x6 (24)', 21, 'The round makes 24.'])]
    #[TestWith(['R4-7: sc around', 7, 'Sc in each that is left.'])]
    #[TestWith(['R4: sc, inc, repeat around', 10, 'As often as there is room: sc, then 2 sc in one stitch.'])]
    #[TestWith(['R4: 3 sc, change to B in last st, 3 sc', 15, 'From here on yarn B.'])]
    #[TestWith(['Repeat round 3 three more times', 4, 'Whole rounds: as round 3, 3 times more.'])]
    #[TestWith(['R3: sc around. Place eyes now.', 18, 'Kept for the making: Place eyes now'])]
    public function testSaysWhatIsAtThePlace(string $line, int $at, string $says): void
    {
        $here = array_values(array_filter(self::of($line), static fn (Meaning $meaning): bool => $meaning->span->holds($at)));
        self::assertSame($says, (new MeaningWords(Terms::Us))->says($here[0]));
    }

    public function testWhatIsNotUnderstoodIsADoubt(): void
    {
        $meanings = self::of('R4: (2 sc, wobbly) x6');
        self::assertSame([MeaningKind::Understood, MeaningKind::Doubt], array_map(static fn (Meaning $meaning): MeaningKind => $meaning->kind, $meanings));
        self::assertStringContainsString('wobbly', (new MeaningWords(Terms::Us))->says($meanings[1]));
        self::assertSame([MeaningKind::Remark], array_map(static fn (Meaning $meaning): MeaningKind => $meaning->kind, self::of('# a remark')));
    }
}

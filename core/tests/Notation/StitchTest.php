<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Terms;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The stitches against the design's table; its figures are from memory until measured. */
final class StitchTest extends TestCase
{
    /** Uses, makes, height and yarn against a single crochet. */
    #[TestWith([Stitch::Single, 1, 1, 1.0, 1.0])]
    #[TestWith([Stitch::Increase, 1, 2, 1.0, 2.0])]
    #[TestWith([Stitch::Decrease, 2, 1, 1.0, 1.5])]
    #[TestWith([Stitch::InvisibleDecrease, 2, 1, 1.0, 1.1])]
    #[TestWith([Stitch::Chain, 0, 1, 1.0, 0.5])]
    #[TestWith([Stitch::Skip, 1, 0, 0.0, 0.0])]
    #[TestWith([Stitch::SlipStitch, 1, 1, 0.35, 0.55])]
    #[TestWith([Stitch::HalfDouble, 1, 1, 1.5, 1.35])]
    #[TestWith([Stitch::Double, 1, 1, 2.0, 1.7])]
    #[TestWith([Stitch::Treble, 1, 1, 3.0, 2.2])]
    #[TestWith([Stitch::Bobble, 1, 1, 2.0, 6.5])]
    #[TestWith([Stitch::ThreeIn, 1, 3, 1.0, 3.0])]
    #[TestWith([Stitch::HalfDoubleIncrease, 1, 2, 1.5, 2.7])]
    #[TestWith([Stitch::SingleThreeTogether, 3, 1, 1.0, 2.0])]
    #[TestWith([Stitch::DoubleDecrease, 2, 1, 2.0, 2.9])]
    #[TestWith([Stitch::HalfDoubleDecrease, 2, 1, 1.5, 2.2])]
    #[TestWith([Stitch::DoubleThreeTogether, 3, 1, 2.0, 4.1])]
    #[TestWith([Stitch::Puff, 1, 1, 1.5, 4.0])]
    #[TestWith([Stitch::Popcorn, 1, 1, 2.0, 8.5])]
    public function testTable(Stitch $stitch, int $uses, int $makes, float $height, float $yarn): void
    {
        self::assertSame([$uses, $makes], [$stitch->uses(), $stitch->makes()]);
        self::assertEqualsWithDelta([$height, $yarn], [$stitch->height(), $stitch->yarnFactor()], 1e-9);
    }

    public function testEveryStitchHasAByteAndAWordOfItsOwn(): void
    {
        $codes = array_map(static fn (Stitch $stitch): string => $stitch->code(), Stitch::cases());
        self::assertSame($codes, array_unique($codes));
        self::assertSame([1], array_values(array_unique(array_map(strlen(...), $codes))));
        foreach (Stitch::cases() as $stitch) {
            self::assertSame($stitch, Stitch::ofCode($stitch->code()));
        }
        foreach (Terms::cases() as $terms) {
            $words = array_map(
                Vocabulary::of($terms)->abbreviation(...),
                array_filter(Stitch::cases(), static fn (Stitch $stitch): bool => $stitch->plain() === $stitch),
            );
            self::assertSame($words, array_unique($words));
        }
        $this->expectException(\OutOfRangeException::class);
        Stitch::ofCode('?');
    }

    /**
     * What a stitch is made of says its row: n in one take and make n times as much, n together save half a single crochet for each join, a post
     * takes a tenth more, and what goes where another went uses nothing. The design's rules; plain stitches by the design's table.
     */
    public function testEveryRowFollowsFromWhatItIsMadeOf(): void
    {
        $plain = [
            'sl st' => [0.55, 0.35], 'ch' => [0.5, 1.0], 'sc' => [1.0, 1.0], 'esc' => [1.25, 1.4], 'hdc' => [1.35, 1.5], 'dc' => [1.7, 2.0], 'tr' => [2.2, 3.0],
        ];
        $together = static fn (float $yarn, int $n): float => $n * $yarn - 0.5 * ($n - 1);
        $told = 0;
        foreach (Stitch::cases() as $stitch) {
            $name = $stitch->value;
            $form = '/^(fp|bp)?(sl st|ch|e?sc|hdc|dc|tr|bob|pop|inc|dec)? ?(?:inc(\d)?|(\d)tog|(\d))? ?(same|out|loop)?$/';
            preg_match($form, $name, $said, \PREG_UNMATCHED_AS_NULL);
            [, $post, $of, $in, $tog, $many, $beside] = array_pad($said, 7, null);
            $isIn = str_contains(" {$name}", ' inc');
            $base = ['inc' => 'sc', 'dec' => 'sc', 'bob' => 'dc', 'pop' => 'dc', null => null][$of] ?? $of ?? ($isIn ? 'sc' : null);
            if (null === $base || str_ends_with($name, 'both')) {
                continue;
            }
            [$yarn, $height] = $plain[$base];
            $n = (int) ($in ?? $tog ?? $many ?? ('bob' === $of || 'pop' === $of ? 5 : ($isIn || 'dec' === $of ? 2 : 1)));
            $row = match (true) {
                null !== $tog, 'dec' === $of => [$n, 1, $together($yarn, $n), $height],
                'bob' === $of => [1, 1, $together($yarn, $n), $height],
                'pop' === $of => [1, 1, $n * $yarn, $height],
                $isIn => [1, $n, $n * $yarn, $height],
                null !== $post => [1, 1, $yarn + 0.1, $height],
                default => ['ch' === $of ? 0 : 1, 1, $yarn, $height],
            };
            $row = match ($beside) {
                'same' => [0, $row[1], $row[2], $row[3]],
                // What stands out leaves no top, and lifts nothing.
                'out', 'loop' => [0, 0, $row[2], 1.0],
                default => $row,
            };
            self::assertEqualsWithDelta($row, [$stitch->uses(), $stitch->makes(), $stitch->yarnFactor(), $stitch->height()], 1e-9, $name);
            ++$told;
        }
        self::assertGreaterThan(55, $told);
    }

    /** Several in one stitch take and make what they would one by one. */
    public function testSeveralInOneAddUp(): void
    {
        foreach (Stitch::cases() as $stitch) {
            $tops = $stitch->tops();
            if (\strlen($tops) < 2) {
                continue;
            }
            $parts = array_map(Stitch::ofCode(...), str_split($tops));
            self::assertEqualsWithDelta(
                array_sum(array_map(static fn (Stitch $part): float => $part->yarnFactor(), $parts)),
                $stitch->yarnFactor(),
                0.011,
                $stitch->value,
            );
            self::assertSame(\count($parts), $stitch->makes());
        }
    }

    public function testSums(): void
    {
        $codes = Stitch::Single->code().Stitch::Increase->code().Stitch::Decrease->code().Stitch::Chain->code().Stitch::Skip->code();
        self::assertSame([5, 5], [Stitch::sumUses($codes), Stitch::sumMakes($codes)]);
        self::assertSame([0, 0], [Stitch::sumUses(''), Stitch::sumMakes('')]);
    }

    #[TestWith(['inv dec', Stitch::InvisibleDecrease, Terms::Us])]
    #[TestWith(['sc dec', Stitch::Decrease, Terms::Us])]
    #[TestWith(['dc dec', Stitch::DoubleDecrease, Terms::Us])]
    #[TestWith(['dc dec', Stitch::Decrease, Terms::Uk])]
    #[TestWith(['half treble crochet', Stitch::HalfDouble, Terms::Uk])]
    #[TestWith(['sc', null, Terms::Uk])]
    #[TestWith(['htr', null, Terms::Us])]
    public function testWords(string $name, ?Stitch $stitch, Terms $terms): void
    {
        self::assertSame($stitch, Vocabulary::of($terms)->stitch($name));
    }

    #[TestWith(['imc', 'inc'])]
    #[TestWith(['decc', 'dec'])]
    #[TestWith(['arond', 'around'])]
    #[TestWith(['wobble', 'bobble'])]
    #[TestWith(['qqqqqq', null])]
    public function testNearestWord(string $word, ?string $nearest): void
    {
        self::assertSame($nearest, Vocabulary::of(Terms::Us)->nearest($word));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A hook shuts an opening while the yarn is whole, a needle once it is cut: whichever way the maker’s words say it. Common practice, no source. */
final class ClosingOrderTest extends TestCase
{
    private const WING = ['5 sc in MR', 'inc x5', 'R3-7: sc around', '(3 sc, dec) x2 (8)', '(2 sc, dec) x2 (6)'];

    /** @return list<string> what is told of the end */
    private static function told(string $words): array
    {
        $plan = Plans::of([], plan: ['pieces' => [Plans::piece('body', ['6 sc in MR', 'inc x6'], []), Plans::piece('wing', [...self::WING, $words], [])]]);
        $piece = Analysis::of($plan)->pieces[1];
        $texts = [];
        foreach (StepsWriter::steps($plan, $piece, $piece->piece->copies->groups()[0], Terms::Us) as $step) {
            $texts = match ($step['kind']) {
                'round' => [],
                'check' => $texts,
                default => [...$texts, rtrim($step['text'], '.')],
            };
        }

        return $texts;
    }

    #[TestWith(['# flatten and sc through both layers'])]
    #[TestWith(['Fold in half and sc across both sides to close.'])]
    #[TestWith(['Flatten the opening and work 3 sc through both layers to close.'])]
    public function testByTheHookBeforeTheYarnIsCut(string $words): void
    {
        self::assertSame([rtrim(ltrim($words, '# '), '.'), 'Fasten off, 40 cm tail'], self::told($words));
    }

    #[TestWith(['Press flat, sew the opening closed.'])]
    #[TestWith(['# pinch the bottom together and sew it'])]
    #[TestWith(['# close the hole with the yarn tail'])]
    #[TestWith(['# weave the tail through the front loops, pull tight'])]
    public function testByTheNeedleAfterIt(string $words): void
    {
        self::assertSame(['Fasten off, 40 cm tail', rtrim(ltrim($words, '# '), '.')], self::told($words));
    }

    /** Words that cut the yarn themselves are not said once more; words that only use the tail do not cut it. */
    #[TestWith(['# fold flat, 3 sc through both sides, FO leaving a tail', 0])]
    #[TestWith(['Fasten off, leaving a long tail for sewing.', 1])]
    #[TestWith(['Leave a tail of 30 cm.', 0])]
    #[TestWith(['# sew onto the body with the tail', 1])]
    public function testTheYarnIsCutOnce(string $words, int $times): void
    {
        self::assertSame($times, substr_count(implode("\n", self::told($words)), 'Fasten off'));
    }

    /**
     * What stands before the stitches of a line is done before they are worked, what stands after them once they are.
     *
     * @param list<string> $order
     */
    #[TestWith(['fold in half, then 3 sc through both sides', ['fold in half', 'round']])]
    #[TestWith(['stuff firmly, dec x3', ['stuff firmly', 'round']])]
    #[TestWith(['dec x3, stuff firmly', ['round', 'stuff firmly']])]
    public function testWhatStandsBeforeTheStitchesIsDoneBeforeThem(string $line, array $order): void
    {
        $plan = Plans::of([...self::WING, $line]);
        $piece = Analysis::of($plan)->pieces[0];
        $said = array_map(
            static fn (array $step): string => 'round' === $step['kind'] ? 'round' : $step['text'],
            StepsWriter::steps($plan, $piece, $piece->piece->copies->groups()[0], Terms::Us),
        );
        $kept = array_values(array_filter($said, static fn (string $one): bool => \in_array($one, $order, true)));
        self::assertSame($order, \array_slice($kept, -2));
    }
}

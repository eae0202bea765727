<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Answers\Texts;
use Alternum\Core\Tests\Notation\WholePatterns;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Whatever is pasted is taken, or told in a sentence; nothing of it ends the program. */
final class AnyPastedTest extends TestCase
{
    private const MORE = [
        '', 'Leg (make 2)', 'R1: 6 sc in MR (6)', 'R2: inc x6 (12)', '', 'Assembly',
        'Sew the legs to the body at round 2. Sew body to head.',
    ];

    public function testPatternsWithSomethingWrongAreWorkedOut(): void
    {
        mt_srand(20261202);
        $patterns = WholePatterns::all();
        $taken = 0;
        for ($i = 0; $i < 400; ++$i) {
            $pattern = $patterns[mt_rand(0, \count($patterns) - 1)];
            $lines = Texts::damage(Texts::damage($pattern->lines));
            $taken += self::worked([...$lines, ...(0 === $i % 4 ? self::MORE : [])], 0 === $i % 2);
        }
        self::assertGreaterThan(380, $taken);
    }

    /** @param list<string> $lines */
    #[TestWith([['R1: 12 sc in MR', 'R2: sc, hdc and dc at random around around']])]
    #[TestWith([['12 sc in MR', 'in colour 2: sc around', 'sc in colour 2 around']])]
    #[TestWith([['12 sc in MR', 'sc around, decreasing 10 sts evenly']])]
    public function testWhatOnceEndedTheProgramIsTold(array $lines): void
    {
        self::assertSame(1, self::worked($lines, true));
    }

    /** @param list<string> $lines */
    private static function worked(array $lines, bool $isBegun): int
    {
        try {
            $plan = (new Paste('', implode("\n", $lines), $isBegun))->apply(Usual::plan()->withPieces([]));
        } catch (EditRefused) {
            return 0;
        }
        $analysis = Analysis::of($plan);
        $values = AnalysisWriter::values($analysis);
        self::assertIsArray($values['pieces']);
        self::assertCount(\count($plan->pieces), $values['pieces']);
        self::assertStringStartsWith('# ', WrittenPattern::text($analysis, Terms::Us));

        return 1;
    }
}

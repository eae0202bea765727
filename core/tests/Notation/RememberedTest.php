<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Notation\Round;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What is read again from a memory is what was read. */
final class RememberedTest extends TestCase
{
    protected function tearDown(): void
    {
        Remembered::by(null);
    }

    /** Right lines and wrong ones, prose, headings and what asks: the second reading says what the first one said. */
    public function testTheSecondReadingIsTheFirst(): void
    {
        $lines = [
            '6 sc in MR', 'R2: inc x6', 'R3: (sc, imc) x6', 'wobble x6', '# remark', 'Ears x2', 'R4-6: sc around',
            'R7: 4 sc, inc (3)', 'R8: dec x', '(((', 'rep R3', 'R9: with B, sc around', 'stuff now',
        ];
        $plan = Plans::of($lines, [Plans::stripes(4, 5, [['B', 2]])]);
        $answer = static fn (): string => (string) json_encode(AnalysisWriter::values(Analysis::of($plan)));
        $without = $answer();
        $memory = new WrittenMemory();
        Remembered::by($memory);
        self::assertSame($without, $answer());
        self::assertSame(0, $memory->recalled);
        self::assertSame($without, $answer());
        self::assertGreaterThan(0, $memory->recalled);
    }

    /** The same words read in other terms are not the same. */
    public function testOtherTermsAreRememberedApart(): void
    {
        Remembered::by(new WrittenMemory());
        $codes = static fn (string $terms): array => array_map(static fn (Round $round): string => $round->codes, Analysis::of(
            Plans::of(['12 dc in MR', 'ch 3, 11 dc'], [], ['worked' => 'joined', 'chainCounts' => true], ['terms' => $terms]),
        )->pieces[0]->stages->reading->rounds);
        self::assertSame(['dddddddddddd', 'dddddddddddd'], $codes('us'));
        self::assertSame(['ssssssssssss', 'dsssssssssss'], $codes('uk'));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\PieceChoices;
use Alternum\Core\Exchange\Exports;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\StillWriter;
use Alternum\Core\Exchange\WholeToyWriter;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who types a piece anew empties it first, whatever is set on it and wherever it is put: all that can be asked of the plan is still answered. */
final class EmptiedPiecesTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function emptied(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file).', without rounds' => [$file, []];
            yield basename($file).', with an empty line' => [$file, ['']];
            yield basename($file).', with half a line' => [$file, ['R1: 6 s']];
            yield basename($file).', with one round' => [$file, ['R1: 6 sc in MR']];
            yield basename($file).', with one stitch' => [$file, ['R1: sc in MR']];
        }
    }

    /** @param list<string> $rounds */
    #[DataProvider('emptied')]
    public function testAllIsAnswered(string $file, array $rounds): void
    {
        $plan = PlanReader::json((string) file_get_contents($file));
        foreach ([...array_map(static fn (Piece $piece): array => [$piece], $plan->pieces), $plan->pieces] as $pieces) {
            $emptied = $plan;
            foreach ($pieces as $piece) {
                $emptied = $emptied->withPiece($piece->withRounds($rounds));
            }
            $analysis = Analysis::of($emptied);
            foreach ($emptied->pieces as $i => $piece) {
                $answer = PlanAnswer::of($emptied, $piece->key);
                self::assertJson($answer->json($piece->key));
                self::assertArrayHasKey('stitches', $answer->onShelf());
                self::assertSame($piece->key, StepsWriter::values($emptied, $analysis->pieces[$i], Terms::Us)['piece']);
                self::assertStringStartsWith('<svg', StillWriter::svg($analysis, $piece->key, 30.0));
                foreach (PieceChoices::of($emptied, $analysis->pieces[$i]) as $choice) {
                    self::assertNotSame('', MessageWords::says($choice->label));
                }
            }
            self::assertArrayHasKey('poses', WholeToyWriter::values($analysis));
            foreach (Exports::ALL as $export) {
                self::assertNotSame('', $export::write($emptied, Terms::Us, true));
            }
        }
    }
}

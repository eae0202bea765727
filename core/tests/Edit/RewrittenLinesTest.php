<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\RewrittenLines;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a round is written anew, all that its line says beside the stitches is still said, at its round. */
final class RewrittenLinesTest extends TestCase
{
    /** @return iterable<string, array{string, int, list<string>, 3?: Worked}> a third line, the round that is written anew, and what becomes of the line */
    public static function lines(): iterable
    {
        yield 'yarns before and after' => ['R3: with B: sc around, change to A in last st (12)', 3, ['R3: with B, 6 sc, 6 sc (12), change to A in last st']];
        yield 'done before the first and after the last' => [
            'R3-6: begin stuffing, sc around (12). Stuff now.', 4,
            ['R3: begin stuffing, sc around (12)', 'R4: 6 sc, 6 sc (12)', 'R5-6: sc around (12). Stuff now'],
        ];
        yield 'how many rounds it said' => ['sc around for 4 rounds (12) # by the fire', 3, ['R3: 6 sc, 6 sc (12)', 'R4-6: sc around (12)', '# by the fire']];
        yield 'closed and lifted' => [
            'R3-6: ch 1, sc around, join (12)', 5,
            ['R3-4: ch 1, sc around (12), join', 'R5: ch 1, 6 sc, 6 sc (12), join', 'R6: ch 1, sc around (12), join'], Worked::Joined,
        ];
        yield 'loops, and a yarn at the end' => [
            'R3-6: sc around in BLO (12), change to B', 6, ['R3-5: sc around in BLO (12)', 'R6: 6 sc, 6 sc (12), change to B'],
        ];
        yield 'words about places' => ['R3: sc around [12 sts] - eyes go here, 5 apart', 3, ['R3: 6 sc, 6 sc (12), eyes go here, 5 apart']];
        yield 'other rounds again' => ['Repeat round 2 once more', 3, ['R3: 6 sc, 6 sc (12)']];
    }

    /** @param list<string> $become */
    #[DataProvider('lines')]
    public function testAllElseIsStillSaid(string $line, int $round, array $become, Worked $worked = Worked::Spiral): void
    {
        $typed = ['R1: 6 sc in MR', 'R2: inc x6 (12)', $line, 'last words'];
        $reading = Reader::read($typed, Terms::Us, $worked);
        $lines = RewrittenLines::of($typed, $reading, [$round => '6 sc, 6 sc'], new Printer(Terms::Us, $worked));
        self::assertSame([$typed[0], $typed[1], ...$become, 'last words'], $lines);
    }
}

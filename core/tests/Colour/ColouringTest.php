<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\YarnRun;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColouringTest extends TestCase
{
    private const TUBE = ['6 sc in MR', 'inc x6', 'R3-8: sc around'];

    /**
     * @param list<array<string, mixed>> $colours
     *
     * @return list<string>
     */
    private static function rounds(array $colours): array
    {
        return Analysis::of(Plans::of(self::TUBE, $colours))->pieces[0]->stages->colouring->rounds;
    }

    public function testLaterLayersCoverEarlierOnes(): void
    {
        $rounds = self::rounds([
            ['kind' => 'fill', 'yarn' => 'A'],
            Plans::stripes(3, 7, [['B', 2], ['A', 1]]),
            ['kind' => 'run', 'round' => 3, 'from' => 5, 'to' => 9, 'yarn' => 'A'],
        ]);
        self::assertSame(['AAAAAA', 'AAAAAAAAAAAA', 'BBBBAAAAABBB', 'BBBBBBBBBBBB', 'AAAAAAAAAAAA', 'BBBBBBBBBBBB', 'BBBBBBBBBBBB', 'AAAAAAAAAAAA'], $rounds);
        self::assertEquals([new YarnRun('B', 4), new YarnRun('A', 5), new YarnRun('B', 3)], Colouring::runs($rounds[2]));
    }

    public function testARunWrapsPastTheEndOfTheRound(): void
    {
        self::assertSame('BBAAAAAAAABB', self::rounds([['kind' => 'run', 'round' => 3, 'from' => 11, 'to' => 2, 'yarn' => 'B']])[2]);
        self::assertSame('BBBBBBBBBBBB', self::rounds([['kind' => 'run', 'round' => 3, 'from' => 1, 'to' => 12, 'yarn' => 'B']])[2]);
        self::assertSame('BAAAAAAAAAAA', self::rounds([['kind' => 'run', 'round' => 3, 'from' => 1, 'to' => 1, 'yarn' => 'B']])[2]);
    }

    public function testWithoutLayersTheFirstYarnIsTaken(): void
    {
        self::assertSame('AAAAAA', self::rounds([])[0]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrongLayers(): iterable
    {
        yield 'a yarn that is not listed' => [['kind' => 'fill', 'yarn' => 'Q'], 'pieces[0].colours[0].yarn', 'no yarn Q'];
        yield 'the same in stripes' => [Plans::stripes(3, 5, [['A', 1], ['Q', 1]]), 'pieces[0].colours[0].sequence[1].yarn', 'no yarn Q'];
        yield 'backwards' => [Plans::stripes(9, 4, [['B', 1]]), 'pieces[0].colours[0].to', 'backwards, from round 9 to 4'];
        yield 'past the end' => [Plans::stripes(4, 12, [['B', 1]]), 'pieces[0].colours[0].to', 'ends with round 8'];
        yield 'a round that is not there' => [
            ['kind' => 'run', 'round' => 9, 'from' => 1, 'to' => 2, 'yarn' => 'B'],
            'pieces[0].colours[0].round',
            'ends with round 8',
        ];
        yield 'a stitch that is not there' => [
            ['kind' => 'run', 'round' => 1, 'from' => 4, 'to' => 7, 'yarn' => 'B'],
            'pieces[0].colours[0].to',
            'has 6 stitches',
        ];
    }

    /** @param array<string, mixed> $layer */
    #[DataProvider('wrongLayers')]
    public function testSaysWhatIsWrongWithALayer(array $layer, string $path, string $message): void
    {
        $analysis = Analysis::of(Plans::of(self::TUBE, [$layer]));
        self::assertCount(1, $analysis->problems);
        self::assertSame($path, $analysis->problems[0]->path);
        self::assertStringContainsString($message, MessageWords::says($analysis->problems[0]->message));
        self::assertNotSame('', MessageWords::mend($analysis->problems[0]->message));
        self::assertSame('body', $analysis->problems[0]->piece);
    }

    /** A round's runs sum to its count, whatever the layers: over every wrap of a run on a round of 12. */
    public function testRunsSumToTheCount(): void
    {
        for ($from = 1; $from <= 14; ++$from) {
            for ($to = 1; $to <= 14; ++$to) {
                $round = self::rounds([['kind' => 'run', 'round' => 4, 'from' => $from, 'to' => $to, 'yarn' => 'B']])[3];
                self::assertSame(12, array_sum(array_column(Colouring::runs($round), 'stitches')), "{$from} to {$to}");
                if ($from <= 12 && $to <= 12) {
                    self::assertSame($from <= $to ? $to - $from + 1 : 12 - $from + 1 + $to, substr_count($round, 'B'), "{$from} to {$to}");
                }
            }
        }
    }
}

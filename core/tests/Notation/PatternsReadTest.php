<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

/**
 * The stitches of every written pattern one by one, with their loops, what is said at each round, and what is told: a count can be right with
 * other stitches. Written as AnswersTest's are, and to be read as they are.
 */
final class PatternsReadTest extends TestCase
{
    public function testEveryStitchIsWhatItWas(): void
    {
        $now = '';
        foreach (WholePatterns::given() as $pattern) {
            $now .= "= {$pattern->name}\n".implode("\n", self::said($pattern->read()))."\n";
        }
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents(__DIR__.'/readings.txt', $now);
            self::markTestIncomplete('Look at what has changed.');
        }
        self::assertStringEqualsFile(__DIR__.'/readings.txt', $now);
    }

    /** What is folded says every stitch. */
    public function testFoldingKeepsEveryStitch(): void
    {
        self::assertSame(['{s:12}', 'si', '{si:6}', ''], array_map(self::folded(...), ['ssssssssssss', 'si', 'sisisisisisi', '']));
        mt_srand(241);
        for ($tried = 0; $tried < 300; ++$tried) {
            $codes = str_repeat(substr(str_shuffle('ssssisse'), 0, mt_rand(1, 8)), mt_rand(1, 5)).substr(str_shuffle('siedh'), 0, mt_rand(0, 5));
            $unfolded = preg_replace_callback(
                '/\{([^:]+):(\d+)}/',
                static fn (array $part): string => str_repeat($part[1], (int) $part[2]),
                self::folded($codes),
            );
            self::assertSame($codes, $unfolded);
        }
    }

    /** @return list<string> */
    private static function said(Reading $reading): array
    {
        $rounds = array_map(
            static fn (Round $round): string => self::folded($round->codes)
                .('' === $round->loops ? '' : ' '.self::folded($round->loops))
                .(null === $round->closed ? '' : " {$round->closed->name}"),
            $reading->rounds,
        );
        $said = ['~ '.implode(' / ', $rounds)];
        foreach ($reading->rounds as $round) {
            foreach ($reading->cuesOf($round->number) as $cue) {
                $said[] = "& {$round->number} {$cue}";
            }
        }

        return [...$said, ...array_map(
            static fn (Problem $problem): string => "! {$problem->line}:{$problem->column}+{$problem->length} "
                .MessageWords::says($problem->message).' '.MessageWords::mend($problem->message),
            $reading->problems,
        )];
    }

    /** "sisisi" as "{si:3}": as much at once as comes again. */
    private static function folded(string $codes): string
    {
        $folded = '';
        for ($at = 0, $end = \strlen($codes); $at < $end;) {
            [$unit, $times] = [$codes[$at], 1];
            for ($length = 1; $length <= min(12, intdiv($end - $at, 2)); ++$length) {
                $tried = substr($codes, $at, $length);
                $again = 1;
                while (substr($codes, $at + $again * $length, $length) === $tried) {
                    ++$again;
                }
                if ($again > 1 && $again * $length > max(2, \strlen($unit) * $times)) {
                    [$unit, $times] = [$tried, $again];
                }
            }
            $folded .= 1 === $times ? $unit : "{{$unit}:{$times}}";
            $at += \strlen($unit) * $times;
        }

        return $folded;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** A face is tried, looked at, then locked. Common practice, no source. */
final class LockWashersTest extends TestCase
{
    private const EYES = ['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 8, 'apart' => 6];

    /** @return array<string, mixed> so many rounds on from the eyes */
    private static function mouth(string $name, int $offset, bool $isOpen = false): array
    {
        return [
            'key' => 't1', 'name' => $name, 'kind' => 'smile', 'width' => 4, 'yarn' => 'B', 'open' => $isOpen,
            'at' => ['anchor' => 'placement', 'of' => 'eyes', 'offset' => $offset],
        ];
    }

    /**
     * @param list<array<string, mixed>> $placements
     * @param list<array<string, mixed>> $thread
     *
     * @return list<string> what is done from the eyes on, in short
     */
    private static function steps(array $placements, array $thread, int $even = 30): array
    {
        $rounds = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', "R5-{$even}: sc around", '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'];
        $plan = Plans::of($rounds, [['kind' => 'fill', 'yarn' => 'A']], ['placements' => $placements, 'thread' => $thread]);
        $steps = array_column(StepsWriter::values($plan, Analysis::of($plan)->pieces[0], Terms::Us)['steps'], 'text');
        $short = static fn (string $text): string => (string) preg_replace('/^(Set the \w+|Embroider \w+ \w+|R[\d-]+|.*press the washers on).*/s', '$1', $text);
        $of = array_map($short, array_filter($steps, static fn (string $text): bool => 1 === preg_match('/^(?:Set|Embroider|R\d|Mark|Look)/', $text)));

        return array_values($of);
    }

    /** What is embroidered by the eyes while the piece is open comes before the washers, so that both can still be moved. */
    public function testWhatGoesByThemComesFirst(): void
    {
        $mouth = self::mouth('Mouth', 4, true);
        self::assertSame([
            // After round 12 and drawn down to 13, it needs round 14. Stuffing begins after round 18.
            'R1', 'R2', 'R3', 'R4', 'R5-9', 'Set the eyes', 'R10-14', 'Embroider a smile',
            'Look at the face from a step away, and move what is set until it is right. Then press the washers on', 'R15-18', 'R19-30', 'R31', 'R32', 'R33',
        ], self::steps([self::EYES], [$mouth]));
    }

    /** What is embroidered when the piece is done is marked, so that the face is judged as a whole. */
    public function testWhatComesLaterIsMarked(): void
    {
        $steps = self::steps([self::EYES], [self::mouth('Mouth', 3), ['key' => 't2'] + self::mouth('Brows', -2)]);
        self::assertStringStartsWith('Mark with pins where the mouth and the brows will go. Look at the face', $steps[6]);
        $free = ['key' => 't3', 'kind' => 'smile', 'width' => 4, 'yarn' => 'B', 'at' => ['anchor' => 'round', 'number' => 20]];
        self::assertStringStartsWith('Look at the face', self::steps([self::EYES], [$free])[6], 'It does not go by them.');
    }

    /**
     * Eyes at round 8 and a nose at round 30 are locked together: more than 75 mm lie between, 22 rounds of 4.2 mm, deeper than fingers reach, from memory;
     * so the work is turned inside out.
     */
    public function testWhatLiesDeepIsReachedByTurningInsideOut(): void
    {
        $nose = static fn (int $round): array => ['key' => 'nose', 'kind' => 'nose', 'anchor' => 'round', 'number' => $round];
        $deep = implode("\n", self::steps([self::EYES, $nose(30)], [], 40));
        self::assertStringContainsString('Turn the work inside out, press the washers on', $deep);
        self::assertStringNotContainsString('inside out', implode("\n", self::steps([self::EYES, $nose(20)], [], 40)));
    }

    /** However late a thread goes with them, they are locked while fingers still get in. */
    public function testTheyAreLockedWhileFingersGetIn(): void
    {
        $steps = self::steps([self::EYES], [['drop' => 0] + self::mouth('Mouth', 24, true)]);
        $locked = (int) array_key_first(array_filter($steps, static fn (string $text): bool => str_contains($text, 'washers')));
        self::assertSame('R32', $steps[$locked + 1], 'Through the 18 stitches of round 31 fingers just get, through 12 they do not.');
    }
}

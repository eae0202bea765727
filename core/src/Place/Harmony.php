<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Plan\Plan;

/** Whether the yarns of a piece go together: those that touch are told apart, and none shines through another. */
final readonly class Harmony
{
    /** So much darker than the yarn before it, a yarn that lies behind shines through: from memory, to be judged by eye. */
    private const SHINES = 35.0;

    /**
     * @param list<Pair>                         $pairs those that touch, the least unlike first
     * @param array<string, array<string, true>> $shine yarns that lie behind much lighter ones: those, by the dark one's letter
     */
    private function __construct(public array $pairs, public array $shine)
    {
    }

    public static function of(Plan $plan, Colouring $colouring, Changes $changes): self
    {
        $hexes = [];
        foreach ($plan->yarns as $yarn) {
            $hexes[$yarn->key] = LabColour::shown($yarn);
        }
        $touching = [];
        $below = '';
        foreach ($colouring->rounds as $round) {
            $letters = (string) count_chars($round, 3);
            foreach (str_split($letters.$below) as $one) {
                foreach (str_split($letters) as $other) {
                    if ($one < $other) {
                        $touching[$one.$other] = true;
                    } elseif ($other < $one) {
                        $touching[$other.$one] = true;
                    }
                }
            }
            $below = $letters;
        }
        $pairs = array_map(
            static fn (string $pair): Pair => Pair::of($pair[0], $hexes[$pair[0]] ?? '#000000', $pair[1], $hexes[$pair[1]] ?? '#000000'),
            array_keys($touching),
        );
        usort($pairs, static fn (Pair $one, Pair $other): int => $one->difference <=> $other->difference);

        return new self($pairs, self::shine($hexes, $changes));
    }

    /**
     * @param array<string, string> $hexes
     *
     * @return array<string, array<string, true>>
     */
    private static function shine(array $hexes, Changes $changes): array
    {
        $lightness = array_map(static fn (string $hex): float => LabColour::of($hex)->lightness, $hexes);
        $said = [];
        foreach ($changes->all as $change) {
            // The old yarn lies behind the new one until it is taken up again.
            if (OldYarn::Float === $change->oldYarn && ($lightness[$change->to] ?? 0.0) - ($lightness[$change->from] ?? 0.0) > self::SHINES) {
                $said[$change->from][$change->to] = true;
            }
        }

        return $said;
    }
}

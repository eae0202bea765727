<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\Pair;
use Alternum\Core\Colour\Shade;
use Alternum\Core\Plan\Plan;

/** Whether the yarns of a piece go together: those that touch are told apart, and none shines through another. */
final readonly class Harmony
{
    /** So much darker than the yarn before it, a yarn that lies behind shines through: from memory, to be judged by eye. */
    private const SHINES = 35.0;

    /**
     * @param list<Pair>   $pairs those that touch, the least unlike first
     * @param list<string> $shine what is to be said of yarns behind lighter ones
     */
    private function __construct(public array $pairs, public array $shine)
    {
    }

    public static function of(Plan $plan, Colouring $colouring, Changes $changes): self
    {
        $hexes = [];
        foreach ($plan->yarns as $yarn) {
            $hexes[$yarn->key] = Shade::shown($yarn);
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
        $pairs = array_map(static fn (string $pair): Pair => Pair::of($pair[0], $hexes[$pair[0]] ?? '#000000', $pair[1], $hexes[$pair[1]] ?? '#000000'), array_keys($touching));
        usort($pairs, static fn (Pair $one, Pair $other): int => $one->difference <=> $other->difference);

        return new self($pairs, self::shine($hexes, $changes));
    }

    /**
     * @param array<string, string> $hexes
     *
     * @return list<string>
     */
    private static function shine(array $hexes, Changes $changes): array
    {
        $said = [];
        foreach ($changes->changes as $change) {
            // The old yarn lies behind the new one until it is taken up again.
            $behind = Shade::of($hexes[$change->from] ?? '#000000')->lightness;
            $before = Shade::of($hexes[$change->to] ?? '#000000')->lightness;
            if (Fate::Float === $change->fate && $before - $behind > self::SHINES) {
                $said[$change->from.$change->to] = "{$change->from} is much darker than {$change->to} and lies behind it: it may shine through. Work over it loosely, or cut it.";
            }
        }

        return array_values($said);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Plan\Plan;

/** Whether the yarns of a piece go together: those that touch are told apart, none shines through another, and none bleeds into another. */
final readonly class Harmony
{
    /** Yarns lighter than this take on colour, and so dark that white stuffing shows: from memory, to be judged by eye. */
    private const LIGHT = 80.0;
    private const DARK = 25.0;
    /** Red as brick or deeper, and blue as navy: yarns that bleed more often than others. From memory. */
    private const RED = 30.0;
    private const NAVY = -10.0;

    /** So much darker than the yarn before it, a yarn that lies behind shines through: from memory, to be judged by eye. */
    private const SHINES = 35.0;

    /**
     * @param list<Pair>                         $pairs  those that touch, the least unlike first
     * @param array<string, array<string, true>> $shine  yarns that lie behind much lighter ones: those, by the dark one's letter
     * @param list<string>                       $dark   letters of yarns that white stuffing shows through
     * @param list<string>                       $bleeds letters of yarns that touch a light one, and may bleed into it
     */
    private function __construct(public array $pairs, public array $shine, public array $dark, public array $bleeds)
    {
    }

    public static function of(Plan $plan, Colouring $colouring, Changes $changes): self
    {
        $hexes = [];
        foreach ($plan->yarns as $yarn) {
            $hexes[$yarn->key] = LabColour::shown($yarn);
        }
        $touching = $seen = [];
        $below = '';
        foreach ($colouring->rounds as $round) {
            $letters = (string) count_chars($round, 3);
            if (isset($seen["{$letters} {$below}"])) {
                $below = $letters;
                continue;
            }
            $seen["{$letters} {$below}"] = true;
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

        return new self($pairs, self::shine($hexes, $changes), self::dark($hexes, $colouring), self::bleeds($hexes, array_keys($touching)));
    }

    /** Whether a yarn that lies inside another's stitches shines through them. */
    public static function isMuchDarker(Plan $plan, string $one, string $other): bool
    {
        [$dark, $light] = [$plan->yarn($one), $plan->yarn($other)];

        return null !== $dark && null !== $light
            && LabColour::of(LabColour::shown($light))->lightness - LabColour::of(LabColour::shown($dark))->lightness > self::SHINES;
    }

    /**
     * @param array<string, string> $hexes
     *
     * @return list<string>
     */
    private static function dark(array $hexes, Colouring $colouring): array
    {
        $worked = (string) count_chars(implode('', $colouring->rounds), 3);

        return array_values(array_filter(
            str_split($worked),
            static fn (string $yarn): bool => isset($hexes[$yarn]) && LabColour::of($hexes[$yarn])->lightness < self::DARK,
        ));
    }

    /**
     * @param array<string, string> $hexes
     * @param list<string>          $touching two letters each
     *
     * @return list<string>
     */
    private static function bleeds(array $hexes, array $touching): array
    {
        $bleeding = [];
        foreach ($touching as $pair) {
            foreach ([[$pair[0], $pair[1]], [$pair[1], $pair[0]]] as [$strong, $light]) {
                $colour = LabColour::of($hexes[$strong] ?? '#ffffff');
                $isStrong = $colour->lightness < 55.0 && $colour->a > self::RED || $colour->lightness < 35.0 && $colour->b < self::NAVY;
                if ($isStrong && LabColour::of($hexes[$light] ?? '#000000')->lightness > self::LIGHT) {
                    $bleeding[$strong] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($bleeding));
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
            if (OldYarn::Cut !== $change->yarns->old && OldYarn::Wait !== $change->yarns->old
                && ($lightness[$change->yarns->to] ?? 0.0) - ($lightness[$change->yarns->from] ?? 0.0) > self::SHINES) {
                $said[$change->yarns->from][$change->yarns->to] = true;
            }
        }

        return $said;
    }
}

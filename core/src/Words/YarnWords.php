<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\HeldYarn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\Yarn;

/** Yarns and lengths as they are said of one copy of a piece, which may be made in yarns of its own. */
final readonly class YarnWords
{
    /** @param array<string, string> $instead the piece's yarn key to the key that the copy takes instead */
    public function __construct(private Plan $plan, private array $instead = [])
    {
    }

    public function letter(string $key): string
    {
        return $this->instead[$key] ?? $key;
    }

    /** "B (Brick)". */
    public function named(string $key): string
    {
        $key = $this->letter($key);
        $name = $this->plan->yarn($key)->name ?? '';

        return '' === $name ? $key : "{$key} ({$name})";
    }

    /**
     * "with B Brick then A Chalk: ", before stitches.
     *
     * @param bool $isBrief the letters say it
     */
    public function with(string $keys, bool $isBrief = false): string
    {
        $named = array_map(function (string $key) use ($isBrief): string {
            $key = $this->letter($key);
            if ($isBrief) {
                return $key;
            }
            // The name stands before a colon and after words, so it can have no sign of the notation's in it.
            $name = trim(str_replace([':', '(', ')', '[', ']', ',', ';'], ' ', $this->plan->yarn($key)->name ?? ''));

            return '' === $name ? $key : "{$key} {$name}";
        }, str_split($keys));

        return 'with '.implode(' then ', $named).': ';
    }

    public function length(float $cm): string
    {
        return Units::Metric === $this->plan->units ? round($cm).' cm' : Inches::ofCm($cm);
    }

    /** "A (Chalk) and 2 strands of B (Brick) held together": what a yarn is made of. */
    public static function held(Plan $plan, Yarn $yarn): string
    {
        $named = new self($plan);

        return self::listed(...array_map(
            static fn (HeldYarn $held): string => (1 === $held->strands ? '' : Counted::of($held->strands, 'strand').' of ').$named->named($held->yarn),
            $yarn->held,
        )).' held together';
    }

    /** "A", "A and B", "A, B and C". */
    public static function listed(string ...$said): string
    {
        $last = array_pop($said);

        return [] === $said ? (string) $last : implode(', ', $said)." and {$last}";
    }

    /** "stitch 4", "stitches 4 and 9": the noun alone, and the list. */
    public static function nouns(string $one, string $many, string ...$said): string
    {
        return (1 === \count($said) ? $one : $many).' '.self::listed(...$said);
    }
}

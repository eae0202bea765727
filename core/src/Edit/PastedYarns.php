<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\YarnKey;
use Alternum\Core\Notation\YarnNames;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/**
 * The yarns that a pasted pattern brings along: those that it says letters stand for, and colours that its rounds name. A new plan's own give way to
 * them, as nothing is made of these yet.
 */
final class PastedYarns
{
    /** A plan with what the words say that letters stand for. */
    public static function defined(string $text, Plan $plan): Plan
    {
        $named = [];
        foreach (self::keys($text) as $key => $name) {
            $has = $plan->yarn($key);
            $isLetter = 1 === \strlen($key);
            if ($isLetter && null !== $has && self::isFree($has, $plan)) {
                $named[$key] = AddYarn::like($has, $key, $name);
            } elseif ($isLetter && null === $has && \count($plan->yarns) + \count($named) < Limits::YARNS) {
                $named[$key] = AddYarn::like($plan->yarns[0], $key, $name);
            }
        }
        $yarns = array_map(static fn (Yarn $yarn): Yarn => $named[$yarn->key] ?? $yarn, $plan->yarns);
        foreach ($named as $key => $yarn) {
            $yarns = null === $plan->yarn($key) ? [...$yarns, $yarn] : $yarns;
        }

        return [] === $named ? $plan : $plan->withYarns($yarns);
    }

    /**
     * A plan with the colours that the rounds name and it does not have.
     *
     * @param list<PastedPiece> $pieces as they are read in it
     */
    public static function named(string $text, array $pieces, Plan $plan): Plan
    {
        $keys = self::keys($text);
        $used = $names = [];
        foreach ($pieces as $piece) {
            foreach ($piece->reading->yarns() as $runs) {
                foreach ($runs as $run) {
                    // Before a yarn is named it is the plan's first.
                    $used[$run->yarn ?? $plan->yarns[0]->key] = true;
                }
            }
            array_push($names, ...array_map(static fn (Problem $problem): string => $problem->newYarn ?? '', $piece->reading->problems));
        }
        $names = array_intersect_key($names, array_unique(array_map(mb_strtolower(...), $names)));
        foreach (array_filter($names, YarnNames::isColour(...)) as $name) {
            if (\count($plan->yarns) >= Limits::YARNS) {
                break;
            }
            $colour = $keys[$name] ?? $name;
            $unused = array_filter($plan->yarns, static fn (Yarn $yarn): bool => !isset($used[$yarn->key]) && self::isFree($yarn, $plan));
            $free = array_values($unused)[0] ?? null;
            $plan = null === $free
                ? (new AddYarn($name))->apply($plan)
                : $plan->withYarns(array_map(
                    static fn (Yarn $yarn): Yarn => $yarn === $free ? AddYarn::like($free, $free->key, $name, $colour) : $yarn,
                    $plan->yarns,
                ));
        }

        return $plan;
    }

    /** @return list<string> the names of a pasted pattern's yarns that a plan does not have */
    public static function new(Pasted $pasted, Plan $plan): array
    {
        $names = array_map(static fn (Yarn $yarn): string => $yarn->name, $pasted->yarns);

        return array_values(array_diff($names, array_map(static fn (Yarn $yarn): string => $yarn->name, $plan->yarns)));
    }

    /** A pattern that was written here says its yarns in full. */
    private const WRITTEN = '/^Yarn: (?<key>[A-Z]) (?<name>.+?), [^,(]+ \(/mu';

    /** @return array<string, string> what each letter stands for */
    private static function keys(string $text): array
    {
        if (preg_match_all(self::WRITTEN, $text, $written, \PREG_SET_ORDER) > 0) {
            return array_column($written, 'name', 'key');
        }
        $lines = preg_split('/\r\n|\n|\r/', $text);
        $lines = array_values(array_filter(false === $lines ? [] : $lines, static fn (string $line): bool => mb_strlen($line) <= Limits::LINE));
        $keys = array_merge(...array_map(YarnKey::of(...), $lines));
        foreach ([] === $keys ? $lines : [] as $line) {
            $keys = [] === $keys ? self::listed($line) : $keys;
        }

        return $keys;
    }

    /** "Yarn: cream, rust and dark grey DK" */
    private const LISTED = '/^\W*(?:yarns?|colou?rs?)(?: needed| used)?\s*[:–-]\s*(?<names>\pL[\pL ,&\/-]+?)(?:\s+(?:in|\d).*)?[.\s]*$/iu';
    private const WEIGHT = '/\b(?:dk|aran|worsted|fingering|sport|bulky|chunky|4[- ]?ply|double knit(?:ting)?|cotton|acrylic|wool|yarn|weight'
        .'|small amounts? of|some|of)\b/iu';

    /** @return array<string, string> colours that are listed without a letter, under letters in their order */
    private static function listed(string $line): array
    {
        if (1 !== preg_match(self::LISTED, $line, $match)) {
            return [];
        }
        $parts = preg_split('/\s*(?:,|&|\/|\band\b)\s*/iu', (string) preg_replace(self::WEIGHT, '', $match['names']));
        $names = array_values(array_filter(array_map(trim(...), false === $parts ? [] : $parts), static fn (string $name): bool => '' !== $name));
        $areColours = [] !== $names && [] === array_filter($names, static fn (string $name): bool => !YarnNames::isColour($name));

        return !$areColours || \count($names) > Limits::YARNS ? [] : array_combine(\array_slice(range('A', 'Z'), 0, \count($names)), $names);
    }

    /** A new plan's yarn, of which nothing is made. */
    private static function isFree(Yarn $yarn, Plan $plan): bool
    {
        $usual = Usual::plan()->yarn($yarn->key);

        return $usual?->name === $yarn->name && [] === array_filter($plan->pieces, static fn (Piece $piece): bool => [] !== $piece->rounds);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Fill;
use Alternum\Core\Plan\Layer;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripes;

/** The yarn of every stitch of one piece. Yarn keys are one letter, so that a round is a string of them. */
final readonly class Colouring
{
    /**
     * @param list<string>  $rounds   one letter for each stitch made
     * @param list<Problem> $problems
     */
    private function __construct(public array $rounds, public array $problems)
    {
    }

    public static function of(Plan $plan, Piece $piece, Fabric $fabric): self
    {
        $first = $plan->yarns[0]->key;
        $rounds = array_map(static fn ($course): string => str_repeat($first, $course->makes), $fabric->courses);
        $problems = [];
        foreach ($piece->colours as $i => $layer) {
            $problem = self::check($plan, $piece, $layer, "colours[{$i}]", $rounds);
            if (null !== $problem) {
                $problems[] = $problem;
            }
            if ($layer instanceof Fill && null !== $plan->yarn($layer->yarn)) {
                $rounds = array_map(static fn (string $round): string => str_repeat($layer->yarn, \strlen($round)), $rounds);
            } elseif ($layer instanceof Stripes) {
                foreach ($layer->rounds() as $number => $yarn) {
                    if (!isset($rounds[$number - 1])) {
                        break;
                    }
                    if (null !== $plan->yarn($yarn)) {
                        $rounds[$number - 1] = str_repeat($yarn, \strlen($rounds[$number - 1]));
                    }
                }
            } elseif ($layer instanceof StitchRun && isset($rounds[$layer->round - 1]) && null !== $plan->yarn($layer->yarn)) {
                $rounds[$layer->round - 1] = self::run($rounds[$layer->round - 1], $layer);
            }
        }

        return new self(array_values($rounds), $problems);
    }

    /** @return list<array{string, int}> the runs of a round's letters, in working order: yarn and stitches */
    public static function runs(string $round): array
    {
        $runs = [];
        for ($at = 0, $end = \strlen($round); $at < $end; $at += $length) {
            $length = strspn($round, $round[$at], $at);
            $runs[] = [$round[$at], $length];
        }

        return $runs;
    }

    private static function run(string $round, StitchRun $run): string
    {
        $made = \strlen($round);
        $to = min($run->to, $made);
        if ($run->from > $made) {
            return $round;
        }
        if ($run->from <= $run->to) {
            return substr_replace($round, str_repeat($run->yarn, $to - $run->from + 1), $run->from - 1, $to - $run->from + 1);
        }

        return str_repeat($run->yarn, $to).substr($round, $to, $run->from - 1 - $to).str_repeat($run->yarn, $made - $run->from + 1);
    }

    /** @param list<string> $rounds */
    private static function check(Plan $plan, Piece $piece, Layer $layer, string $path, array $rounds): ?Problem
    {
        $once = $piece->worked->once();
        foreach ($layer->yarns() as $i => $yarn) {
            if (null === $plan->yarn($yarn)) {
                $at = $layer instanceof Stripes ? "{$path}.sequence[{$i}].yarn" : "{$path}.yarn";

                return Problem::atPath($at, "Yarn {$yarn} is used here, but the plan has no yarn {$yarn}.", "Add a yarn {$yarn}, or give these rounds another one.");
            }
        }
        $last = \count($rounds);
        if ($layer instanceof Stripes) {
            if ($layer->to < $layer->from) {
                return Problem::atPath("{$path}.to", "These stripes run backwards, from {$once} {$layer->from} to {$layer->to}.", "Let them run from {$layer->to} to {$layer->from}.", round: $layer->from);
            }
            if ($layer->to > $last) {
                return Problem::atPath("{$path}.to", "These stripes go to {$once} {$layer->to}, but the piece ends with {$once} {$last}.", "Let them end with {$once} {$last}, or work more {$once}s.", round: $last > 0 ? $last : null);
            }
        }
        if ($layer instanceof StitchRun) {
            if ($layer->round > $last) {
                return Problem::atPath("{$path}.round", "This is set in {$once} {$layer->round}, but the piece ends with {$once} {$last}.", 'Take it out, or set it in another.');
            }
            $made = \strlen($rounds[$layer->round - 1]);
            if (max($layer->from, $layer->to) > $made) {
                return Problem::atPath($layer->from > $made ? "{$path}.from" : "{$path}.to", 'This goes to stitch '.max($layer->from, $layer->to).", but {$once} {$layer->round} has {$made} stitches.", "Let it end with stitch {$made}.", round: $layer->round);
            }
        }

        return null;
    }
}

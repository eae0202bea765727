<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Course;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Typed;
use Alternum\Core\Plan\Yarn;

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

    public static function of(Plan $plan, Piece $piece, Fabric $fabric, ?Reading $reading = null): self
    {
        $first = $plan->yarns[0]->key;
        $laying = new Laying($piece, $fabric, array_map(static fn (Course $course): string => str_repeat($first, $course->makes), $fabric->courses), implode('', array_map(static fn (Yarn $yarn): string => $yarn->key, $plan->yarns)));
        $check = new LayerCheck($plan, $piece, $fabric->counts());
        $problems = [];
        $named = null === $reading || !$reading->namesYarns() ? [] : self::named($reading);
        $typedAt = [] === $named ? null : Typed::place($piece->colours);
        foreach ($piece->colours as $i => $laid) {
            if ($i === $typedAt) {
                $laying->layNamed($named);
            }
            $problem = $check->of($laid->layer, "colours[{$i}]");
            if (null !== $problem) {
                $problems[] = $problem;
            }
            if (!$laid->isHidden) {
                $laid->layer instanceof Typed ? $laying->layNamed($named) : $laying->lay($laid->layer);
            }
        }
        if (\count($piece->colours) === $typedAt) {
            $laying->layNamed($named);
        }

        return new self($laying->rounds(), $problems);
    }

    /** @return list<string> a letter for each stitch of each round, a blank where the words name no yarn with one */
    private static function named(Reading $reading): array
    {
        $rounds = [];
        foreach ($reading->yarns() as $runs) {
            $letters = '';
            foreach ($runs as [$yarn, $tops]) {
                $letters .= str_repeat(1 === \strlen((string) $yarn) ? (string) $yarn : ' ', $tops);
            }
            $rounds[] = $letters;
        }

        return $rounds;
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
}

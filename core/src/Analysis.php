<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Change\Changes;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Suspicion;
use Alternum\Core\Plan\Beginning;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Yarn\Amounts;
use Alternum\Core\Yarn\PieceLengths;

/** A plan taken through every stage: all that the screens, the exports and the command line show. */
final readonly class Analysis
{
    /**
     * @param list<PieceAnalysis> $pieces   in the plan's order
     * @param list<Problem>       $problems of all stages, piece by piece
     */
    private function __construct(public Plan $plan, public array $pieces, public Amounts $amounts, public array $problems)
    {
    }

    public static function of(Plan $plan): self
    {
        $pieces = [];
        $lengths = [];
        $problems = [];
        $left = Limits::STITCHES;
        foreach ($plan->pieces as $i => $piece) {
            $on = 0;
            if (null !== $piece->start) {
                [$on, $problem] = self::beginning($piece->start, $pieces, "pieces[{$i}].start");
                $problems = [...$problems, ...(null === $problem ? [] : [$problem->ofPiece($piece->key, $problem->path ?? '')])];
            }
            $reading = Reader::read($piece->rounds, $plan->terms, $piece->worked, $left, $on);
            $left -= $reading->stitches();
            $fabric = Fabric::of($reading, $plan->gauge, $piece->worked, $plan->leanOf($piece));
            $colouring = Colouring::of($plan, $piece, $fabric);
            $changes = Changes::of($piece, $fabric, $colouring);
            $lengths[] = PieceLengths::of($fabric, $colouring, $changes, $plan->gauge);
            $pieces[] = new PieceAnalysis($piece, $reading, $fabric, $colouring, $changes);
            $suspicion = Suspicion::of($reading, $plan->terms);
            foreach ([...(null === $suspicion ? [] : [$suspicion]), ...$reading->problems] as $problem) {
                $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].rounds[".(($problem->line ?? 1) - 1).']');
            }
            foreach ($colouring->problems as $problem) {
                $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].{$problem->path}");
            }
        }

        return new self($plan, $pieces, Amounts::of($plan, $lengths), $problems);
    }

    /**
     * @param list<PieceAnalysis> $made the pieces before
     *
     * @return array{int, Problem|null} stitches to begin on, and what is wrong where there are none
     */
    private static function beginning(Beginning $beginning, array $made, string $path): array
    {
        $openings = [];
        foreach ($beginning->pieces as $i => $key) {
            $last = null;
            foreach ($made as $piece) {
                $last = $piece->piece->key === $key ? $piece->reading->rounds[\count($piece->reading->rounds) - 1] ?? null : $last;
            }
            if (null === $last) {
                return [0, Problem::atPath("{$path}.pieces[{$i}]", "This piece begins on “{$key}”, which is not made before it.", 'Put that piece before this one, or let this one begin on another.')];
            }
            $openings[] = $last->makes;
        }
        if (Join::Layers === $beginning->join && $openings[0] !== ($openings[1] ?? null)) {
            return [$openings[0], Problem::atPath($path, "The two layers have {$openings[0]} and ".($openings[1] ?? 0).' stitches, so they cannot be worked together stitch by stitch.', 'Give both the same number.')];
        }
        $on = $beginning->stitches($openings);
        if ($on < 1) {
            return [0, Problem::atPath("{$path}.across", 'The seam takes more stitches than the pieces have.', 'Let it take fewer.')];
        }

        return [$on, null];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Change\Changes;
use Alternum\Core\Change\FaceCheck;
use Alternum\Core\Change\Harmony;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Making\Placing;
use Alternum\Core\Notation\PieceReading;
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
        [$readings, $problems] = PieceReading::all($plan);
        $pieces = [];
        $lengths = [];
        foreach ($plan->pieces as $i => $piece) {
            $reading = $readings[$piece->key];
            $fabric = Fabric::of($reading, $plan->gauge, $piece->worked, $plan->leanOf($piece));
            $colouring = Colouring::of($plan, $piece, $fabric, $reading);
            $changes = Changes::of($piece, $fabric, $colouring, $reading);
            $lengths[] = PieceLengths::of($fabric, $colouring, $changes, $plan->gauge);
            $placing = Placing::of($piece, $fabric, $colouring, $changes, $plan->gauge);
            $pieces[] = new PieceAnalysis($piece, $reading, $fabric, $colouring, $changes, PieceReading::grounds($piece, $readings), Harmony::of($plan, $colouring, $changes), $placing, FaceCheck::of($piece, $fabric, $colouring, $changes));
            foreach ($reading->problems as $problem) {
                $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].rounds[".(($problem->line ?? 1) - 1).']');
            }
            foreach ([...$colouring->problems, ...$placing->problems] as $problem) {
                $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].{$problem->path}");
            }
        }

        return new self($plan, $pieces, Amounts::of($plan, $lengths), $problems);
    }
}

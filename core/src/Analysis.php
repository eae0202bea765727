<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Colour\LayerCheck;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Place\CoveredLayers;
use Alternum\Core\Plan\GaugeCheck;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Plan\YarnCheck;
use Alternum\Core\Toy\Assembled;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Toy\PosedPiece;
use Alternum\Core\Toy\WholeToy;
use Alternum\Core\Yarn\Amounts;
use Alternum\Core\Yarn\Ends;
use Alternum\Core\Yarn\Joins;
use Alternum\Core\Yarn\Ledger;
use Alternum\Core\Yarn\PieceLengths;
use Alternum\Core\Yarn\PlanLedger;

/** A plan taken through every stage: the facts that the screens, the exports and the command line show. */
final readonly class Analysis
{
    /**
     * @param list<PieceAnalysis> $pieces   in the plan's order
     * @param list<PieceLengths>  $lengths  one for each of them
     * @param list<Problem>       $problems of all stages, piece by piece
     */
    private function __construct(
        public Plan $plan,
        public array $pieces,
        public array $lengths,
        public Amounts $amounts,
        public array $problems,
        public Assembled $assembled,
    ) {
    }

    public static function of(Plan $plan): self
    {
        [$readings, $problems] = PieceReading::all($plan);
        $pieces = [];
        foreach ($plan->pieces as $i => $piece) {
            [$pieces[], $told] = self::one($plan, $i, $piece, $readings);
            array_push($problems, ...$told);
        }

        return self::together($plan, $pieces, [...$problems, ...GaugeCheck::problems($plan), ...YarnCheck::problems($plan)]);
    }

    /**
     * Some pieces of a plan as of() has them, where the others are known. With a piece all are to be among them that begin on one another.
     *
     * @param array<string, mixed> $only by piece
     *
     * @return array{list<PieceAnalysis>, list<PieceLengths>, list<Problem>} the pieces in the plan's order, and the problems
     */
    public static function some(Plan $plan, array $only): array
    {
        [$readings, $problems] = PieceReading::all($plan, $only);
        $pieces = [];
        foreach ($plan->pieces as $i => $piece) {
            if (isset($readings[$piece->key])) {
                [$pieces[], $told] = self::one($plan, $i, $piece, $readings);
                array_push($problems, ...$told);
            }
        }
        $ends = self::ends($plan, $pieces);
        $pieces = array_map(static fn (PieceAnalysis $analysis): PieceAnalysis => $analysis->among($ends[$analysis->piece->key]), $pieces);

        return [$pieces, self::lengths($plan, $pieces, $ends), $problems];
    }

    /**
     * The analysis of the same plan with other colours or other changes in one piece. All other pieces are as they were, so they are not
     * worked out again.
     *
     * @param Plan   $plan as this one's, but for the colours and the changes of the piece
     * @param string $key  the piece's
     */
    public function recoloured(Plan $plan, string $key): self
    {
        $pieces = $this->pieces;
        // How the pieces come together is looked at anew.
        $problems = array_values(array_filter(
            $this->problems,
            static fn (Problem $problem): bool => $problem->piece !== $key && !str_starts_with($problem->path ?? '', 'assembly'),
        ));
        foreach ($plan->pieces as $i => $piece) {
            if ($key === $piece->key) {
                [$pieces[$i], $told] = self::one($plan, $i, $piece, array_map(
                    static fn (PieceAnalysis $one): Reading => $one->stages->reading,
                    array_combine(array_column($plan->pieces, 'key'), $this->pieces),
                ));
                array_push($problems, ...$told);
            }
        }

        return self::together($plan, array_values($pieces), $problems, $this);
    }

    /**
     * @param array<string, Reading> $readings by piece
     *
     * @return array{PieceAnalysis, list<Problem>} a piece, and what is wrong with it
     */
    private static function one(Plan $plan, int $i, Piece $piece, array $readings): array
    {
        $stages = PieceStages::of($plan, $piece, $readings[$piece->key]);
        $analysis = PieceAnalysis::of($plan, $stages, PieceReading::edges($piece, $readings));
        $problems = [];
        foreach ([...$stages->reading->problems, ...$analysis->lateCues()->problems()] as $problem) {
            $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].rounds[".(($problem->line ?? 1) - 1).']');
        }
        $ofPiece = [
            ...LayerCheck::of($plan, $piece, $stages->fabric),
            ...CoveredLayers::problems($plan, $piece, $stages->fabric, $stages->reading, $stages->frame),
            ...$analysis->placing->problems,
            ...$analysis->threads->problems,
            ...$analysis->unfit()->problems(),
        ];
        foreach ($ofPiece as $problem) {
            $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].{$problem->path}");
        }

        return [$analysis, $problems];
    }

    /**
     * @param list<PieceAnalysis> $pieces
     * @param list<Problem>       $problems
     * @param self|null           $before   of the same plan but for a piece: the others are as long as they were
     */
    private static function together(Plan $plan, array $pieces, array $problems, ?self $before = null): self
    {
        $ends = self::ends($plan, $pieces);
        $pieces = array_map(static fn (PieceAnalysis $analysis): PieceAnalysis => $analysis->among($ends[$analysis->piece->key]), $pieces);
        $lengths = [];
        foreach ($pieces as $i => $piece) {
            $was = $before->pieces[$i] ?? null;
            $known = null !== $was && $was->stages === $piece->stages && true === $was->ends?->isSame($ends[$piece->piece->key]) ? $before?->lengths[$i] : null;
            $lengths[] = $known ?? self::lengths($plan, [$piece], $ends)[0];
        }

        $assembled = Assembled::of($plan, self::parts($pieces));

        $pieces = array_map(static fn (PieceAnalysis $piece): PieceAnalysis => $piece->joined($assembled->onto($piece->piece->key)), $pieces);

        return new self(
            plan: $plan, pieces: $pieces, lengths: $lengths, amounts: Amounts::of($plan, $lengths), problems: [...$problems, ...$assembled->problems],
            assembled: $assembled,
        );
    }

    public function piece(string $key): ?PieceAnalysis
    {
        foreach ($this->pieces as $piece) {
            if ($key === $piece->piece->key) {
                return $piece;
            }
        }

        return null;
    }

    /** @return list<PosedPiece> every copy of every piece that has rounds, where it is on the toy */
    public function wholeToy(): array
    {
        return WholeToy::of($this->plan, self::parts($this->pieces), $this->assembled->joints);
    }

    /** Every length of yarn in working order: what the amounts are sums of. */
    public function ledger(): PlanLedger
    {
        $ledgers = [];
        foreach ($this->pieces as $analysis) {
            if (null !== $analysis->ends) {
                $ledgers[$analysis->piece->key] = self::entered($this->plan, $analysis, $analysis->ends);
            }
        }

        return new PlanLedger($this->plan, $ledgers);
    }

    /** One piece of a plan alone, with those that it begins on: null where the plan has no such piece. */
    public static function ofPiece(Plan $plan, string $key): ?PieceAnalysis
    {
        $piece = $plan->piece($key);

        if (null === $piece) {
            return null;
        }
        $readings = null === $piece->start ? [] : PieceReading::all($plan)[0];

        return PieceAnalysis::of($plan, PieceStages::of($plan, $piece, $readings[$key] ?? null), PieceReading::edges($piece, $readings));
    }

    /**
     * @param list<PieceAnalysis> $pieces
     *
     * @return array<string, Ends> by piece
     */
    private static function ends(Plan $plan, array $pieces): array
    {
        $colourings = $finishings = [];
        foreach ($pieces as $analysis) {
            $colourings[$analysis->piece->key] = $analysis->stages->colouring;
            $finishings[$analysis->piece->key] = $analysis->finishing;
        }

        return Ends::all($plan, $colourings, $finishings);
    }

    /**
     * @param list<PieceAnalysis> $pieces
     * @param array<string, Ends> $ends   by piece
     *
     * @return list<PieceLengths>
     */
    private static function lengths(Plan $plan, array $pieces, array $ends): array
    {
        return array_map(
            static fn (PieceAnalysis $analysis): PieceLengths => PieceLengths::of(self::entered($plan, $analysis, $ends[$analysis->piece->key])),
            $pieces,
        );
    }

    /**
     * @param list<PieceAnalysis> $pieces
     *
     * @return array<string, PieceAsPart> by piece
     */
    private static function parts(array $pieces): array
    {
        $parts = array_column($pieces, 'part');

        return array_combine(array_column($parts, 'key'), $parts);
    }

    private static function entered(Plan $plan, PieceAnalysis $analysis, Ends $ends): Ledger
    {
        $strands = array_combine(
            array_map(static fn (Yarn $yarn): string => $yarn->key, $plan->yarns),
            array_map(static fn (Yarn $yarn): int => $yarn->strands, $plan->yarns),
        );

        return Ledger::of(
            $analysis->stages->fabric,
            $analysis->stages->frame,
            $analysis->stages->colouring,
            $analysis->changes,
            $plan->gaugeOf($analysis->piece),
            Joins::of($analysis->piece, $analysis->stages->reading),
            $ends,
            $plan->yarnUse,
        )->withThreads($analysis->threads, $strands)->withSeams($plan, $analysis->part, $analysis->piece->copies->count);
    }
}

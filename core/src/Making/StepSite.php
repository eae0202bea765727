<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Toy\PieceThreads;

/** A piece as its steps are found: what every stage before has made of it. */
final readonly class StepSite
{
    /**
     * @param array<int, non-empty-list<Change>> $told       the changes that need a word, by the round in which they are made
     * @param bool                               $startsAnew its yarn is not the one of another piece that goes on
     * @param array<int, list<int>>              $slips      by round, its tops, from 0, that are slip stitches for a change there or before them
     * @param list<JoinedPart>                   $joined     parts that are joined as one goes, in the order of the rounds
     * @param float|null                         $hookMm     to be taken for it; null: there is one for all
     */
    private function __construct(
        public Piece $piece,
        public Reading $reading,
        public Fabric $fabric,
        public PieceForm $form,
        public Colouring $colouring,
        public Changes $changes,
        public Placing $placing,
        public PieceThreads $threads,
        public Finishing $finishing,
        public bool $startsAnew,
        public array $told,
        public array $slips,
        public array $joined,
        public ?float $hookMm,
    ) {
    }

    public static function of(
        Piece $piece,
        Reading $reading,
        Fabric $fabric,
        Frame $frame,
        PieceForm $form,
        Colouring $colouring,
        Changes $changes,
        Placing $placing,
        PieceThreads $threads,
        Finishing $finishing,
        bool $startsAnew,
        ?float $hookMm,
    ): self {
        $told = $slips = [];
        foreach ($changes->all as $change) {
            if (Ways::of($change->treatment->method)->slipsFirst()) {
                $slips[$change->place->treated + 1][] = 0;
            }
            if (null !== $change->yarns->slips) {
                $slips[$change->place->round][] = $change->yarns->slips;
            }
            // Of those that pass behind a few stitches, the first of a round is told: the others are done alike.
            if ($change->needsWord() || ($change->isInNotes() && !isset($told[$change->place->round]))) {
                $told[$change->place->round][] = $change;
            }
        }

        return new self(
            piece: $piece, reading: $reading, fabric: $fabric, form: $form, colouring: $colouring, changes: $changes, placing: $placing,
            threads: $threads, finishing: $finishing, startsAnew: $startsAnew, told: $told, slips: $slips, joined: JoinedPart::all($reading, $frame),
            hookMm: $hookMm,
        );
    }

    public function last(): int
    {
        return \count($this->reading->rounds);
    }

    /** Once a round is worked, or at one of its stitches. */
    public function after(int $round, ?int $stitch = null): StepAddress
    {
        return StepAddress::after($this->piece->key, $round, $stitch);
    }

    /** Of rounds that are worked alike. */
    public function along(WorkedRounds $worked): StepAddress
    {
        return new StepAddress($this->piece->key, $worked->from, $worked->to);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Change\TypedMethods;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\Filled;
use Alternum\Core\Form\Openings;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Frame\StandingEnd;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\PlacedCloth;
use Alternum\Core\Place\ShiftedChanges;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/** One piece taken from its words to the final yarn of every stitch: what the analysis and every edit that needs a place stand on. */
final readonly class PieceStages
{
    /** A motif may cover the place where a loop was to be drawn, and lie otherwise without it: so often that is tried. */
    private const TRIES = 2;

    /** @param PieceForm $form the shape that it takes stuffed, before its tail draws it in */
    private function __construct(
        public Piece $piece,
        public Reading $reading,
        public Fabric $fabric,
        public Filled $filled,
        public PieceForm $form,
        public Colouring $byRounds,
        public Treatments $treatments,
        public StandingEnd $end,
        public Frame $frame,
        public Colouring $colouring,
        private ShiftedChanges $shifted,
    ) {
    }

    /** @param Reading|null $reading null: it is read here, with the pieces that it begins on */
    public static function of(Plan $plan, Piece $piece, ?Reading $reading = null): self
    {
        $reading ??= PieceReading::of($plan, $piece);
        $piece = $piece->withChanges($piece->changes->orAt(TypedMethods::in($reading))->or($plan->changes));
        [$piece, $fabric] = self::worked($plan, $piece, $reading);
        $byRounds = Colouring::byRounds($plan, $piece, $fabric, $reading);
        $end = StandingEnd::of($plan, $piece, $reading);
        $openings = Openings::of($fabric);
        $filled = Filled::of($plan, $piece, $reading, $fabric, $openings);
        $unmoving = [];
        for ($try = 1;; ++$try) {
            $treatments = Treatments::of($piece, $fabric, $byRounds, $piece->frontDegrees, $unmoving);
            $frame = Frame::of($fabric, $piece, $plan->hand, $end, $treatments->moves);
            $colouring = PlacedCloth::colours($plan, $piece, $fabric, $reading, $frame);
            $covered = array_values(array_filter($treatments->loops, static fn (int $round): bool => !self::changesAfter($colouring, $round)));
            if ([] === $covered) {
                $shifted = ShiftedChanges::of(
                    $treatments,
                    $frame,
                    $byRounds,
                    $colouring,
                    static fn (): array => PlacedCloth::pictures($plan, $piece, $fabric, $reading, $frame),
                );

                return new self(
                    piece: $piece, reading: $reading, fabric: $fabric, filled: $filled, form: self::shape($piece, $fabric, $openings, $filled),
                    byRounds: $byRounds, treatments: $treatments, end: $end, frame: $frame, colouring: $shifted->colouring, shifted: $shifted,
                );
            }
            // No loop is drawn where the yarn does not change after all; in the end none at all, so that what is said is always so.
            $unmoving = [...$unmoving, ...($try < self::TRIES ? $covered : range(1, \count($fabric->rounds)))];
        }
    }

    /**
     * The shape alone, as of() has it: of a piece that is only tried, before its colours are asked for.
     *
     * @param Reading|null $reading null: its own lines are read
     */
    public static function form(Plan $plan, Piece $piece, ?Reading $reading = null): PieceForm
    {
        $reading ??= PieceReading::of($plan, $piece);
        [$piece, $fabric] = self::worked($plan, $piece, $reading);
        $openings = Openings::of($fabric);

        return self::shape($piece, $fabric, $openings, Filled::of($plan, $piece, $reading, $fabric, $openings));
    }

    public function changes(Plan $plan): Changes
    {
        return Changes::of($this->piece, $this->frame, $this->shifted, $this->treatments, $this->reading, $plan->floats);
    }

    private static function shape(Piece $piece, Fabric $fabric, Openings $openings, Filled $filled): PieceForm
    {
        return Worked::Rows === $piece->worked ? PieceForm::flat($fabric) : PieceForm::of($fabric, $openings, $filled);
    }

    /** @return array{Piece, Fabric} */
    private static function worked(Plan $plan, Piece $piece, Reading $reading): array
    {
        // What goes along its chains once, and not around them, is a row.
        $piece = $reading->isAlongOneSide ? $piece->withWorked(Worked::Rows) : $piece;

        return [$piece, Fabric::of($reading, $plan->gaugeOf($piece), $piece->worked, $plan->leanOf($piece))];
    }

    private static function changesAfter(Colouring $colouring, int $round): bool
    {
        $before = $colouring->rounds[$round - 1];

        return $before[\strlen($before) - 1] !== $colouring->rounds[$round][0];
    }
}

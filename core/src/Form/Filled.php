<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Finish\Finish;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/** How a piece ends and how firmly it is stuffed: what is decided before it has a shape. */
final readonly class Filled
{
    /** So many stitches at most are drawn closed without a word. */
    private const CLOSES = 8;
    /** How hard stuffing presses, times the largest radius, against the fabric's stiffness: from memory. */
    private const PRESSES = ['firm' => 0.08, 'usual' => 0.04, 'light' => 0.02, 'half' => 0.01];

    /**
     * @param Finish        $finish  as it was chosen, else as the typed words say it
     * @param PieceEnd|null $end     null: another piece is worked on from it
     * @param FinishReason  $endWhy  why it ends so where nothing is chosen nor said
     * @param bool          $isUnfit the end that was chosen is none for it
     * @param float|null    $presses how hard the stuffing presses against the fabric, times the largest radius, against its stiffness; null: there is none
     * @param FinishReason  $why     why it is stuffed so where nothing is chosen nor said
     */
    private function __construct(
        public TypedFinish $typed,
        public Finish $finish,
        public ?PieceEnd $end,
        public FinishReason $endWhy,
        public bool $isUnfit,
        public Firmness $firmness,
        public ?float $presses,
        public FinishReason $why,
    ) {
    }

    public static function of(Plan $plan, Piece $piece, Reading $reading, Fabric $fabric, Openings $openings): self
    {
        $typed = TypedFinish::in($reading);
        $finish = $piece->finish->or($typed->finish);
        [$end, $endWhy] = self::end($plan, $piece, $reading, $fabric);
        // Rows have no opening to press flat or to join.
        $isUnfit = Worked::Rows === $piece->worked && \in_array($piece->finish->end, [PieceEnd::NeedleJoin, PieceEnd::Flat], true);
        $end = FinishReason::GoesOn === $endWhy ? null : ($isUnfit ? $typed->finish->end : $finish->end) ?? $end;
        $filling = PieceFilling::of($plan, $piece, $fabric, $end, $openings);
        // Where nothing goes in, nothing that was chosen goes in either.
        $firmness = FinishReason::TooNarrow === $filling->why ? Firmness::None : $finish->stuffing->firmness ?? $filling->firmness;

        return new self(
            typed: $typed, finish: $finish, end: $end, endWhy: $endWhy, isUnfit: $isUnfit, firmness: $firmness,
            presses: isset(self::PRESSES[$firmness->value]) ? self::PRESSES[$firmness->value] * $plan->gaugeOf($piece)->stretches() : null, why: $filling->why,
        );
    }

    /** Whether its last round is an open edge that nothing is worked on from. */
    public function isLeftOpen(): bool
    {
        return null !== $this->end && !$this->end->closes();
    }

    /** Whether its last round is drawn together to a point. */
    public function isDrawnShut(): bool
    {
        return PieceEnd::Flat !== $this->end && true === $this->end?->closes();
    }

    /** @return array{PieceEnd|null, FinishReason} */
    private static function end(Plan $plan, Piece $piece, Reading $reading, Fabric $fabric): array
    {
        $counts = $fabric->counts();
        if (null !== $plan->goesOnFrom($piece->key)) {
            return [null, FinishReason::GoesOn];
        }
        $isAlone = 1 === \count($plan->pieces);
        $last = [] === $counts ? 0 : $counts[\count($counts) - 1];
        $join = $piece->start?->join;
        // What a slip stitch has joined, no needle joins once more.
        $round = $reading->rounds[\count($counts) - 1] ?? null;
        $isJoined = Worked::Joined === $piece->worked || null !== $round?->closed;

        return match (true) {
            $fabric->endsFlat() => [PieceEnd::Flat, FinishReason::Typed],
            Join::Edge === $join, true === $join?->isThroughBoth() => [$isJoined ? PieceEnd::Open : PieceEnd::NeedleJoin, FinishReason::Edging],
            // What begins on another is joined to it there.
            Worked::Rows === $piece->worked => [$isAlone || null !== $join ? PieceEnd::Open : PieceEnd::Sewn, FinishReason::Flat],
            $last <= self::CLOSES && [] !== $counts && $last < max($counts) => [PieceEnd::FrontLoops, FinishReason::Closes],
            true === $join?->standsOff(), null !== $join && PieceFilling::isFrill($fabric) => [PieceEnd::Open, FinishReason::StandsOff],
            $isAlone => [PieceEnd::Open, FinishReason::Alone],
            default => [PieceEnd::Sewn, FinishReason::SewnOn],
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Basis;

/** What the changes of a piece come to, as the analysis has it: the one measure by which plans of them are searched, compared and told. */
final readonly class ChangeFigures
{
    /**
     * @param int          $ends  of one copy, to be hidden
     * @param float        $mm    yarn of one copy that hangs on how it changes: its stitches and joins, the tails of changes, what is carried
     * @param list<Change> $shown jogs that show, and that nothing covers
     */
    private function __construct(public int $ends, public float $mm, public array $shown)
    {
    }

    /** @param int $at the piece's place in the plan */
    public static function of(Analysis $analysis, int $at): self
    {
        $lengths = $analysis->lengths[$at];
        $covers = $analysis->pieces[$at]->covers();

        return new self(
            $lengths->ends(),
            $lengths->onChanging() + $lengths->worth() * Basis::WIDTHS * $analysis->plan->gauge->stitchWidthMm(),
            array_values(array_filter(
                $analysis->pieces[$at]->changes->jogs(),
                static fn (Change $jog): bool => $jog->shows() && !isset($covers[$jog->place->treated]),
            )),
        );
    }

    /** What is left of the steps that show, in rounds. */
    public function steps(): float
    {
        return array_sum(array_map(static fn (Change $jog): float => $jog->treatment->step, $this->shown));
    }

    /** Less is better. */
    public function score(Weights $weights): float
    {
        return $weights->score($this->ends, $this->mm, $this->steps());
    }
}

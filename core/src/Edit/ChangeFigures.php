<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Place\Change;

/** What the changes of a piece come to, as the analysis has it: the one measure by which plans of them are searched, compared and told. */
final readonly class ChangeFigures
{
    /**
     * @param int          $ends  of one copy, to be hidden
     * @param float        $mm    of yarn that changing one copy takes beside the stitches
     * @param list<Change> $shown jogs that show, and that nothing covers
     * @param int          $jogs  all of them
     */
    private function __construct(public int $ends, public float $mm, public array $shown, public int $jogs)
    {
    }

    /** @param int $at the piece's place in the plan */
    public static function of(Analysis $analysis, int $at): self
    {
        $lengths = $analysis->lengths[$at];
        $covers = $analysis->pieces[$at]->covers();

        return new self(
            $lengths->ends(),
            $lengths->onChanging(),
            array_values(array_filter(
                $analysis->pieces[$at]->changes->jogs(),
                static fn (Change $jog): bool => $jog->shows() && !isset($covers[$jog->place->treated]),
            )),
            \count($analysis->pieces[$at]->changes->jogs()),
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

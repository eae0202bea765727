<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Lays out rounds for a form and a size. They are ordinary rounds, to go on from; the colours stay with theirs. */
final readonly class Shape implements Edit
{
    /**
     * @param int    $start    stitches in the first round
     * @param float  $widthMm  across, when done
     * @param float  $heightMm of the forms that have one of their own: capsule, cone, tube, bowl, drum
     * @param Stitch $decrease plain or invisible
     */
    public function __construct(
        private string $piece,
        private Form $form,
        private int $start,
        private float $widthMm,
        private float $heightMm,
        private Spread $spread,
        private Stitch $decrease,
    ) {
    }

    public function apply(Plan $plan): Plan
    {
        if (null !== $plan->piece($this->piece)?->start) {
            throw new EditRefused('This piece begins on others, and a shape begins in a ring. Let it begin on its own first.');
        }
        $around = \M_PI * $this->widthMm / $plan->gauge->stitchWidthMm();
        $steps = max(1, (int) round($around / $this->start));
        $length = (int) round($this->heightMm / $plan->gauge->roundHeightMm());
        if ($steps * $this->start > Limits::STITCHES_IN_ROUND || max($length, 0) + 3 * $steps > Limits::ROUNDS) {
            throw new EditRefused('A piece of this size has more than '.Limits::ROUNDS.' rounds, or rounds of more than '.number_format(Limits::STITCHES_IN_ROUND).' stitches.');
        }
        $counts = Profile::of($this->form, $this->start, $steps, $length);
        $lines = (new RoundWriter($plan->terms, $this->spread, $this->decrease))->lines($counts);

        return (new Retype($this->piece, $lines))->apply($plan);
    }
}

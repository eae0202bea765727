<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Lays out rounds for a form and a size. They are ordinary rounds, to go on from; the colours stay with theirs. */
final readonly class Shape implements EditKind
{
    /**
     * @param int      $start    stitches in the first round
     * @param FormSize $extent   its height is of the forms that have one of their own: capsule, cone, tube, bowl, drum
     * @param Stitch   $decrease plain or invisible
     */
    public function __construct(
        private string $piece,
        private Form $form,
        private int $start,
        private FormSize $extent,
        private Spread $spread,
        private Stitch $decrease,
    ) {
    }

    public static function words(): array
    {
        return ['shape'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);

        return new self(
            piece: $piece,
            form: $fields->oneOf('form', Form::class),
            start: $fields->whole('start', 3, 24),
            extent: new FormSize(
                widthMm: $fields->has('widthStitches') ? null : $fields->number('widthMm', 5, 3000),
                stitches: $fields->has('widthStitches') ? $fields->whole('widthStitches', 3, Limits::STITCHES_IN_ROUND) : null,
                heightMm: $fields->has('heightMm') ? $fields->number('heightMm', 0, 5000) : null,
                rounds: $fields->has('heightRounds') ? $fields->whole('heightRounds', 1, Limits::ROUNDS) : null,
                degrees: $fields->has('tipDegrees') ? $fields->number('tipDegrees', 5, 180) : null,
                growth: $fields->has('growth') ? $fields->number('growth', 0.1, 24) : null,
            ),
            spread: $fields->oneOf('spread', Spread::class),
            decrease: $fields->oneOf('decrease', Stitch::class, [Stitch::InvisibleDecrease, Stitch::Decrease]),
        );
    }

    public function apply(Plan $plan): Plan
    {
        if (null !== $plan->piece($this->piece)?->start) {
            throw EditRefused::because('shape.begins');
        }
        $around = $this->extent->around($plan->gauge);
        $steps = max(1, (int) round($around / $this->start));
        $isCone = Form::Cone === $this->form;
        $length = $isCone ? $this->extent->slanting($plan->gauge, $this->start) : $this->extent->upright($plan->gauge);
        if ($isCone && $around - $this->start > $this->start * max(1, $length - 1)) {
            throw EditRefused::because('shape.tooFlat');
        }
        if (max($around, $steps * $this->start) > Limits::STITCHES_IN_ROUND || max($length, 0) + ($isCone ? 0 : 3 * $steps) > Limits::ROUNDS) {
            throw EditRefused::because('shape.tooLarge', rounds: Limits::ROUNDS, stitches: Limits::STITCHES_IN_ROUND);
        }
        $counts = $isCone ? Profile::cone($this->start, $around, $length) : Profile::of($this->form, $this->start, $steps, $length);
        $lines = (new RoundWriter($plan->terms, $this->spread, $this->decrease))->lines($counts, Profile::turns($this->form, $counts));

        return (new Retype($this->piece, $lines))->apply($plan);
    }

    public function inWords(): string
    {
        return 'Rounds of a '.$this->form->value;
    }
}

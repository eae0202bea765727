<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Lays out rounds for a form and a size. They are ordinary rounds, to go on from; the colours stay with theirs. */
final readonly class Shape implements EditKind
{
    private const TURNS = 2;

    /**
     * @param int      $start    stitches in the first round
     * @param FormSize $extent   across and along the axis as it comes out stuffed, reached within an increase and a round
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
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $gauge = $plan->gaugeOf($piece);
        $around = $this->extent->around($gauge);
        $length = Form::Cone === $this->form ? $this->extent->slanting($gauge, $this->start) : $this->extent->upright($gauge);
        $steps = max(1, (int) round($around / $this->step()));
        $width = $this->extent->widthMm;
        // A ball is as high as wide in the maker's own gauge, whose stitches need not be square.
        $height = $this->extent->high() ?? (Form::Ball === $this->form ? $width : null);
        $tried = [];
        $try = function (int $steps, int $length) use ($plan, $piece, &$tried): PieceForm {
            return $tried[$steps][$length] ??= PieceStages::form($plan, $piece, Reading::ofCounts($this->counts($steps, $length)));
        };
        $widens = $this->step() * $gauge->stitchWidthMm() / \M_PI;
        $rises = $gauge->roundHeightMm();
        // What is short bulges at the cost of its width, so that each is looked for again once the other is found.
        for ($turn = 0; $turn < self::TURNS; ++$turn) {
            if (null !== $width) {
                $steps = Nearest::to($steps, 1, Limits::STITCHES_IN_ROUND, $width, $widens, static fn (int $at): float => $try($at, $length)->width);
            }
            if (null !== $height) {
                $length = Nearest::to($length, 1, Limits::ROUNDS, $height, $rises, static fn (int $at): float => $try($steps, $at)->height);
            }
        }
        if (null !== $height && abs($try($steps, $length)->height - $height) > $rises) {
            throw EditRefused::because('shape.unreached', cm: round($try($steps, $length)->height / 10, 1));
        }

        $counts = $this->counts($steps, $length);
        $lines = (new RoundWriter($plan->terms, $this->spread, $this->decrease))->lines($counts, Profile::turns($this->form, $counts));

        return (new Retype($this->piece, $lines))->apply($plan);
    }

    /** @return int stitches around that the size goes by */
    private function step(): int
    {
        return Form::Cone === $this->form ? 1 : $this->start;
    }

    /**
     * @return non-empty-list<int> stitches that each round makes
     *
     * @throws EditRefused where it is too flat, or more than a plan holds
     */
    private function counts(int $steps, int $length): array
    {
        $isCone = Form::Cone === $this->form;
        $around = $steps * $this->step();
        if ($isCone && $around - $this->start > $this->start * max(1, $length - 1)) {
            throw EditRefused::because('shape.tooFlat');
        }
        $tooLarge = EditRefused::because('shape.tooLarge', rounds: Limits::ROUNDS, stitches: Limits::STITCHES_IN_ROUND, all: Limits::STITCHES);
        if ($around > Limits::STITCHES_IN_ROUND || max($length, 0) + ($isCone ? 0 : 3 * $steps) > Limits::ROUNDS) {
            throw $tooLarge;
        }
        $counts = $isCone ? Profile::cone($this->start, $around, $length) : Profile::of($this->form, $this->start, $steps, $length);
        if (\count($counts) > Limits::ROUNDS || array_sum($counts) > Limits::STITCHES) {
            throw $tooLarge;
        }

        return $counts;
    }

    public function inWords(): string
    {
        return 'Rounds of a '.$this->form->value;
    }
}

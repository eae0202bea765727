<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Makes a piece about as wide and as high as is said, by increase rounds and even rounds: see Resize. */
final readonly class ResizeTo implements EditKind
{
    /**
     * @param float|null $widthMm  across the stuffed piece; null: as it comes
     * @param float|null $heightMm along its axis; null: as it comes
     */
    public function __construct(private string $piece, private ?float $widthMm, private ?float $heightMm)
    {
    }

    public static function words(): array
    {
        return ['size'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->text('piece', 40),
            $fields->has('widthMm') ? $fields->number('widthMm', 5, 3000) : null,
            $fields->has('heightMm') ? $fields->number('heightMm', 5, 5000) : null,
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if ([] === PieceReading::of($plan, $piece)->rounds) {
            throw EditRefused::because('edit.noRounds');
        }
        if (null !== $this->widthMm) {
            $step = max(1, ShapePhases::of(PieceReading::of($plan, $piece))->step) * $plan->gaugeOf($piece)->stitchWidthMm() / \M_PI;
            $plan = $this->resized($plan, $this->nearest($plan, $this->widthMm, $step, true), 0);
        }
        if (null !== $this->heightMm) {
            // An even round is as high as its stitches are.
            $plan = $this->resized($plan, 0, $this->nearest($plan, $this->heightMm, $plan->gaugeOf($piece)->roundHeightMm(), false));
        }

        return $plan;
    }

    /**
     * @param float $asked mm
     * @param float $step  mm that one more gives
     *
     * @return int increase rounds, or even rounds, to add
     */
    private function nearest(Plan $plan, float $asked, float $step, bool $isWidth): int
    {
        $measure = function (int $more) use ($plan, $isWidth): float {
            $tried = $isWidth ? $this->resized($plan, $more, 0) : $this->resized($plan, 0, $more);
            $form = PieceStages::form($tried, $tried->piece($this->piece) ?? throw EditRefused::noPiece($this->piece));

            return $isWidth ? $form->width : $form->height;
        };

        return Nearest::to(0, -Limits::ROUNDS, Limits::ROUNDS, $asked, $step, $measure);
    }

    private function resized(Plan $plan, int $wider, int $longer): Plan
    {
        return 0 === $wider && 0 === $longer ? $plan : (new Resize($this->piece, $wider, $longer))->apply($plan);
    }

    public function inWords(): string
    {
        return 'Another size';
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Piece;
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
            $phases = ShapePhases::of(PieceReading::of($plan, $piece));
            $wider = (int) round(($this->widthMm - self::size($plan, $piece)->width) * \M_PI / $plan->gauge->stitchWidthMm() / max(1, $phases->step));
            if (0 !== $wider) {
                $plan = (new Resize($this->piece, $wider, 0))->apply($plan);
                $piece = $plan->piece($this->piece) ?? $piece;
            }
        }
        if (null !== $this->heightMm) {
            // An even round is as high as its stitches are.
            $longer = (int) round(($this->heightMm - self::size($plan, $piece)->height) / $plan->gauge->roundHeightMm());
            if (0 !== $longer) {
                $plan = (new Resize($this->piece, 0, $longer))->apply($plan);
            }
        }

        return $plan;
    }

    public function inWords(): string
    {
        return 'Another size';
    }

    private static function size(Plan $plan, Piece $piece): PieceForm
    {
        return PieceForm::of(Fabric::of(PieceReading::of($plan, $piece), $plan->gauge, $piece->worked, $plan->leanOf($piece)));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\MovableLayer;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Takes hold of a layer on the chart: moves it by rounds and degrees, or its far edge; it stays on the piece. */
final readonly class ShiftLayer implements ReplacesGroup
{
    /**
     * @param int   $layer     its place in the piece's list, from 0
     * @param float $degrees   in the working direction
     * @param bool  $isStretch its far edge is moved: higher, and wider on each side
     */
    public function __construct(private string $piece, private int $layer, private int $rounds, private float $degrees, private bool $isStretch)
    {
    }

    public static function words(): array
    {
        return ['shift'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->text('piece', 40),
            $fields->whole('layer', 0, Limits::LAYERS),
            $fields->whole('rounds', -Limits::ROUNDS, Limits::ROUNDS),
            $fields->number('degrees', -360, 360),
            $fields->has('stretch') && $fields->truth('stretch'),
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $entry = $piece->colours[$this->layer] ?? throw EditRefused::because('edit.noLayer');
        $layer = $entry->layer;
        if (!$layer instanceof MovableLayer) {
            throw EditRefused::because('shift.noPlace');
        }
        $last = \count(PieceReading::of($plan, $piece)->rounds);
        $range = $layer->range();
        $moved = $this->isStretch
            ? $layer->stretched(min($this->rounds, max(0, $last - $range->to)), $this->degrees)
            : $layer->moved(max(1 - $range->from, min($this->rounds, max(0, $last - $range->to))), $this->degrees);
        $colours = $piece->colours;
        $colours[$this->layer] = $entry->with($moved);

        return $plan->withPiece($piece->withColours(array_values($colours)));
    }

    public function inWords(): string
    {
        return 'A layer moved';
    }
}

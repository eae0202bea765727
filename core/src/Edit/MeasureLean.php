<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Plan;

/** The lean, from a marker swatch: even rounds, and how far the marker has wandered over them. */
final readonly class MeasureLean implements EditKind
{
    /**
     * @param string $piece    key; '' for the whole plan
     * @param int    $rounds   even rounds that were worked
     * @param float  $stitches that the marker has wandered against the working direction; with it where negative
     */
    public function __construct(private string $piece, private int $rounds, private float $stitches)
    {
    }

    public static function words(): array
    {
        return ['lean'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->whole('rounds', 1, 400), $fields->number('stitches', -400, 400));
    }

    public function apply(Plan $plan): Plan
    {
        $lean = round($this->stitches / $this->rounds, 3);
        if (abs($lean) > 2) {
            throw EditRefused::because('lean.tooMuch');
        }
        if ('' === $this->piece) {
            return $plan->withLean($lean);
        }
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);

        return $plan->withPiece($piece->withLean($lean));
    }

    public function inWords(): string
    {
        return 'Slant measured';
    }
}

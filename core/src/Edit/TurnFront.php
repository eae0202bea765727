<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Plan;

/** Turns the piece so that other degrees face the viewer. */
final readonly class TurnFront implements ReplacesGroup
{
    /** @param float $degrees any number; it is wrapped to one turn */
    public function __construct(private string $piece, private float $degrees)
    {
    }

    public static function words(): array
    {
        return ['front'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->number('degrees', -3600, 3600));
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $degrees = fmod($this->degrees, 360.0);

        return $plan->withPiece($piece->withFront($degrees < 0 ? $degrees + 360.0 : $degrees));
    }

    public function inWords(): string
    {
        return 'Front turned';
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Which side of a piece looks forward; usually the one opposite the marker. */
final readonly class Front implements PieceSetting
{
    /** Opposite the marker. */
    public const USUAL = 180.0;

    /** @param float $degrees from the marker in the working direction, 0 up to, not including, 360 */
    public function __construct(public float $degrees = self::USUAL)
    {
    }

    public static function field(): string
    {
        return 'front';
    }

    public static function in(Fields $piece): self
    {
        $fields = $piece->object(self::field());
        $front = new self(fmod($fields->number('degrees', 0, 360), 360.0));
        $fields->close();

        return $front;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['degrees' => Number::plain($this->degrees)];
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** How far a fabric gives when it is stuffed, as one finished piece was measured: for the same yarns and hook it holds in every piece. */
final readonly class Stretch
{
    public const LEAST = 0.01;
    public const MOST = 20.0;

    /**
     * @param string $piece the name of the piece that was measured, as it was then
     * @param float  $mm    what was measured
     * @param float  $at    stitches over 10 cm then: of another gauge it says nothing
     * @param float  $times so many times as hard as is usual the stuffing presses against the fabric
     */
    public function __construct(public string $piece, public SizeOf $measure, public float $mm, public float $at, public float $times)
    {
    }

    public static function read(Fields $fields): self
    {
        $stretch = new self(
            $fields->text('piece', Limits::NAME),
            $fields->oneOf('measure', SizeOf::class),
            $fields->number('mm', 1, 5000),
            $fields->number('stitchesPer10cm', 2, 100),
            $fields->number('times', self::LEAST, self::MOST),
        );
        $fields->close();

        return $stretch;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return [
            'piece' => $this->piece,
            'measure' => $this->measure->value,
            'mm' => Number::plain($this->mm),
            'stitchesPer10cm' => Number::plain($this->at),
            'times' => Number::plain($this->times),
        ];
    }
}

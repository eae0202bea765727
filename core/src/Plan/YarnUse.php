<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** What a plan's amounts of yarn are reckoned with. */
final readonly class YarnUse
{
    public function __construct(
        public Measure $measure,
        public float $sparePercent,
        public float $tailCm,
        public float $sewingTailCm,
    ) {
    }

    public function withSewingTail(float $cm): self
    {
        return new self($this->measure, $this->sparePercent, $this->tailCm, $cm);
    }

    /** For another yarn, which nothing was measured of: tails to sew with are so many times as long, as seams are. */
    public function unmeasured(float $times): self
    {
        return new self(Measure::guess(), $this->sparePercent, $this->tailCm, min(500.0, round($this->sewingTailCm * $times)));
    }

    public static function read(Fields $fields): self
    {
        $use = new self(
            Measure::read($fields),
            $fields->number('sparePercent', 0, 100),
            $fields->number('tailCm', 0, 200),
            $fields->number('sewingTailCm', 0, 500),
        );
        $fields->close();

        return $use;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return $this->measure->values() + [
            'sparePercent' => Number::plain($this->sparePercent),
            'tailCm' => Number::plain($this->tailCm),
            'sewingTailCm' => Number::plain($this->sewingTailCm),
        ];
    }
}

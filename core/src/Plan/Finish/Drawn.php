<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

use Alternum\Core\Plan\Format\Fields;

/** A long tail that draws a stuffed piece in: through its middle from pole to pole, or its base flat. */
final readonly class Drawn
{
    private const MOST = 16;

    /**
     * @param int  $segments how often the tail goes from pole to pole, which makes as many segments; 0: it does not
     * @param bool $base     the end at which the piece stands is drawn flat
     */
    public function __construct(public int $segments = 0, public bool $base = false)
    {
    }

    public static function read(Fields $fields): self
    {
        $drawn = new self(
            $fields->whole('segments', 0, self::MOST, 0),
            $fields->has('base') && $fields->truth('base'),
        );
        $fields->close();

        return $drawn;
    }

    public function isNothing(): bool
    {
        return 0 === $this->segments && !$this->base;
    }

    /** @return array<string, int|bool> in the plan's format */
    public function values(): array
    {
        return ['segments' => $this->segments] + ($this->base ? ['base' => true] : []);
    }
}

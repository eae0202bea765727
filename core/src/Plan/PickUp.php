<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** Which stitches of an edge a piece begins on, where it is not all of them. */
final readonly class PickUp
{
    /**
     * @param int $stitches how many, spread evenly; 0 where they are named
     * @param int $from     the first, from 1; 0 where they are spread
     * @param int $to       the last; smaller than the first where they go on past the round's end
     */
    private function __construct(public int $stitches, public int $from, public int $to)
    {
    }

    public static function evenly(int $stitches): self
    {
        return new self($stitches, 0, 0);
    }

    public static function between(int $from, int $to): self
    {
        return new self(0, $from, $to);
    }

    /** @return int how many of an edge of so many stitches; more than it has where they do not fit */
    public function of(int $edge): int
    {
        return match (true) {
            $this->stitches > 0 => $this->stitches,
            max($this->from, $this->to) > $edge => $edge + 1,
            default => $this->to - $this->from + 1 + ($this->to < $this->from ? $edge : 0),
        };
    }

    public static function read(Fields $fields): self
    {
        $pickUp = $fields->has('stitches')
            ? self::evenly($fields->whole('stitches', 1, Limits::STITCHES_IN_ROUND))
            : self::between($fields->whole('from', 1, Limits::STITCHES_IN_ROUND), $fields->whole('to', 1, Limits::STITCHES_IN_ROUND));
        $fields->close();

        return $pickUp;
    }

    /** @return array<string, int> in the plan's format */
    public function values(): array
    {
        return $this->stitches > 0 ? ['stitches' => $this->stitches] : ['from' => $this->from, 'to' => $this->to];
    }
}

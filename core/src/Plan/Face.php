<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Layer\RoundRange;

/** The part of a piece, about its front, that is to stay plain. */
final readonly class Face implements PieceSetting
{
    /** @param float $degrees around the piece that it is wide */
    public function __construct(public int $from, public int $to, public float $degrees)
    {
    }

    public static function field(): string
    {
        return 'face';
    }

    public static function in(Fields $piece): self
    {
        return self::read($piece->object(self::field()));
    }

    public static function read(Fields $fields): self
    {
        $face = new self($fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS), $fields->number('degrees', 1, 360));
        $fields->close();

        return $face;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'degrees' => Number::plain($this->degrees)];
    }

    /** The same once rounds have moved; null where all of its rounds are gone. */
    public function carried(RoundMoves $moves): ?self
    {
        $range = $moves->range(new RoundRange($this->from, $this->to));

        return null === $range ? null : new self($range->from, $range->to, $this->degrees);
    }
}

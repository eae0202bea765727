<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** How much yarn one single crochet takes, as guessed or as measured on a number of stitches. */
final readonly class Measure
{
    /** @param float $amount centimetres when unravelled, grams when weighed, 0 as a guess */
    private function __construct(public Basis $basis, public int $stitches, public float $amount)
    {
    }

    public static function guess(): self
    {
        return new self(Basis::Guess, 0, 0.0);
    }

    public static function unravelled(int $stitches, float $cm): self
    {
        return new self(Basis::Unravelled, $stitches, $cm);
    }

    public static function weighed(int $stitches, float $grams): self
    {
        return new self(Basis::Weighed, $stitches, $grams);
    }

    /** Of an object with other fields besides. */
    public static function read(Fields $fields): self
    {
        $basis = $fields->oneOf('basis', Basis::class);
        if (Basis::Guess === $basis) {
            return self::guess();
        }
        $measured = $fields->object($basis->value);
        $stitches = $measured->whole('stitches', 1, Limits::STITCHES);
        $measure = Basis::Unravelled === $basis
            ? self::unravelled($stitches, $measured->number('cm', 0.1, 1_000_000))
            : self::weighed($stitches, $measured->number('grams', 0.01, 100_000));
        $measured->close();

        return $measure;
    }

    public static function readAlone(Fields $fields): self
    {
        $measure = self::read($fields);
        $fields->close();

        return $measure;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['basis' => $this->basis->value] + match ($this->basis) {
            Basis::Guess => [],
            Basis::Unravelled => ['unravelled' => ['stitches' => $this->stitches, 'cm' => Number::plain($this->amount)]],
            Basis::Weighed => ['weighed' => ['stitches' => $this->stitches, 'grams' => Number::plain($this->amount)]],
        };
    }
}

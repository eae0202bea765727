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
        $measured = $basis->measured();
        if (null === $measured) {
            return new self($basis, 0, 0.0);
        }
        $inside = $fields->object($basis->value);
        $measure = new self($basis, $inside->whole('stitches', 1, Limits::STITCHES), $inside->number(...$measured));
        $inside->close();

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
        $measured = $this->basis->measured();

        return ['basis' => $this->basis->value] + (null === $measured ? [] : [
            $this->basis->value => ['stitches' => $this->stitches, $measured[0] => Number::plain($this->amount)],
        ]);
    }

    /**
     * @param Gauge $worked   in which it is worked
     * @param Gauge $measured in which it was measured
     *
     * @return float mm of one strand in one single crochet
     */
    public function single(Gauge $worked, Gauge $measured, Yarn $yarn): float
    {
        return $this->basis->single($this->amount, $this->stitches, $measured, $yarn) * $worked->stitchWidthMm() / $measured->stitchWidthMm();
    }
}

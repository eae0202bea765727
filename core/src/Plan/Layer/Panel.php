<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** An oval of one yarn: a belly, a face. */
final readonly class Panel implements MovableLayer
{
    use AnyLayer;

    /**
     * @param float $degrees   around the piece that it is wide, at its widest
     * @param float $fromFront degrees from the front to its middle, in the working direction
     */
    public function __construct(public string $yarn, public int $from, public int $to, public float $degrees, public float $fromFront = 0.0)
    {
    }

    public static function kind(): string
    {
        return 'panel';
    }

    public static function read(Fields $fields): self
    {
        return new self(
            Yarn::readKey($fields),
            $fields->whole('from', 1, Limits::ROUNDS),
            $fields->whole('to', 1, Limits::ROUNDS),
            $fields->number('degrees', 1, 360),
            $fields->number('fromFront', -180, 180, 0),
        );
    }

    public function values(): array
    {
        return [
            'yarn' => $this->yarn,
            'from' => $this->from,
            'to' => $this->to,
            'degrees' => Number::plain($this->degrees),
            'fromFront' => Number::plain($this->fromFront),
        ];
    }

    public function yarns(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function check(LayerSite $site): ?Problem
    {
        return $site->checkRange(self::class, $this->range());
    }

    /** An oval's width at a round follows from how far that is from its middle. */
    public function lay(FramedCloth $cloth): void
    {
        $counts = $cloth->counts();
        $middle = ($this->from + $this->to) / 2;
        $half = ($this->to - $this->from + 1) / 2;
        for ($round = $this->from, $last = min($this->to, \count($counts)); $round <= $last; ++$round) {
            $wide = $this->degrees * sqrt(max(0.0, 1 - (($round - $middle) / $half) ** 2));
            $stitches = min($counts[$round - 1], max(1, (int) round($wide / 360.0 * $counts[$round - 1])));
            $cloth->row($round, $this->fromFront, str_repeat($this->yarn, $stitches));
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        $range = $moves->range($this->range());

        return null === $range ? null : new self($this->yarn, $range->from, $range->to, $this->degrees, $this->fromFront);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function inWords(): string
    {
        return "oval patch, {$this->range()->inWords()}, ".Number::plain($this->degrees).'° wide';
    }

    public function range(): RoundRange
    {
        return new RoundRange($this->from, $this->to);
    }

    public function moved(int $rounds, float $degrees): self
    {
        return new self($this->yarn, $this->from + $rounds, $this->to + $rounds, $this->degrees, Number::degrees($this->fromFront + $degrees));
    }

    public function stretched(int $rounds, float $degrees): self
    {
        return new self(
            $this->yarn,
            $this->from,
            max($this->from, $this->to + $rounds),
            round(min(360.0, max(1.0, $this->degrees + 2 * $degrees))),
            $this->fromFront,
        );
    }
}

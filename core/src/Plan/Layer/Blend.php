<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** A few rounds in which single stitches of a yarn, spread evenly, grow from few to nearly all. */
final readonly class Blend implements PlaceLayer
{
    use AnyLayer;

    /** Each round begins its even spread so far on, so that its stitches do not line up: the golden section. */
    private const ON = 0.618034;

    public function __construct(public string $yarn, public int $from, public int $to)
    {
    }

    public static function kind(): string
    {
        return 'blend';
    }

    public static function read(Fields $fields): self
    {
        return new self(Yarn::readKey($fields), $fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS));
    }

    public function values(): array
    {
        return ['yarn' => $this->yarn, 'from' => $this->from, 'to' => $this->to];
    }

    public function yarns(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function check(LayerSite $site): ?Problem
    {
        return $site->checkRange(self::class, new RoundRange($this->from, $this->to));
    }

    public function lay(FramedCloth $cloth): void
    {
        $counts = $cloth->counts();
        $rounds = $this->to - $this->from + 1;
        for ($round = $this->from, $last = min($this->to, \count($counts)); $round <= $last; ++$round) {
            $share = ($round - $this->from + 1) / ($rounds + 1);
            $on = fmod($round * self::ON, 1.0);
            $letters = str_repeat(Motif::CLEAR, $counts[$round - 1]);
            // The n-th lies where so many stitches of the share make n.
            for ($n = 1; ($stitch = (int) ceil(($n - $on) / $share - 1e-9)) <= $counts[$round - 1]; ++$n) {
                $letters[$stitch - 1] = $this->yarn;
            }
            $cloth->letters($round, 1, $letters);
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        $range = $moves->range(new RoundRange($this->from, $this->to));

        return null === $range ? null : new self($this->yarn, $range->from, $range->to);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function scattered(): RoundRange
    {
        return new RoundRange($this->from, $this->to);
    }

    public function fades(): RoundRange
    {
        return new RoundRange($this->from, $this->to);
    }

    public function inWords(): string
    {
        return 'fade, '.(new RoundRange($this->from, $this->to))->inWords();
    }
}

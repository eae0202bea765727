<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** Stitches `from` to `to` of a round, inclusive, counting stitches made; wraps past the end where to < from. */
final readonly class Run implements RoundLayer
{
    use AnyLayer;

    public function __construct(public int $round, public int $from, public int $to, public string $yarn)
    {
    }

    public static function kind(): string
    {
        return 'run';
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->whole('round', 1, Limits::ROUNDS),
            $fields->whole('from', 1, Limits::STITCHES_IN_ROUND),
            $fields->whole('to', 1, Limits::STITCHES_IN_ROUND),
            Yarn::readKey($fields),
        );
    }

    public function values(): array
    {
        return ['round' => $this->round, 'from' => $this->from, 'to' => $this->to, 'yarn' => $this->yarn];
    }

    public function yarns(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function check(LayerSite $site): ?Problem
    {
        if ($this->round > $site->last()) {
            return Problem::atPath(
                'round',
                Message::of('run.noRound', worked: $site->worked->value, round: $this->round, last: $site->last()),
            );
        }
        $made = $site->counts[$this->round - 1];

        return max($this->from, $this->to) > $made
            ? Problem::atPath(
                $this->from > $made ? 'from' : 'to',
                Message::of('run.tooFar', worked: $site->worked->value, stitch: max($this->from, $this->to), round: $this->round, made: $made),
                round: $this->round,
            )
            : null;
    }

    public function lay(Cloth $cloth): void
    {
        $makes = $cloth->counts()[$this->round - 1] ?? 0;
        if ($this->from <= $makes) {
            $cloth->letters($this->round, $this->from, str_repeat($this->yarn, $this->length($makes)));
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        if ($this->round > $moves->last()) {
            return $this;
        }
        $round = $moves->block($this->round, 1);
        if (null === $round) {
            return null;
        }
        $makes = $moves->makes($round);
        if (!$moves->isResize() || 0 === $makes) {
            return new self($round, $this->from, $this->to, $this->yarn);
        }
        $length = $this->to >= $this->from ? $this->to - $this->from + 1 : null;
        $before = $moves->along($this->round, $round, $this->from, $length ?? 1);
        if (null === $length) {
            $end = $moves->along($this->round, $round, $this->to, 1);

            return new self($round, $before, $end, $this->yarn);
        }

        return new self($round, $before, ($before + min($length, $makes) - 2) % $makes + 1, $this->yarn);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return $range->holds(new RoundRange($this->round, $this->round));
    }

    public function inWords(): string
    {
        return "round {$this->round}, ".($this->from === $this->to ? "stitch {$this->from}" : "stitches {$this->from}–{$this->to}");
    }

    private function length(int $makes): int
    {
        return min($this->to, $makes) - $this->from + 1 + ($this->to < $this->from ? $makes : 0);
    }
}

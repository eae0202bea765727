<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Problem;

/** A stripe sequence, repeated over rounds `from` to `to`, both inclusive. */
final readonly class Stripes implements RoundLayer
{
    use AnyLayer;

    /** @param non-empty-list<Stripe> $sequence */
    public function __construct(public int $from, public int $to, public array $sequence)
    {
    }

    public static function kind(): string
    {
        return 'stripes';
    }

    public static function read(Fields $fields): self
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $to = $fields->whole('to', 1, Limits::ROUNDS);
        $sequence = $fields->objects('sequence', 1, Limits::ROUNDS, Stripe::read(...));

        return new self($from, $to, [] === $sequence ? [new Stripe('A', 1)] : $sequence);
    }

    public function values(): array
    {
        return [
            'from' => $this->from,
            'to' => $this->to,
            'sequence' => array_map(static fn (Stripe $stripe): array => ['yarn' => $stripe->yarn, 'rounds' => $stripe->rounds], $this->sequence),
        ];
    }

    public function yarns(): array
    {
        $yarns = [];
        foreach ($this->sequence as $i => $stripe) {
            $yarns["sequence[{$i}].yarn"] = $stripe->yarn;
        }

        return $yarns;
    }

    public function check(LayerSite $site): ?Problem
    {
        return $site->checkRange(self::class, $this->range());
    }

    public function lay(Cloth $cloth): void
    {
        $last = \count($cloth->counts());
        foreach ($this->rounds() as $round => $yarn) {
            if ($round > $last) {
                return;
            }
            $cloth->whole($round, $round, $yarn);
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        if ($this->from > $moves->last() || $this->to < $this->from) {
            return $this;
        }
        $range = $moves->range(new RoundRange($this->from, min($this->to, $moves->last())));
        if (null === $range) {
            return null;
        }
        $beyond = max(0, $this->to - $moves->last());

        return $moves->isResize() ? $this->scaled($range, $moves) : $this->asBefore(new RoundRange($range->from, $range->to + $beyond), $moves);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return $range->holds($this->range());
    }

    public function heights(): array
    {
        return array_column($this->sequence, 'rounds');
    }

    public function cutStripe(int $last): ?CutStripe
    {
        $to = min($this->to, $last);
        $left = $to - $this->from + 1;
        if ($left < 1 || \count($this->sequence) < 2) {
            return null;
        }
        for ($i = 0;; ++$i) {
            $stripe = $this->sequence[$i % \count($this->sequence)];
            if ($left <= $stripe->rounds) {
                return $left === $stripe->rounds ? null : new CutStripe(new RoundRange($to - $left + 1, $to), $stripe->yarn, $stripe->rounds);
            }
            $left -= $stripe->rounds;
        }
    }

    public function joined(Layer $above): ?self
    {
        $areBands = $above instanceof self && 1 === \count($this->sequence) && 1 === \count($above->sequence);
        if (!$areBands || $this->sequence[0]->yarn !== $above->sequence[0]->yarn || $this->from > $above->to + 1 || $above->from > $this->to + 1) {
            return null;
        }
        [$from, $to] = [min($this->from, $above->from), max($this->to, $above->to)];

        return new self($from, $to, [new Stripe($above->sequence[0]->yarn, $to - $from + 1)]);
    }

    public function inWords(): string
    {
        return $this->range()->inWords().(\count($this->sequence) > 1 ? ', striped' : '');
    }

    public function range(): RoundRange
    {
        return new RoundRange($this->from, $this->to);
    }

    /**
     * The yarn of every round, without an end: the caller stops at `to`.
     *
     * @return \Generator<int, string> round number to yarn key
     */
    public function rounds(): \Generator
    {
        for ($round = $this->from;;) {
            foreach ($this->sequence as $stripe) {
                for ($i = 0; $i < $stripe->rounds; ++$i, ++$round) {
                    if ($round > $this->to) {
                        return;
                    }
                    yield $round => $stripe->yarn;
                }
            }
        }
    }

    /** The same rounds in the same yarns; one that was put in takes the yarn of the round before it. */
    private function asBefore(RoundRange $range, RoundMoves $moves): self
    {
        $before = iterator_to_array($this->rounds());
        $kept = new self($range->from, $range->to, $this->sequence);
        $sequence = [];
        $yarn = '';
        $isSame = true;
        foreach ($kept->rounds() as $round => $repeated) {
            $yarn = $before[$moves->source($round) ?? 0] ?? ('' === $yarn || $round > $moves->newLast() ? $repeated : $yarn);
            $isSame = $isSame && $repeated === $yarn;
            $end = end($sequence);
            if (false !== $end && $end->yarn === $yarn) {
                array_pop($sequence);
            }
            $sequence[] = new Stripe($yarn, false !== $end && $end->yarn === $yarn ? $end->rounds + 1 : 1);
        }

        return $isSame || [] === $sequence ? $kept : new self($range->from, $range->to, $sequence);
    }

    /**
     * On a piece of another size the stripes are scaled, and those that were as high as one another stay so. Where they come again and
     * again, there may be more or fewer of them; where they are gone through once, the last takes up what is over at the piece's end.
     */
    private function scaled(RoundRange $range, RoundMoves $moves): self
    {
        $once = $this->onceThrough();
        $share = $range->count() / (min($this->to, $moves->last()) - $this->from + 1);
        $stripes = self::atHeights($once ?? $this->sequence, static fn (int $rounds): int => (int) round($rounds * $share));
        if (null === $once) {
            return new self($range->from, $range->to, $stripes);
        }
        if (self::height($stripes) > $range->count()) {
            $stripes = self::atHeights($once, static fn (int $rounds): int => (int) floor($rounds * $share));
        }
        $to = min($range->to, $range->from + self::height($stripes) - 1);
        if ($to < $range->to && ($this->to >= $moves->last() || 1 === \count($stripes))) {
            $last = array_pop($stripes);
            $stripes[] = new Stripe($last->yarn, $last->rounds + $range->to - $to);
            $to = $range->to;
        }

        return new self($range->from, $to, $stripes);
    }

    /**
     * @param non-empty-list<Stripe> $stripes
     * @param \Closure(int): int     $height
     *
     * @return non-empty-list<Stripe> each a round high at the least
     */
    private static function atHeights(array $stripes, \Closure $height): array
    {
        return array_map(static fn (Stripe $stripe): Stripe => new Stripe($stripe->yarn, max(1, $height($stripe->rounds))), $stripes);
    }

    /** @param list<Stripe> $stripes */
    private static function height(array $stripes): int
    {
        return array_sum(array_map(static fn (Stripe $stripe): int => $stripe->rounds, $stripes));
    }

    /** @return non-empty-list<Stripe>|null the stripes that are seen, where none is seen twice; null where the sequence comes again */
    private function onceThrough(): ?array
    {
        $left = $this->to - $this->from + 1;
        $shown = [];
        foreach ($this->sequence as $stripe) {
            if ($left > 0) {
                $shown[] = new Stripe($stripe->yarn, min($left, $stripe->rounds));
                $left -= $stripe->rounds;
            }
        }

        return $left > 0 || [] === $shown ? null : $shown;
    }
}

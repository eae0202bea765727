<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;

/** A stitch a number of times, or as often as the round has room: "5 sc", "inc x6", "sc around". */
final readonly class Work extends Node
{
    /**
     * @param int|null    $times null: around
     * @param string|null $yarn  of these stitches alone, named after them
     * @param bool        $each  one in each: "sc in each st", so that nothing else is repeated with it; "4 sc starting in 2nd ch", so that they go on along
     */
    public function __construct(
        public Stitch $stitch,
        public ?int $times,
        Span $span,
        public ?Loop $loop = null,
        public ?string $yarn = null,
        public ?IntoStitch $place = null,
        public bool $each = false,
    ) {
        parent::__construct($span);
    }

    public function withTimes(?int $times, Span $span): self
    {
        return new self(stitch: $this->stitch, times: $times, span: $span, loop: $this->loop, yarn: $this->yarn, place: $this->place, each: $this->each);
    }

    /**
     * All of them in one place: "2 sc in 2nd ch from hook" is an increase; "2 sc starting in 2nd ch" go on along the chain.
     *
     * @return non-empty-list<self>
     */
    public function together(): array
    {
        $one = null === $this->times ? null : Stitch::inOne($this->stitch, $this->times);
        $same = $this->stitch->same();

        return match (true) {
            null === $this->times || $this->times < 2 || $this->each => [$this],
            null !== $one => [$this->withStitch($one)->withTimes(1, $this->span)],
            null !== $same => [$this->withTimes(1, $this->span), new self($same, $this->times - 1, $this->span, $this->loop, $this->yarn)],
            default => [$this],
        };
    }

    /** How many chains are passed over on the way: the one before "2nd ch from hook". */
    public function skipped(): int
    {
        return IntoStitchKind::FromHook === $this->place?->kind && !$this->stitch->isOut() ? max(0, $this->place->number - 1) : 0;
    }

    public function withStitch(Stitch $stitch): self
    {
        return new self(stitch: $stitch, times: $this->times, span: $this->span, loop: $this->loop, yarn: $this->yarn, place: $this->place, each: $this->each);
    }

    public function withLoop(Loop $loop, Span $span): self
    {
        return new self(stitch: $this->stitch, times: $this->times, span: $span, loop: $loop, yarn: $this->yarn, place: $this->place, each: $this->each);
    }

    public function withYarn(string $yarn, Span $span): self
    {
        return new self(stitch: $this->stitch, times: $this->times, span: $span, loop: $this->loop, yarn: $yarn, place: $this->place, each: $this->each);
    }

    public function withPlace(IntoStitch $place, Span $span): self
    {
        return new self(stitch: $this->stitch, times: $this->times, span: $span, loop: $this->loop, yarn: $this->yarn, place: $place, each: $this->each);
    }

    /** One in each chain, from that one on. */
    public function along(int $fromHook, Span $span): self
    {
        $place = IntoStitch::fromHook($fromHook);

        return new self(stitch: $this->stitch, times: $this->times, span: $span, loop: $this->loop, yarn: $this->yarn, place: $place, each: true);
    }

    public function withSpan(Span $span): self
    {
        return new self(stitch: $this->stitch, times: $this->times, span: $span, loop: $this->loop, yarn: $this->yarn, place: $this->place, each: $this->each);
    }
}

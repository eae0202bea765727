<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Span;

/** A group a number of times, or as often as the round has room: "(sc, inc) x6". */
final readonly class Repeat extends Node
{
    /**
     * @param non-empty-list<Node> $items
     * @param int|null             $times null: around
     * @param string|null          $yarn  of the group alone, named after it
     * @param bool                 $said  how often was said, not taken for granted
     */
    public function __construct(
        public array $items,
        public ?int $times,
        Span $span,
        public ?Loop $loop = null,
        public ?string $yarn = null,
        public bool $said = true,
    ) {
        parent::__construct($span);
    }

    public function withTimes(?int $times, Span $span): self
    {
        return new self($this->items, $times, $span, $this->loop, $this->yarn);
    }

    /** @param non-empty-list<Node> $items */
    public function withItems(array $items): self
    {
        return new self(items: $items, times: $this->times, span: $this->span, loop: $this->loop, yarn: $this->yarn, said: $this->said);
    }

    public function withLoop(Loop $loop, Span $span): self
    {
        return new self(items: $this->items, times: $this->times, span: $span, loop: $loop, yarn: $this->yarn, said: $this->said);
    }

    public function withYarn(string $yarn, Span $span): self
    {
        return new self(items: $this->items, times: $this->times, span: $span, loop: $this->loop, yarn: $yarn, said: $this->said);
    }

    public function withSpan(Span $span): self
    {
        return new self(items: $this->items, times: $this->times, span: $span, loop: $this->loop, yarn: $this->yarn, said: $this->said);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** A bracketed group a number of times, or as often as the round has room: "(sc, inc) x6". */
final readonly class Repeat implements Node
{
    /**
     * @param non-empty-list<Node> $items
     * @param int|null             $times null: around
     */
    public function __construct(public array $items, public ?int $times, private int $position, private int $length)
    {
    }

    public function position(): int
    {
        return $this->position;
    }

    public function length(): int
    {
        return $this->length;
    }
}

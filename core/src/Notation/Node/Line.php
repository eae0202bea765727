<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** One typed line that stands for one or more rounds. */
final readonly class Line
{
    /**
     * @param list<Node> $items
     * @param int        $end   the character after the last item, from 0
     */
    public function __construct(public ?Head $head, public array $items, public ?Count $count, public int $end)
    {
    }
}

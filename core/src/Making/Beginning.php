<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** How a piece is begun where its first line does not say it. */
final readonly class Beginning
{
    /**
     * @param string|null  $on    on what, after "Begin"; null: in a ring, or in chains of its own
     * @param list<string> $notes a sentence each
     */
    public function __construct(public ?string $on, public array $notes)
    {
    }
}

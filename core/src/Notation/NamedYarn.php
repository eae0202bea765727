<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** A yarn that words name for what follows. */
final readonly class NamedYarn
{
    /**
     * @param string       $yarn a letter, or a name as typed; Expansion::BACK for the one before
     * @param YarnWay|null $way  null: nothing is said
     */
    public function __construct(public string $yarn, public ?YarnWay $way = null)
    {
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;

/** What one typed line came to. */
final readonly class Outcome
{
    /** @param Line|null $line null: no round, or not readable */
    public function __construct(public ?Line $line, public ?Head $head)
    {
    }
}

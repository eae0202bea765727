<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\OldYarnChoice;

/** What the search decides at one jog. */
final readonly class Decision
{
    /** @param OldYarnChoice|null $comes what becomes of the new yarn, from where it was left to here; null: nothing was to decide */
    public function __construct(public int $round, public Method $method, public ?OldYarnChoice $comes)
    {
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Edit\Edit;

/** One thing that a maker did: an edit, known by an id of its own, so that it is made once however often it comes. */
final readonly class Operation
{
    /** @param string $group operations of one group are one step of undo, and one version of the plan */
    public function __construct(public string $id, public string $group, public Edit $edit)
    {
    }
}

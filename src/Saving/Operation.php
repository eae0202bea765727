<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Edit\Edit;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Seen;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;

/** One thing that a maker did: an edit, known by an id of its own, so that it is made once however often it comes. */
final readonly class Operation
{
    /**
     * @param string    $group operations of one group are one step of undo, and one version of the plan
     * @param Seen|null $seen  null: the plan is as the maker saw it
     */
    public function __construct(public string $id, public string $group, public Edit $edit, private ?Seen $seen)
    {
    }

    /** @throws EditRefused|InvalidFields where it cannot be made */
    public function made(Plan $plan): Plan
    {
        return null === $this->seen ? $this->edit->apply($plan) : $this->seen->made($this->edit, $plan);
    }
}

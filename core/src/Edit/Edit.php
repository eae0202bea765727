<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Plan;

/** An operation on a plan: from plan to plan. */
interface Edit
{
    /** @throws EditRefused where the plan has no such piece, or the edit makes no sense on it */
    public function apply(Plan $plan): Plan;

    /** What it does, in a few words, for a plan's history: "Rounds 4–7 in B". */
    public function inWords(): string;
}

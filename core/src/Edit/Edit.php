<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Plan;

/** An operation that needs a rule of the job: from plan to plan. */
interface Edit
{
    /** @throws EditRefused where the plan has no such piece, or the edit makes no sense on it */
    public function apply(Plan $plan): Plan;
}

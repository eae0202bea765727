<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** A kind of step that comes with rounds as they are gathered. */
interface GoesWithRounds
{
    /** @return iterable<Step> */
    public static function with(StepSite $site, WorkedRounds $worked): iterable;
}

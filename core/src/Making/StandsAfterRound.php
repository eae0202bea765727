<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** A kind of step that stands after a round, and parts rounds that are worked alike. */
interface StandsAfterRound
{
    /** @return iterable<Step> all that a piece has of them, in the order of the work */
    public static function on(StepSite $site): iterable;
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\StepSite;

/** What the maker’s words set from inside: before the piece is stuffed there. */
final readonly class FirstWords extends TypedWords implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        foreach (self::all($site) as $step) {
            if ($step->isFirst()) {
                yield $step;
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\StepSite;

/** What the maker’s own words say to do once the piece is closed: to sew it on, to glue, to embroider. */
final readonly class LastWords extends TypedWords
{
    public static function on(StepSite $site): iterable
    {
        foreach (self::all($site) as $step) {
            if ($step->isLast($site)) {
                yield $step;
            }
        }
    }
}

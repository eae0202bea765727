<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Repeat;

/** Says where a repeat runs out of stitches: "The 6th repeat has 2 of its 3 stitches left to work into." */
final class Breaks
{
    public static function of(Line $line, int $below): ?string
    {
        $used = 0;
        foreach ($line->items as $item) {
            if (Expander::isOpen($item)) {
                return null;
            }
            $uses = Expander::item($item)->uses();
            if ($item instanceof Repeat && null !== $item->times && $item->times > 1 && $used + $uses > $below) {
                $each = intdiv($uses, $item->times);
                $whole = 0 === $each ? 0 : intdiv($below - $used, $each);
                $left = $below - $used - $whole * $each;

                return 0 === $left
                    ? "It fits {$whole} ".(1 === $whole ? 'time' : 'times').', not '.$item->times.'.'
                    : 'Repeat '.($whole + 1)." finds {$left} of the {$each} stitches that it uses.";
            }
            $used += $uses;
        }

        return null;
    }
}

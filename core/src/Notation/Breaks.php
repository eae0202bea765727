<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Plan\Message;

/** Says where a repeat runs out of stitches: "The 6th repeat has 2 of its 3 stitches left to work into." */
final class Breaks
{
    public static function of(Line $line, int $below): ?Message
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
                    ? Message::of('repeat.fits', whole: $whole, times: $item->times)
                    : Message::of('repeat.breaks', repeat: $whole + 1, left: $left, uses: $each);
            }
            $used += $uses;
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Method;

/** Methods that the typed words name: "join B with a standing st" at a round's end, or at the beginning of the next. */
final class TypedMethods
{
    /** @return array<int, Method> by the round at whose end the yarn changes */
    public static function in(Reading $reading): array
    {
        $methods = [];
        foreach ($reading->namesYarns() ? $reading->rounds : [] as $round) {
            $ends = Ways::typed($round->nextYarn?->way);
            $begins = $round->number > 1 ? Ways::typed(($round->named[0] ?? null)?->way) : null;
            if (null !== $ends) {
                $methods[$round->number] = $ends;
            }
            if (null !== $begins) {
                $methods[$round->number - 1] = $begins;
            }
        }

        return $methods;
    }
}

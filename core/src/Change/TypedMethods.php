<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;

/** Methods that the typed words name: "join B with a standing st" at a round's end, or at the beginning of the next. */
final class TypedMethods
{
    /** @return array<int, Method> by the round at whose end the yarn changes */
    public static function in(Reading $reading): array
    {
        $methods = [];
        foreach ($reading->namesYarns() ? $reading->rounds : [] as $round) {
            if (YarnWay::Standing === $round->nextYarn?->way) {
                $methods[$round->number] = Method::StandingStart;
            }
            if (YarnWay::Standing === ($round->named[0] ?? null)?->way && $round->number > 1) {
                $methods[$round->number - 1] = Method::StandingStart;
            }
        }

        return $methods;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** "starting in the 2nd ch from hook", before stitches or after them: from which chain on. */
final class StartingIn
{
    /**
     * @param list<string> $of what it may be called: a chain; right after one that is made, a stitch, too
     *
     * @return int|null of the chain, the one nearest to the hook being 1; null: it is not said, and nothing is taken
     */
    public static function of(Cursor $c, array $of = Words::CHAINS): ?int
    {
        $from = $c->at;
        if (!$c->skip('starting', 'start', 'beginning', 'begin', 'from', 'working')) {
            return null;
        }
        $c->skip('in', 'with', 'at', 'the', 'from', 'on', 'into');
        $number = $c->tokens->ordinal($c->at);
        if (null === $number || $number < 1 || !\in_array($c->value(1), $of, true)) {
            return $c->back($from);
        }
        $c->at += 2;
        $c->skip('from', 'the', 'hook', 'your');

        return $number;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** How the ring is named: "MR", "magic ring", "the adjustable loop", "it" after it was made. */
final class RingName
{
    /** Whether one is named here; if not, nothing is taken. */
    public static function of(Cursor $c): bool
    {
        $from = $c->at;
        // "6 sc into loop", "in the loop": no other is there to work into.
        $isInto = \in_array($c->value('the' === $c->value(-1) ? -2 : -1), ['in', 'into', 'inside'], true);
        $c->skip('a', 'an', 'the', 'your');
        $isInto = $isInto && $c->isWord('loop') && !\in_array($c->value(1), ['of', 'only'], true);
        $magic = $c->skip('magic', 'adjustable', 'sliding', 'slip', 'starting', 'double', 'chain', 'ch', 'yarn');
        if ($c->take(...Words::RINGS)) {
            $word = $c->value(-1);
            $before = $c->value(-2);
            $isRing = match ($word) {
                'loop' => $isInto || $magic && !\in_array($before, ['chain', 'ch'], true),
                'mc' => $magic
                    || ((!ctype_digit($c->value()) || !$c->tokens->isClose($c->at))
                        && Assumption::CircleRing === $c->choose(0, [Assumption::CircleRing, Assumption::CircleYarn])),
                'circle', 'ring' => true,
                default => !$magic,
            };
            if ($isRing) {
                return true;
            }
        }
        $c->back($from);

        return false;
    }
}

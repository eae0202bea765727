<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\TokenType;

/** Reads the number of the size that is made, where a pattern has two of them: "6 (8) sc", "(3 (4) sc, inc) x6". One and the same all along a line. */
final class Sizes
{
    /** After a number: the other size's in brackets, which is no count. */
    public static function of(Cursor $c, int $number): int
    {
        $other = $c->is(TokenType::Open) && $c->isAhead(1, TokenType::Number) && $c->isAhead(2, TokenType::Close) ? (int) $c->number(1) : $number;
        $isOther = $other > $number && (null !== $c->name(3) || \in_array($c->value(3), ['times', ...Words::STITCHES], true) || self::isWithinBrackets($c));
        if (!$isOther) {
            return $number;
        }
        $c->check($other, $c->at + 1);
        $c->at += 3;

        return Assumption::SizeFirst === $c->choose(0, [Assumption::SizeFirst, Assumption::SizeSecond]) ? $number : $other;
    }

    private static function isWithinBrackets(Cursor $c): bool
    {
        for ($at = $c->at - 1; $at >= 0; --$at) {
            if ($c->tokens->is($at, TokenType::Open) && ($c->closeOf($at) ?? 0) > $c->at + 2) {
                return true;
            }
        }

        return false;
    }
}

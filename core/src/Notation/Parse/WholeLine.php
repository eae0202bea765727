<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\TokenType;

/** Sees a yarn that stands at a line's end and is told of all of it: "sc around (12) B", "sc around (12) - in B", "sc around (12) [B]". */
final class WholeLine
{
    /** Words in which a yarn is told: "in yarn B". */
    private const MOST = 3;

    /** Whether what was read from a place to the line's end is such a yarn; a change that is said there is one at the round's end. */
    public static function isYarn(Cursor $c, int $from): bool
    {
        if ($c->tokens->is($from - 1, TokenType::Bar) && ($c->is(TokenType::Bar) || !$c->has())) {
            return true;
        }
        $at = $from;
        $isNamed = \in_array($c->tokens->value($from), ['colour', 'color', 'yarn'], true);
        $isCounted = $c->is(TokenType::Open) && $c->isAhead(1, TokenType::Number) && $c->isAhead(2, TokenType::Close) && !$c->tokens->has($c->at + 3);
        if ($isNamed && (!$c->has() || $isCounted) && $from > $c->begins && null !== $c->yarns->at($c->tokens, $from)) {
            // "sc around, colour B (12)"
            return true;
        }
        foreach ([['in', 'with', 'using'], ['the'], ['yarn', 'colour', 'color']] as $words) {
            $at += \in_array($c->tokens->value($at), $words, true) ? 1 : 0;
        }

        return !$c->has() && !$c->tokens->isAmong($from, $c->at, ['to']) && ($c->tokens->is($from, TokenType::Open)
            || (self::isBeside($c, $from) && ($c->tokens->isCapital($at) || null !== $c->yarns->at($c->tokens, $at))));
    }

    /** Whether a count stands before a place, or a dash before the line's last words. */
    public static function isBeside(Cursor $c, int $at): bool
    {
        $isLast = !$c->tokens->has($at + self::MOST);
        $isDash = $c->tokens->is($at - 1, TokenType::Dash);
        $at -= $isDash ? 1 : 0;
        $open = $at - (\in_array($c->tokens->value($at - 2), [...Words::STITCHES, 'sc', 'dc'], true) ? 4 : 3);
        $isCount = $c->tokens->is($at - 1, TokenType::Close) && null !== $c->tokens->number($open + 1) && $open > 0
            && !$c->tokens->is($open - 1, TokenType::Stop, TokenType::Dash, TokenType::Separator);

        return $isCount || $isDash && $isLast && $at > 1;
    }

    /** "| 3 | sc around | 12 | A |": a yarn alone in its column. */
    public static function column(Cursor $c): ?YarnPhrase
    {
        $from = $c->at;
        $name = $from > 0 && $c->tokens->is($from - 1, TokenType::Bar) ? YarnName::known($c) : null;
        if (null === $name || ($c->has() && !$c->is(TokenType::Bar))) {
            return $c->back($from);
        }

        return new YarnPhrase($name, $c->span($from));
    }

    /** Whether the line's yarns in brackets stand before their stitches: the first of them follows none. */
    public static function standBefore(Cursor $c, int $here): bool
    {
        for ($at = 1; $at < $here; ++$at) {
            if ($at > $c->begins && $c->tokens->is($at - 1, TokenType::Open) && null !== $name = $c->yarns->at($c->tokens, $at)) {
                return $c->tokens->is($at + $name[1], TokenType::Close)
                    && ($at - 1 <= $c->begins || $c->tokens->is($at - 2, TokenType::Stop, TokenType::Separator, TokenType::Dash, TokenType::Bar))
                        && ($c->tokens->isWord($at + $name[1] + 1) || null !== $c->tokens->number($at + $name[1] + 1));
            }
        }

        return false;
    }
}

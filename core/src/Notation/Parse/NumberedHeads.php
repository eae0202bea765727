<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\TokenType;

/** Reads heads that begin with their number: "1.", "4-6)", "1st Rnd:", "3. - 5. Rnd:". */
final class NumberedHeads
{
    /** "1st Rnd:", "4th - 6th Rnd:", "First round:", "2nd:" */
    public static function ordinal(Cursor $c): ?Head
    {
        $mark = $c->at;
        $c->take('the');
        $first = $c->tokens->ordinal($c->at);
        if (null === $first) {
            return $c->back($mark);
        }
        ++$c->at;
        $last = $first;
        if (($c->takeType(TokenType::Dash) || $c->take(...Heads::TO)) && null !== $second = $c->tokens->ordinal($c->at)) {
            ++$c->at;
            $last = $second;
        }
        $row = $c->isWord('row', 'rows');
        if (!$c->take(...Words::ROUND) && (':' !== $c->value() || !$c->has())) {
            return $c->back($mark);
        }

        return Heads::head($c, $first, $last, $mark, $row);
    }

    /**
     * "1. Rnd:", "4.-6. Rnd", "4 rnd:", "2nd rnd" with any mark. "3 rounds:" says how many, and "1 round:" that it is one.
     *
     * @throws SyntaxError where there are no such rounds
     */
    public static function beforeWord(Cursor $c): ?Head
    {
        $mark = $c->at;
        $c->take('the');
        $first = self::marked($c);
        if (null === $first) {
            return $c->back($mark);
        }
        $isMarked = '.' === $c->value(-1) || $c->tokens->isClose($c->at);
        $last = $first;
        if ($c->is(TokenType::Dash) || $c->isWord(...Heads::TO)) {
            ++$c->at;
            $last = self::marked($c);
            $isMarked = true;
        }
        $word = $c->value();
        $isPlural = str_ends_with($word, 's') && 'rs' !== $word;
        // "1. R1:" is a list's number before the round's.
        if (null === $last || !$c->take(...Words::ROUND) || (null !== $c->number() && null === $c->name(1)) || ($isPlural && $last === $first)
            || (!$isMarked && ($first < 2 || ':' !== $c->value()))) {
            return $c->back($mark);
        }

        return Heads::head($c, $first, $last, $mark, str_starts_with($word, 'row') || str_starts_with($word, 'rw'));
    }

    /** A number with the mark that makes it one of several: "3.", "3e", "3th". */
    private static function marked(Cursor $c): ?int
    {
        $number = $c->is(TokenType::Number) ? $c->number() : null;
        if (null === $number) {
            return null;
        }
        ++$c->at;
        if ($c->tokens->isClose($c->at) && $c->isWord('e', 'o', 'a', 'er', 're', 'eme', 'th', 'st', 'nd', 'rd', 'd')) {
            ++$c->at;
        }
        $c->take('.');

        return $number;
    }

    /** "1.", "4-6)", "7)-10)", "[4-7]", "1 |" */
    public static function bare(Cursor $c, bool $bracket): ?Head
    {
        if (!$c->is(TokenType::Number)) {
            return null;
        }
        $mark = $c->at;
        $first = (int) $c->number();
        ++$c->at;
        $last = $first;
        // "7)-10)", "7.-10.": each with its mark.
        $isMarkedEach = \in_array($c->value(), [')', ']', '.', ':'], true) && null !== $c->number(2) && $c->value(3) === $c->value();
        $c->at += $isMarkedEach && ($c->isAhead(1, TokenType::Dash) || \in_array($c->value(1), ['~', 'to', '&'], true)) ? 1 : 0;
        $isPause = $c->is(TokenType::Dash) && !$c->tokens->isClose($c->at) && null !== $c->name(2);
        if (!$isPause && ($c->is(TokenType::Dash) || \in_array($c->value(), ['~', 'to', '&'], true)) && null !== $c->number(1)) {
            $last = $c->number(1);
            $c->at += 2;
        }
        if ($bracket) {
            return $c->is(TokenType::Close) ? Heads::head($c, $first, $last, $mark, false) : $c->back($mark);
        }
        $isHead = match (true) {
            // "#1 6 sc in MR"
            '#' === $c->tokens->value($mark - 1) && $c->tokens->isClose($mark)
                && (null !== $c->number() || null !== $c->name() || $c->is(TokenType::Open)) => true,
            $c->is(TokenType::Bar), ':' === $c->value() => true,
            $c->is(TokenType::Close) => ')' === $c->value() || ']' === $c->value(),
            '.' === $c->value() => $c->tokens->has($c->at + 1) && !($c->tokens->isClose($c->at + 1) && $c->isAhead(1, TokenType::Number)),
            $c->is(TokenType::Dash) => !$c->tokens->isClose($c->at) && !$c->tokens->isClose($c->at + 1),
            default => false,
        };

        return $isHead && $c->tokens->has($c->at + 1) ? Heads::head($c, $first, $last, $mark, false) : $c->back($mark);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** Reads which rounds a line is: "R4-7:", "Rnd #1", "1.", "(Rnd 1)", "Rounds 4, 5 and 6:", "2nd round:", "Next 3 rnds:". */
final class Heads
{
    /** These name the one and the other, and none between. */
    private const LISTS = ['and', '&', '+', '/'];
    public const TO = ['to', 'through', 'thru', 'and', '&', '+', '~', 'until', 'till', '/'];
    /** Words before "round 4" that only speak of it. */
    private const SPOKEN = [
        'as', 'of', 'to', 'at', 'like', 'after', 'before', 'until', 'till', 'from', 'for', 'see', 'stuff', 'same', 'and', 'on', 'join', 'skip',
    ];
    private const NUMBER = ['#', 'no', 'number', 'nr', 'num'];
    /** What a round is called now and then. */
    private const CALLED = ['step', 'lap', 'layer', 'line', 'level', 'circle', 'ring', 'coil', 'rng'];

    /** @throws SyntaxError where it names rounds that cannot be */
    public static function of(Cursor $c): ?Head
    {
        $from = $c->at;
        $head = self::marked($c);
        if (null === $head) {
            $c->back($from);
        }

        return $head;
    }

    /**
     * What stands before a head: a box to tick, the yarn, the part. "[ ] R1:", "Teal R1:", "Body R1:".
     *
     * @return list<Node>
     */
    public static function lead(Cursor $c): array
    {
        $from = $c->at;
        if ($c->is(TokenType::Dash) && $c->isAhead(1, TokenType::Open)) {
            ++$c->at;
        }
        $isBox = $c->is(TokenType::Open) && ($c->isAhead(1, TokenType::Close) || 'x' === $c->value(1) && $c->isAhead(2, TokenType::Close));
        if ($isBox) {
            $c->at += $c->isAhead(1, TokenType::Close) ? 2 : 3;
        }
        $named = $c->at;
        $yarn = YarnName::known($c);
        if (null === $yarn && $c->tokens->isWord($c->at) && null === $c->name() && !$c->isWord(...Words::REPEAT, ...self::SPOKEN, ...Words::ROUND)) {
            ++$c->at;
        }
        $isLed = $c->at > $named && $c->isWord(...Words::ROUND) && null !== $c->number(1)
            && (':' === $c->value(2) || $c->isAhead(2, TokenType::Dash) || '.' === $c->value(2));
        if (!$isLed) {
            [$c->at, $yarn] = [$isBox ? $named : $from, null];
        }

        return match (true) {
            null !== $yarn => [new YarnPhrase($yarn, $c->span($named))],
            $c->at > $from => [new Glue($c->span($from))],
            default => [],
        };
    }

    private static function marked(Cursor $c): ?Head
    {
        $begin = $c->at;
        while ($c->is(TokenType::Star, TokenType::Bar) || \in_array($c->value(), ['#', '_', '"', '`', '>', '\\', '?', '!', '+', '~'], true)
            || ($c->is(TokenType::Dash) && !$c->tokens->isClose($c->at + 1)) || ($c->is(TokenType::Close) && '>' === $c->value())) {
            ++$c->at;
        }
        $from = $c->at;
        $bracket = $c->is(TokenType::Open) && ($c->isAhead(1, TokenType::Number) || \in_array($c->value(1), Words::ROUND, true))
            && $c->takeType(TokenType::Open);
        if (1 === \strlen($c->value()) && ctype_alpha($c->value()) && ')' === $c->value(1) && \in_array($c->value(2), Words::ROUND, true)) {
            // "a) R1:"
            $c->at += 2;
        }
        $head = self::named($c) ?? NumberedHeads::ordinal($c) ?? self::next($c) ?? NumberedHeads::beforeWord($c) ?? NumberedHeads::bare($c, $bracket);
        if (null === $head || ($bracket && (!$c->takeType(TokenType::Close) || !$c->has()))) {
            return null;
        }
        self::closing($c);
        if ($c->isWord(...Words::ROUND) && null !== $c->number(1)) {
            // "1. R1:": a list's number before the round's.
            $head = self::named($c) ?? $head;
            self::closing($c);
        }

        return new Head($head->from, $head->rounds, $c->span($begin), $head->numbers, $head->row);
    }

    /** Signs between a head and what it heads. */
    private static function closing(Cursor $c): void
    {
        while ($c->is(TokenType::Bar) || ':' === $c->value() || '_' === $c->value() || ($c->is(TokenType::Star) && \strlen($c->value()) > 1)
            || ($c->is(TokenType::Close) && !$c->tokens->is($c->at - 1, TokenType::Open)) || '.' === $c->value()) {
            ++$c->at;
        }
        if ($c->is(TokenType::Dash, TokenType::Separator) || ($c->is(TokenType::Equals) && null === $c->number(1))
            || ($c->is(TokenType::Equals) && null !== $c->name(2))) {
            ++$c->at;
        }
    }

    /** "R4-7", "Rnd. 1", "Rnd #1", "Rounds 4, 5 and 6", "Row 3 and on" */
    private static function named(Cursor $c): ?Head
    {
        $mark = $c->at;
        $isFor = $c->take('for');
        $c->skip(...($isFor ? ['the'] : []));
        $isCalled = !$c->take(...Words::ROUND);
        if ($isCalled && !$c->take(...self::CALLED) && !self::isNumber($c)) {
            return $c->back($mark);
        }
        $name = $c->value(-1);
        $c->take('.');
        if ($c->is(TokenType::Dash) && $c->tokens->isClose($c->at) && $c->tokens->isClose($c->at + 1)) {
            ++$c->at;
        }
        $c->skip(...self::NUMBER);
        $c->take('.', '_', '"', "'");
        $isWrapped = $c->isAhead(1, TokenType::Number) && $c->isAhead(2, TokenType::Close) && $c->takeType(TokenType::Open);
        $first = $c->number();
        if (null === $first || ($isCalled && ':' !== $c->value($isWrapped ? 2 : 1) && !$c->isAhead(1, TokenType::Dash, TokenType::Bar, TokenType::Close))) {
            return $c->back($mark);
        }
        ++$c->at;
        $isWrapped && $c->takeType(TokenType::Close);
        $c->take('"', "'");
        if ($c->isWord('of') && null !== $c->number(1)) {
            // "Rnd 1 of 4:"
            $c->at += 2;
        }
        $last = self::range($c, $first, str_ends_with($name, 's') && 'rs' !== $name);
        if ($c->takePhrase('and', 'on') || $c->takePhrase('and', 'up') || $c->takePhrase('and', 'onwards') || $c->takePhrase('and', 'onward')
            || $c->take('onwards', 'onward', 'ff')) {
            $last ??= $first;
        }
        if ($isFor && !$c->is(TokenType::Separator, TokenType::Stop, TokenType::Dash)) {
            return $c->back($mark);
        }

        return self::head($c, $first, $last ?? $first, $mark, str_starts_with($name, 'row') || str_starts_with($name, 'rw'));
    }

    /** "No. 1:", "Nr. 1:", and "T1:", "V1:" for what a round is in other languages. */
    private static function isNumber(Cursor $c): bool
    {
        $stop = '.' === $c->value(1) ? 1 : 0;

        return $c->take('no', 'nr', 'nbr')
            || ($c->isWord('t', 'v') && $c->isAhead(1 + $stop, TokenType::Number) && ':' === $c->value(2 + $stop) && $c->take('t', 'v'));
    }

    /** @return int|null the last of several; null where there is one */
    private static function range(Cursor $c, int $first, bool $plural): ?int
    {
        $mark = $c->at;
        $last = null;
        if ($c->is(TokenType::Separator) && ',' === $c->value() && self::listed($c, $first, $plural)) {
            $last = $first;
            while (($c->takeType(TokenType::Separator) || $c->take('and', '&')) && null !== $next = self::nextOf($c, $last)) {
                $last = $next;
                $mark = $c->at;
            }
            $c->back($mark);

            return $last;
        }
        if ('.' === $c->value() && $c->isAhead(1, TokenType::Dash) && \in_array($c->value(2), Words::ROUND, true)) {
            // "Rnd 4. - Rnd 6."
            ++$c->at;
        }
        $dash = $c->is(TokenType::Dash);
        $close = $c->tokens->isClose($c->at);
        if (!$dash && !\in_array($c->value(), self::TO, true)) {
            return null;
        }
        ++$c->at;
        $named = $c->take(...Words::ROUND);
        if ($named) {
            $c->take('.');
        }
        $number = $c->number();
        if (null === $number || (!$dash && !$named && !$c->isClauseEnd(1) && !$plural && null !== $c->name(1))) {
            return $c->back($mark);
        }
        $close = $close && $c->tokens->isClose($c->at);
        $at = $c->at++;
        $second = $number;
        if ('/' === $c->tokens->value($at - 1)) {
            // "R3/4/5:"
            while ('/' === $c->value() && $c->number(1) === $number + 1) {
                ++$number;
                $c->at += 2;
            }
        }
        if (!$dash && $second > $first + 1 && \in_array($c->tokens->value($mark), self::LISTS, true)) {
            throw $c->error(Message::of('head.gap', first: $first, last: $number), $at);
        }
        if ($named || !$dash) {
            return $number;
        }
        $isOver = $c->isClauseEnd() && !$c->is(TokenType::Open);
        // "Rnd 1 - 6 sc in MR" against "Rnds 1 - 6 sc around"
        if (!$isOver && ($number > $first || $close)) {
            $options = $plural || $close || ($c->is(TokenType::Open) && $c->isAhead(2, TokenType::Close))
                ? [Assumption::DashRange, Assumption::DashPause]
                : [Assumption::DashPause, Assumption::DashRange];
            $isOver = Assumption::DashRange === $c->choose($at, $options);
        } elseif ($isOver && !$close && !$c->has()) {
            $isOver = false;
        }

        return $isOver ? $number : $c->back($mark);
    }

    private static function listed(Cursor $c, int $first, bool $plural): bool
    {
        $named = \in_array($c->value(1), Words::ROUND, true);
        $number = $c->number($named ? 2 : 1);

        return $number === $first + 1 && ($named || $plural || ':' === $c->value(2));
    }

    private static function nextOf(Cursor $c, int $last): ?int
    {
        $c->take('and', '&');
        $c->take(...Words::ROUND);
        if ($c->number() !== $last + 1) {
            return null;
        }
        ++$c->at;

        return $last + 1;
    }

    /** "Next round:", "Next 3 rnds:", "Last round:" */
    private static function next(Cursor $c): ?Head
    {
        $mark = $c->at;
        $c->take('the', 'for', 'on', 'in');
        $c->take('the');
        if (!$c->take('next', 'last', 'final', 'following', 'this', 'every')) {
            return $c->back($mark);
        }
        $rounds = 1;
        if (null !== $c->number()) {
            $rounds = $c->number();
            ++$c->at;
        }
        if ((!$c->take('rnd', 'rnds', 'round', 'rounds', 'row', 'rows', 'rd', 'rds')
            && !(':' === $c->value() && \in_array($c->value(-1), ['next', 'last', 'following'], true)))
                || !$c->is(TokenType::Stop, TokenType::Dash, TokenType::Bar, TokenType::Separator, TokenType::Open)) {
            return $c->back($mark);
        }
        self::check($c, 1, $rounds, $mark);

        return new Head(null, max(1, $rounds), $c->span($mark), $c->span($mark));
    }

    /** @throws SyntaxError where there are no such rounds */
    public static function head(Cursor $c, int $first, int $last, int $from, bool $row): Head
    {
        self::check($c, $first, $last, $from);

        return new Head($first, $last - $first + 1, $c->span($from), $c->span($from), $row);
    }

    private static function check(Cursor $c, int $first, int $last, int $from): void
    {
        $span = $c->span($from);
        if ($last < $first) {
            throw new SyntaxError(Message::of('head.backwards', first: $first, last: $last), $span->from, $span->length());
        }
        if ($first < 1 || $last > Limits::ROUNDS) {
            throw new SyntaxError(Message::of('head.tooFar', most: Limits::ROUNDS), $span->from, $span->length());
        }
    }
}

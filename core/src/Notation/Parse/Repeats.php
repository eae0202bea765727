<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/**
 * Reads what is repeated as a group: "(sc, inc) x6", "6 [sc, inc]", "*sc, inc; rep from * around", "rep *sc, inc* 6x",
 * "(sc, hdc) in next st".
 */
final class Repeats
{
    /** Words that a group may be led in by. */
    private const FIRST = [
        'work' => 1, 'make' => 1, 'do' => 1, 'then' => 1, 'and' => 1, 'the' => 1, 'following' => 1, 'pattern' => 1, 'rep' => 1,
        'repeat' => 1, 'repeated' => 1, 'repeating' => 1, 'reps' => 1, 'repeats' => 1, 'rpt' => 1,
    ];
    /** Words that may stand beside the number of a count. */
    private const COUNTED = ['sts' => 1, 'st' => 1, 'stitches' => 1, 'stitch' => 1, 'in' => 1, 'total' => 1, 'tot' => 1, 'all' => 1];
    private const CLOSING = ['(' => ')', '[' => ']', '{' => '}', '<' => '>'];

    public static function of(Cursor $c, int $depth): ?Node
    {
        if (!$c->is(TokenType::Open, TokenType::Star, TokenType::Number, TokenType::Times) && !isset(self::FIRST[$c->value()]) && null === $c->number()) {
            return null;
        }
        $from = $c->at;
        $repeated = false;
        if (isset(self::FIRST[$c->value()])) {
            $c->skip('work', 'make', 'do', 'then', 'and');
            $repeated = $c->take(...Words::REPEAT);
            $c->skip('the', 'following', 'pattern');
        }
        $number = null;
        if (null !== $c->number()
            && (self::isGroupAhead($c, 1)
                || (($c->isAhead(1, TokenType::Times) || 'x' === $c->value(1)
                    || ('*' === $c->value(1) && $c->tokens->isClose($c->at + 1) && $c->tokens->isClose($c->at + 2))) && self::isGroupAhead($c, 2))
                        || ('times' === $c->value(1) && (self::isGroupAhead($c, 2) || $c->isAhead(2, TokenType::Star))))) {
            $number = $c->takeNumber();
            $c->take('x', 'times', '*') || $c->takeType(TokenType::Times);
        } elseif ($c->is(TokenType::Times) && null !== $c->number(1) && self::isGroupAhead($c, 2)) {
            ++$c->at;
            $number = $c->takeNumber();
        }
        $group = match (true) {
            $c->is(TokenType::Open) && (null !== $number || $repeated || !Remarks::isBracketRemark($c)) => self::bracket($c, $depth, $from),
            $c->is(TokenType::Star) && self::opensGroup($c) => self::starred($c, $depth, $from),
            default => null,
        };
        if (null === $group) {
            return $c->back($from);
        }

        return null !== $number && $group instanceof Repeat ? $group->withTimes($number * ($group->said ? $group->times ?? 1 : 1), $c->span($from)) : $group;
    }

    /** A bracket that a number before it repeats: in "4x (4)" and "4x (4 sts in total)" it counts. */
    public static function isGroupAhead(Cursor $c, int $ahead): bool
    {
        if (!$c->isAhead($ahead, TokenType::Open) || !$c->isAhead($ahead + 1, TokenType::Number)) {
            return $c->isAhead($ahead, TokenType::Open);
        }
        $said = $ahead + 2;
        while (isset(self::COUNTED[$c->value($said)])) {
            ++$said;
        }

        return !$c->isAhead($said, TokenType::Close);
    }

    private static function opensGroup(Cursor $c): bool
    {
        return null === $c->number(1) || $c->tokens->isWord($c->at + 2) || $c->isAhead(2, TokenType::Open, TokenType::Times)
            || !$c->tokens->isClose($c->at + 1);
    }

    private static function bracket(Cursor $c, int $depth, int $from): Node
    {
        $open = $c->at++;
        $sign = $c->tokens->value($open);
        $closing = self::CLOSING[$sign] ?? ')';
        self::checkDepth($c, $open, $depth);
        $items = Sequence::of($c, $depth + 1, false);
        if (!$c->has()) {
            $end = $c->tokens->position($c->tokens->count());
            throw $c->error(
                Message::of('bracket.open', sign: $sign, closing: $closing),
                $open,
            )->fixedBy(new Fix(Message::of('fix.close'), $end, 0, "{$closing} around"));
        }
        if (!$c->is(TokenType::Close)) {
            throw Unknown::at($c);
        }
        if ($closing !== $c->value()) {
            throw $c->error(Message::of('bracket.other', sign: $sign, by: $c->value(), closing: $closing));
        }
        ++$c->at;
        if ([] === $items) {
            throw $c->error(
                Message::of('bracket.empty', way: $c->vocabulary->inWords('(sc, inc)')),
                $open,
            );
        }
        $mark = $c->at;
        $into = Targets::of($c);
        if (null !== $into && TargetKind::Stitches === $into->kind && !$c->is(TokenType::Word)) {
            return new Repeat(self::inOne($c, $items, $open), $into->places, $c->span($from));
        }
        if (null !== $into && TargetKind::Same === $into->kind) {
            return new Repeat(self::inOne($c, $items, $open, true), 1, $c->span($from));
        }
        $c->back($mark);

        return new Repeat(items: $items, times: 1, span: $c->span($from), loop: null, yarn: null, said: false);
    }

    /** "*sc, inc; rep from * around", "*sc, inc* x6". */
    private static function starred(Cursor $c, int $depth, int $from): Repeat
    {
        $open = $c->at++;
        self::checkDepth($c, $open, $depth);
        $items = Sequence::of($c, $depth + 1, true);
        if ([] === $items) {
            throw $c->error(Message::of('star.empty'), $open);
        }
        $closed = $c->takeType(TokenType::Star);
        $wide = $closed && \strlen($c->tokens->value($c->at - 1)) > 1 && 1 === \strlen($c->tokens->value($open));
        if ($closed && null !== $c->number() && ($c->tokens->isClose($c->at) || $c->isClauseEnd(1)) && !$c->tokens->isWord($c->at + 1)
            && !$c->isAhead(1, TokenType::Times)) {
            // "*sc, inc*6"
            return new Repeat($items, $c->takeNumber(), $c->span($from));
        }
        $amount = Times::of($c, true);
        if (null === $amount && ($wide || $closed && self::isCounted($c))) {
            $amount = new HowOften(null);
        }
        if (null === $amount) {
            throw $c->error(Message::of('star.howOften'), $open);
        }

        return new Repeat($items, $amount->all(), $c->span($from));
    }

    /** Whether the line ends with how many stitches it makes, which a star's repeat without a number can be held against: "*sc, inc*, sc (7)". */
    private static function isCounted(Cursor $c): bool
    {
        $end = $c->tokens->count();
        for ($at = $c->at; $at < $end; ++$at) {
            if ($c->tokens->is($at, TokenType::Open) && $c->tokens->is($at + 1, TokenType::Number)) {
                return $c->tokens->is($at + 2, TokenType::Close) || \in_array($c->tokens->value($at + 2), Words::STITCHES, true);
            }
        }

        return false;
    }

    private static function checkDepth(Cursor $c, int $open, int $depth): void
    {
        if ($depth >= Limits::NESTING) {
            throw $c->error(Message::of('bracket.tooDeep', most: Limits::NESTING), $open);
        }
    }

    /**
     * The stitches between brackets as one stitch of the round below takes them: the first goes into it, the others where it went.
     *
     * @param non-empty-list<Node> $items
     *
     * @return non-empty-list<Node>
     */
    private static function inOne(Cursor $c, array $items, int $open, bool $same = false): array
    {
        $worked = 0;
        $all = [];
        foreach ($items as $item) {
            if (!$item instanceof Work) {
                if ($item instanceof Repeat) {
                    throw $c->error(
                        Message::of('into.oneByOne', way: $c->vocabulary->inWords('(sc, hdc) in next st')),
                        $open,
                    );
                }
                $all[] = $item;
                continue;
            }
            $isFirst = 0 === $worked && !$same;
            if (0 === $item->stitch->uses()) {
                $all[] = $item;
                continue;
            }
            $other = $item->stitch->same();
            if (null === $item->times || $item->stitch->uses() > 1 || (null === $other && !($isFirst && 1 === $item->times))) {
                throw $c->error(Message::of('into.onlyPlain', way: $c->vocabulary->inWords('(sc, hdc) in next st')), $open);
            }
            $worked += $item->times;
            if ($isFirst) {
                $all[] = $item->withTimes(1, $item->span);
            }
            if (null !== $other && $item->times > ($isFirst ? 1 : 0)) {
                $all[] = $item->withTimes($item->times - ($isFirst ? 1 : 0), $item->span)->withStitch($other);
            }
        }

        return [] === $all ? $items : self::joined($all);
    }

    /**
     * "(2 sc) in next st" is an increase.
     *
     * @param non-empty-list<Node> $all
     *
     * @return non-empty-list<Node>
     */
    private static function joined(array $all): array
    {
        [$first] = $all;
        $second = $all[1] ?? null;
        if (2 === \count($all) && $first instanceof Work && $second instanceof Work && $second->stitch->isSame()
            && $second->stitch->plain() === $first->stitch) {
            $one = Stitch::inOne($first->stitch, 1 + (int) $second->times);

            return null === $one ? $all : [$first->withStitch($one)];
        }

        return $all;
    }
}

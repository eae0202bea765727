<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\AgainKind;
use Alternum\Core\Notation\TokenType;

/** Reads which rounds a sentence means, how often, and until when: "rounds 3 and 4", "two more times", "until 6 sts remain". */
final class Extent
{
    /** @return array{int, int}|null "round 3", "rounds 3 and 4", "R3-R5" */
    public static function named(Cursor $c): ?array
    {
        $mark = $c->at;
        $c->skip('the', 'both', 'all');
        if (!$c->take(...Words::ROUND)) {
            return $c->back($mark);
        }
        $c->takeType(TokenType::Stop);
        $c->take('#');
        $first = $c->number();
        if (null === $first) {
            return $c->back($mark);
        }
        ++$c->at;
        $last = $first;
        $end = $c->at;
        if ($c->takeType(TokenType::Dash) || $c->take('to', 'through', 'and', '&', 'thru', '+', '~')) {
            $c->take(...Words::ROUND);
            $second = $c->number();
            if (null === $second || \in_array($c->value(1), ['more', 'times'], true)) {
                $c->back($end);
            } else {
                ++$c->at;
                $last = $second;
            }
        }

        return [$first, max($first, $last)];
    }

    /** @return array{null, int}|null "the last round", "last 2 rounds", "previous rnd": counted back, as a negative number */
    public static function last(Cursor $c): ?array
    {
        $mark = $c->at;
        $c->skip('the', 'this', 'that');
        $led = $c->take('last', 'previous', 'prior', 'above', 'preceding') || 'this' === $c->value(-1);
        $rounds = $c->number() ?? 1;
        $c->at += null === $c->number() ? 0 : 1;
        if (!$led || !$c->take('round', 'rnd', 'row', 'rounds', 'rnds', 'rows')) {
            return $c->back($mark);
        }

        return [null, -max(1, $rounds)];
    }

    public static function until(Cursor $c, int $from, AgainKind $kind, ?int $first, ?int $last): Again
    {
        $c->skip('around', 'again', 'exactly');
        $times = self::times($c);
        $mark = $c->at;
        $c->skipTypes(TokenType::Separator);
        $c->skip('and', 'so', 'on');
        if (UntilFits::isAhead($c)) {
            return new Again($kind, $c->span($from), $first, $last, $times, open: null === $times);
        }
        if (!$c->skip('until', 'till', 'til', 'to', 'up')) {
            $c->back($mark);

            return new Again($kind, $c->span($from), $first, $last, $times);
        }
        $c->skip(
            'you', 'have', 'there', 'are', 'reach', 'get', 'to', 'a', 'total', 'of', 'only', 'the', 'round', 'has', 'count', 'and',
            'including', 'we', 'your', 'piece', 'up', 'is', 'end', 'with', 'it', 'rnd', 'rounds', 'row',
        );
        $isNamed = $c->take('r', 'rd');
        $number = $c->number();
        if (null === $number) {
            return new Again($kind, $c->span($from), $first, $last, $times, open: true);
        }
        $isRoundNumber = $isNamed || \in_array($c->value(-1), ['round', 'rnd', 'row'], true);
        ++$c->at;
        if ($isRoundNumber || $c->take(...Words::ROUNDS)) {
            $c->skip('in', 'all', 'total', 'altogether', 'have', 'been', 'worked', 'are', 'done', 'complete', 'completed');

            return new Again($kind, $c->span($from), $first, $last, $times, untilRounds: min(9999, $number));
        }
        if ($c->take(...Words::STITCHES) || null !== $name = $c->name()) {
            $c->at += $name->tokens ?? 0;
            $c->skip('remain', 'remaining', 'left', 'are', 'in', 'the', 'round', 'total', 'all', 'around', 'each', 'per', 'rnd', ...Words::STITCHES);

            return new Again($kind, $c->span($from), $first, $last, $times, untilStitches: min(9999, $number));
        }
        if ($c->isClauseEnd() || !$c->has() || $c->take('remain', 'remaining', 'left')) {
            return new Again($kind, $c->span($from), $first, $last, $times, untilStitches: min(9999, $number));
        }

        return new Again($kind, $c->span($from), $first, $last, $times, open: true);
    }

    private static function times(Cursor $c): ?int
    {
        $mark = $c->at;
        $c->skipTypes(TokenType::Separator, TokenType::Dash);
        $bracket = $c->takeType(TokenType::Open);
        $c->skip('for', 'a', 'another', 'an', 'total', 'of', 'additional', 'further');
        if ($c->take('once', 'twice', 'thrice')) {
            $times = ['once' => 1, 'twice' => 2, 'thrice' => 3][$c->value(-1)];
        } elseif ($c->take('x') || $c->takeType(TokenType::Times)) {
            $times = $c->number();
            $c->at += null === $times ? 0 : 1;
        } else {
            $times = $c->number();
            $c->at += null === $times ? 0 : 1;
            if (null !== $times && !$c->isWord('more', 'times', 'time', 'x', ...Words::ROUNDS)) {
                $times = null;
            }
        }
        if (null === $times) {
            return $c->back($mark);
        }
        $c->skip('more', 'times', 'time', 'x', 'rounds', 'rnds', 'rows', 'again', 'total', 'round', 'rnd', 'row');
        if ($bracket && !$c->takeType(TokenType::Close)) {
            return $c->back($mark);
        }

        return min(9999, $times);
    }
}

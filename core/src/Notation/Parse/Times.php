<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\TokenType;

/** Reads how often: "x6", "6 times", "twice", "around", "repeat to the end", "5 more times". */
final class Times
{
    /** What "around" may begin with. */
    private const AROUND = [
        'evenly' => 1, 'all' => 1, 'the' => 1, 'completely' => 1, 'entirely' => 1, 'right' => 1, 'around' => 1, 'across' => 1,
        'throughout' => 1, 'round' => 1, 'to' => 1, 'til' => 1, 'till' => 1, 'until' => 1, 'thru' => 1, 'through' => 1, 'for' => 1,
        'in' => 1, 'rest' => 1,
    ];

    /** @param bool $star after a starred repeat, "* 6", "repeat ** 6 times" belong to it */
    public static function of(Cursor $c, bool $star = false): ?HowOften
    {
        $from = $c->at;
        $c->skipTypes(TokenType::Separator, TokenType::Dash, TokenType::Stop);
        $parted = $c->at > $from;
        $bracket = $c->is(TokenType::Open) && self::isAmountInBrackets($c) && $c->takeType(TokenType::Open);
        $repeated = !$c->is(TokenType::Times, TokenType::Number) && self::repeatWords($c, $star);
        $amount = self::amount($c, $repeated, $star);
        $leads = $parted && \in_array($c->tokens->value($c->at - 1), ['x', 'times'], true) && null !== $c->name();
        if (null !== $amount && !$leads && (!$bracket || $c->takeType(TokenType::Close)) && ($repeated || !$parted || self::isBare($c, $from))) {
            return $amount;
        }
        $c->back($from);

        return null;
    }

    /** "repeat", "rep from *", "repeat between * and *": whether it says so. */
    public static function repeatWords(Cursor $c, bool $star): bool
    {
        $from = $c->at;
        $c->skip('and', 'then', 'continue', 'to', 'keep');
        if (!$c->take(...Words::REPEAT)) {
            $c->back($from);

            return false;
        }
        if ($c->isWord(...Words::ROUND) && !self::isAroundWord($c)) {
            // "repeat round 3" is another sentence.
            $c->back($from);

            return false;
        }
        $before = $c->at;
        $c->skip(
            'from', 'between', 'the', 'this', 'these', 'that', 'pattern', 'sequence', 'stitches', 'instructions', 'what', 'is',
            'it', 'everything', 'in', 'brackets', 'parentheses', 'asterisk', 'asterisks', 'first', 'last', 'beginning', 'two',
            'above',
        );
        while ($c->is(TokenType::Star) || ($c->is(TokenType::Dash) && $c->isAhead(1, TokenType::Star))
            || ($c->isWord('to', 'and', '&') && $c->isAhead(1, TokenType::Star))
                || ($c->is(TokenType::Open) && $c->isAhead(1, TokenType::Close, TokenType::Star))) {
            $c->at += $c->is(TokenType::Open) ? 2 + ($c->isAhead(2, TokenType::Close) ? 1 : 0) : 1;
        }
        if ('two' === $c->value(-1) && $c->isWord('times', 'more')) {
            --$c->at;
        }
        if (!$star && $c->at > $before && $c->tokens->is($c->at - 1, TokenType::Star)) {
            $c->back($from);

            return false;
        }
        $c->skipTypes(TokenType::Separator);

        return true;
    }

    private static function amount(Cursor $c, bool $repeated, bool $star): ?HowOften
    {
        $from = $c->at;
        if (!$c->is(TokenType::Times, TokenType::Number)) {
            $c->skip('for', 'a', 'total', 'of', 'another', 'this', 'it', 'another', 'work', 'do', 'an', 'additional');
        }
        $more = 'another' === $c->value(-1);
        if ($c->isWord('once', 'twice', 'thrice')) {
            $times = ['once' => 1, 'twice' => 2, 'thrice' => 3][$c->value()];
            ++$c->at;
            $more = $c->take('more') || $more;

            return new HowOften($times, $more, $repeated);
        }
        if (($c->is(TokenType::Times) || ($c->is(TokenType::Star) && '*' === $c->value())) && null !== $c->number(1) && !self::isStarGroup($c)) {
            ++$c->at;
            $times = $c->takeNumber();
            $c->take('times', 'x');
            $c->takePhrase('in', 'total') || $c->take('total');

            return new HowOften($times, $c->take('more'), $repeated);
        }
        if (null !== $c->number() && !$c->isAhead(1, TokenType::Ordinal)) {
            $at = $c->at;
            $times = $c->takeNumber();
            $more = $c->take('more') || $more;
            if ($c->take('times', 'time', 'x', 'tms', 'repeats', 'reps', 'repetitions')
                && !('x' === $c->tokens->value($c->at - 1) && ($c->is(TokenType::Number) || Repeats::isGroupAhead($c, 0)))) {
                $more = $c->take('more') || $more;
                $c->takePhrase('in', 'total') || $c->take('total', 'altogether', 'overall');
                $c->takePhrase('in', 'all');

                return new HowOften($times, $more, $repeated);
            }
            if ($more || ($star && $c->isClauseEnd() && $at > 0) || ($repeated && $c->isClauseEnd())) {
                return new HowOften($times, $more, $repeated);
            }

            return $c->back($from);
        }
        $c->back($from);
        if ($c->takePhrase('and', 'so', 'on') || $c->take('etc')) {
            // "sc, inc, and so on around": as "repeat" says it.
            $c->skipTypes(TokenType::Separator, TokenType::Stop);
            self::around($c);

            return new HowOften(null, false, true);
        }
        if (self::around($c)) {
            return new HowOften(null, false, $repeated, !$c->tokens->isAmong($from, $c->at, Words::AROUND));
        }

        return $repeated ? new HowOften(null, false, true) : null;
    }

    /** "around", "all the way around", "to the end of the round", "until the end", "to last 2 sts", "until 2 sts remain". */
    public static function around(Cursor $c): bool
    {
        $from = $c->at;
        if (!isset(self::AROUND[$c->value()])) {
            return false;
        }
        $c->skip('evenly');
        if ($c->isWord(...Words::AROUND)) {
            // What is said most.
        } elseif ($c->takePhrase('all', 'the', 'way') || $c->takePhrase('the', 'whole', 'way') || $c->take('all', 'completely', 'entirely', 'right')) {
            $c->skip('evenly');
        }
        if (self::isAroundWord($c)) {
            ++$c->at;
            self::theRound($c);
            $mark = $c->at;
            if ($c->skip('to', 'until', 'till') && self::isEnd($c)) {
                self::end($c);

                return true;
            }
            $c->back($mark);

            return true;
        }
        if ($c->skip('to', 'til', 'till', 'until', 'thru', 'through') && self::isEnd($c)) {
            self::end($c);

            return true;
        }
        $c->back($from);
        if ($c->takePhrase('the', 'whole', 'round') || $c->takePhrase('the', 'entire', 'round') || $c->takePhrase('for', 'the', 'whole', 'round')
            || $c->takePhrase('for', 'the', 'entire', 'round') || $c->takePhrase('the', 'whole', 'row')
                || $c->takePhrase('for', 'the', 'rest', 'of', 'the', 'round') || $c->takePhrase('the', 'rest', 'of', 'the', 'round')
                    || $c->takePhrase('in', 'the', 'round')) {
            return true;
        }

        return self::theRest($c);
    }

    /** "rest", "in the rest" */
    private static function theRest(Cursor $c): bool
    {
        $from = $c->at;
        $c->skip('in', 'for', 'the');
        if ($c->take('rest') && ($c->isClauseEnd() || !$c->has())) {
            return true;
        }
        $c->back($from);

        return false;
    }

    private static function isAroundWord(Cursor $c): bool
    {
        return $c->isWord(...Words::AROUND) || ($c->isWord('round') && null === $c->number(1));
    }

    private static function theRound(Cursor $c): void
    {
        $mark = $c->at;
        $c->skip('of', 'the', 'this', 'entire', 'whole', 'all', 'each', 'every');
        if (!$c->take('round', 'row', 'rnd', 'ring', 'circle', 'piece', 'edge', 'way', 'opening') && !($c->at > $mark && $c->take(...Words::STITCHES))) {
            $c->back($mark);
        }
    }

    private static function isEnd(Cursor $c): bool
    {
        $mark = $c->at;
        $c->skip('the', 'you', 'reach', 'get', 'to', 'very', 'there', 'are');
        $is = $c->isWord('end', 'beginning')
            || ($c->isWord('last', 'final') && (null !== $c->number(1) || \in_array($c->value(1), [...Words::STITCHES, 'one'], true)))
                || (null !== $c->number() && self::remain($c));
        $c->back($mark);

        return $is;
    }

    private static function end(Cursor $c): void
    {
        $c->skip('the', 'you', 'reach', 'get', 'to', 'very', 'there', 'are');
        if ($c->take('end', 'beginning')) {
            self::theRound($c);

            return;
        }
        $c->skip('last', 'final');
        if (null !== $c->number()) {
            ++$c->at;
        }
        $c->skip(...Words::STITCHES, ...Words::CHAINS);
        $c->skip('remain', 'remaining', 'left', 'are', 'before', 'the', 'end');
    }

    private static function remain(Cursor $c): bool
    {
        $ahead = \in_array($c->value(1), Words::STITCHES, true) ? 2 : 1;

        return \in_array($c->value($ahead), ['remain', 'remaining', 'left', 'before'], true)
            || ('are' === $c->value($ahead) && 'left' === $c->value($ahead + 1));
    }

    /** "* 2 sc, inc * …": a star that opens a group, not one that multiplies. */
    private static function isStarGroup(Cursor $c): bool
    {
        return $c->is(TokenType::Star) && (TokenType::Word === $c->tokens->type($c->at + 2) || TokenType::Joined === $c->tokens->type($c->at + 2))
            && !\in_array($c->value(2), ['times', 'x', 'then', 'and'], true)
                && (!$c->tokens->isClose($c->at + 1) || ($c->tokens->is($c->at - 1, TokenType::Separator) && null !== $c->name(2)));
    }

    /** "(x6)", "(6 times)", "(repeat 6 times)": not a count. */
    private static function isAmountInBrackets(Cursor $c): bool
    {
        return $c->isAhead(1, TokenType::Times) || ($c->tokens->is($c->at + 1, TokenType::Star) && null !== $c->number(2))
            || \in_array($c->value(1), Words::REPEAT, true)
            || (null !== $c->number(1) && (\in_array($c->value(2), ['times', 'x'], true) || 'more' === $c->value(2)))
                || \in_array($c->value(1), ['twice', 'around'], true);
    }

    /** After a comma, "x6" or "6 times" stands alone: nothing else follows in its clause. */
    private static function isBare(Cursor $c, int $from): bool
    {
        return $c->isClauseEnd() || $c->tokens->is($from, TokenType::Dash);
    }
}

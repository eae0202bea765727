<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Stated;
use Alternum\Core\Notation\TokenType;

/** Reads what a round is said to make: "(18)", "[18 sts]", "- 18", "= 18 sts", "total 18", "you should have 18", "18." */
final class Counts
{
    private const BESIDE = [
        'total', 'tot', 'in', 'now', 'made', 'each', 'altogether', 'all', 'at', 'end', 'of', 'round', 'rnd', 'row', 'the', 'remaining',
        'around', 'left', 'remain', 'should', 'be', 'have', 'you', 'there', 'are',
    ];

    /** Words before a number that say that it is a count, and those that may stand beside them. */
    private const SAYING = [
        'total', 'tot', 'makes', 'count', 'should', 'will', 'have', 'giving', 'gives', 'resulting', 'making', 'result', 'equals', 'got',
        'sts', 'stitches', 'leaving',
    ];
    private const LEADING = [
        'of', 'you', 'now', 'a', 'there', 'are', 'end', 'up', 'with', 'for', 'in', 'to', 'get', 'be', 'must', 'is', 'still',
        'that', 'which', 'so', 'stitch', 'st', 'us', 'and',
    ];

    /** @param bool $worked stitches stand before it: else only a head's own count can */
    public static function of(Cursor $c, bool $worked): ?Node
    {
        return self::bracketed($c, $worked) ?? self::rounds($c) ?? ($worked ? self::said($c) : null);
    }

    /** "(5 rounds)", "x3 rounds", "for 3 rounds". */
    public static function rounds(Cursor $c): ?Stated
    {
        $from = $c->at;
        if (null !== $total = self::untilRounds($c)) {
            return $total;
        }
        $bracket = $c->takeType(TokenType::Open);
        $c->skip('for', 'a', 'total', 'tot', 'of', 'work', 'the', 'next');
        $c->takeType(TokenType::Times) || $c->take('x') || $c->takeType(TokenType::Star);
        $number = $c->number();
        if (null === $number || $number > 9999) {
            return $c->back($from);
        }
        ++$c->at;
        $c->skip('more', 'times', 'total', 'tot');
        if (!$c->take('rnds', 'rounds', 'rows', 'rds', 'rnd', 'round', 'row') || ($bracket && !self::closeAfter($c))) {
            return $c->back($from);
        }

        return new Stated(max(1, $number), $c->span($from));
    }

    /** "until you have 7 rounds in all": with those before. */
    private static function untilRounds(Cursor $c): ?Stated
    {
        $from = $c->at;
        if (!$c->take('until', 'till')) {
            return null;
        }
        $c->skip('you', 'have', 'there', 'are', 'reach', 'get', 'to', 'a', 'total', 'of', 'we', 'the', 'piece', 'has', 'worked', 'made');
        $isNamed = $c->take('round', 'rnd', 'row', 'r') && (null !== $c->number() || (bool) $c->back($from));
        $number = $c->number();
        if (null === $number || $number > 9999) {
            return $c->back($from);
        }
        ++$c->at;
        if (!$isNamed && !$c->take('rnds', 'rounds', 'rows', 'rds')) {
            return $c->back($from);
        }
        $c->skip('in', 'all', 'total', 'altogether', 'have', 'been', 'worked', 'are', 'is', 'done', 'made', 'complete', 'completed', 'overall');

        return new Stated(max(1, $number), $c->span($from), true);
    }

    private static function closeAfter(Cursor $c): bool
    {
        $c->skip('total', 'tot', 'in', 'all', 'altogether');

        return $c->takeType(TokenType::Close);
    }

    private static function bracketed(Cursor $c, bool $worked): ?Count
    {
        $from = $c->at;
        if (!$c->takeType(TokenType::Open)) {
            return null;
        }
        $c->skip('total', 'tot', 'of', 'makes', 'count', 'sts', 'st', 'stitches', 'stitch', 'now', 'you', 'should', 'have', 'there', 'are', 'will', 'be');
        $c->skipTypes(TokenType::Stop, TokenType::Equals, TokenType::Dash);
        $number = self::number($c);
        if (null === $number) {
            return $c->back($from);
        }
        $named = null !== $c->name();
        self::stitchWords($c);
        $isSum = false;
        while ($c->is(TokenType::Separator) || $c->isWord('and', '+', 'plus', '&')) {
            // "(12 sc, 1 ch)" counts both.
            ++$c->at;
            $more = self::number($c);
            if (null === $more) {
                return $c->back($from);
            }
            $number += $more;
            $isSum = true;
            self::stitchWords($c);
        }
        $c->takeType(TokenType::Stop);
        if (!$c->takeType(TokenType::Close) || ($isSum && !$worked) || $c->is(TokenType::Times)
            || ($c->is(TokenType::Star) && null !== $c->number(1)) || ($isSum && null !== $c->number())
            || ($isSum && $c->is(TokenType::Word))
                || (!$worked && ($named ? $c->has() && !$c->isClauseEnd() : $c->isWord('around', 'times', 'more', ...Words::REPEAT)))) {
            return $c->back($from);
        }

        return new Count($number, $c->span($from));
    }

    /** @return int|null "18", or "18st" that was cut as an ordinal */
    private static function number(Cursor $c): ?int
    {
        $number = $c->number();
        if (null === $number && $c->is(TokenType::Ordinal) && str_ends_with($c->value(), 'st')) {
            $number = (int) $c->value();
        }
        if (null === $number || $c->isWord('once', 'twice')) {
            return null;
        }
        ++$c->at;

        return $number;
    }

    private static function stitchWords(Cursor $c): void
    {
        $c->skip('total');
        $name = $c->name();
        if (null !== $name) {
            $c->at += $name->tokens;
        }
        if ('.' === $c->value()) {
            ++$c->at;
        }
        $c->skip(...Words::STITCHES, ...self::BESIDE);
        if ('.' === $c->value() && $c->isAhead(1, TokenType::Close)) {
            ++$c->at;
        }
    }

    /** "/12/", "#12", "// 12" */
    public static function slashed(Cursor $c): ?Count
    {
        $from = $c->at;
        if ('/' === $c->value() && '/' === $c->value(1) && null !== $c->number(2)) {
            // "// 12", and nothing else for people.
            $c->at += 3;
            $count = new Count((int) $c->tokens->number($from + 2), $c->span($from));
            $c->skip(...Words::STITCHES);

            return $c->has() ? $c->back($from) : $count;
        }
        if ('/' === $c->value() && null !== $c->number(1) && '/' === $c->value(2)) {
            $c->at += 3;

            return new Count((int) $c->tokens->number($from + 1), $c->span($from));
        }
        if ('#' === $c->value() && null !== $c->number(1) && $c->isClauseEnd(2) && $from > 0) {
            $c->at += 2;

            return new Count((int) $c->tokens->number($from + 1), $c->span($from));
        }

        return null;
    }

    /** Outside brackets: after a dash, an equals sign or a stop, or with words that say what it is. */
    private static function said(Cursor $c): ?Count
    {
        $from = $c->at;
        $isStrong = $from > 0 && $c->tokens->is($from - 1, TokenType::Dash, TokenType::Equals, TokenType::Stop, TokenType::Bar);
        $c->skipTypes(TokenType::Equals) && $isStrong = true;
        $lead = $c->at;
        $hasWord = false;
        while ($c->isWord(...self::LEADING, ...self::SAYING)) {
            $hasWord = $hasWord || $c->isWord(...self::SAYING);
            ++$c->at;
        }
        if ($c->at > $lead && !$hasWord) {
            return $c->back($from);
        }
        $c->skipTypes(TokenType::Stop, TokenType::Equals) && $isStrong = true;
        $number = self::number($c);
        if (null === $number) {
            return $c->back($from);
        }
        $words = $c->at;
        $isWork = null !== $c->name();
        if ($isWork && !$hasWord && !self::isAfterEquals($c, $from)) {
            // "- 6 sc", "sc around. 6 sc." may be stitches.
            $isLast = null !== $name = $c->name();
            $isLast = $isLast
                && (!$c->tokens->has($c->at + $name->tokens)
                    || $c->tokens->is($c->at + $name->tokens, TokenType::Stop) && !$c->tokens->has($c->at + $name->tokens + 1));
            if (!($c->tokens->is($from - 1, TokenType::Dash, TokenType::Bar) || '.' === $c->tokens->value($from - 1)) || !$isLast
                || Assumption::DashStitches === $c->choose($from, [Assumption::DashCounts, Assumption::DashStitches])) {
                return $c->back($from);
            }
        }
        if ($c->is(TokenType::Dash) && $c->tokens->isClose($c->at) && $c->tokens->isClose($c->at + 1)) {
            // "a 12-inch tail"
            return $c->back($from);
        }
        self::stitchWords($c);
        $saysSt = $c->at > $words;
        $isAlone = $c->isClauseEnd() && !$c->is(TokenType::Open) || !$c->has()
            || $c->isWord('and', 'join', 'remain', 'remaining', 'change', 'fasten', 'with') || ($c->is(TokenType::Open) && ($saysSt || $isStrong));
        if (!$isAlone || !($isStrong || $hasWord || $saysSt || !$c->has())) {
            return $c->back($from);
        }

        return new Count($number, $c->span($from));
    }

    private static function isAfterEquals(Cursor $c, int $from): bool
    {
        return $from > 0 && ($c->tokens->is($from, TokenType::Equals) || $c->tokens->is($from - 1, TokenType::Equals));
    }
}

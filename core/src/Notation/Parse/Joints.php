<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\TokenType;

/** Passes over signs and words that only join what stands before and after them, and over "turn". */
final class Joints
{
    private const JOINING = ['and', 'then', '&', '+', '/', 'plus', '"', "'", '!', '_', '`', '~', '^', '?'];
    private const TURNING = [
        ['turn'], ['turn', 'work'], ['turn', 'the', 'work'], ['do', 'not', 'turn'], ['do', 'not', 'join'], ["don't", 'join'],
        ["don't", 'turn'], ['dont', 'join'],
    ];

    /** @param int $depth 0: not in a group */
    public static function of(Cursor $c, int $depth): bool
    {
        return self::turning($c) || self::sign($c, $depth);
    }

    private static function turning(Cursor $c): bool
    {
        if (!$c->isWord('turn', 'do', "don't", 'dont')) {
            return false;
        }
        $from = $c->at;
        foreach (self::TURNING as $words) {
            if ($c->takePhrase(...$words)) {
                if ($c->isClauseEnd() || $c->isWord('and', 'ch')) {
                    return true;
                }
                $c->back($from);
            }
        }

        return false;
    }

    private static function sign(Cursor $c, int $depth): bool
    {
        $isSign = $c->is(TokenType::Separator, TokenType::Stop, TokenType::Dash, TokenType::Bar)
            || ($c->is(TokenType::Equals) && !(0 === $depth && null !== $c->number(1)))
            || (\in_array($c->value(), self::JOINING, true) && !self::isComment($c))
            // What is left of markup for bold letters.
            || (0 === $depth && $c->is(TokenType::Star) && (\strlen($c->value()) > 1 || !$c->tokens->has($c->at + 1) && $c->at > 0
                || self::isEmphasis($c, 1) || self::isEmphasis($c, -1)));
        $c->at += $isSign ? 1 : 0;

        return $isSign;
    }

    /** A star with another one that way, and only words between that name no stitch: "*change to B*". */
    private static function isEmphasis(Cursor $c, int $step): bool
    {
        $at = $c->at + $step;
        for (; $c->tokens->isWord($at); $at += $step) {
            if (null !== $c->vocabulary->at($c->tokens, $at) || \in_array($c->tokens->value($at), Words::REPEAT, true)) {
                return false;
            }
        }
        $after = max($at, $c->at) + 1;

        return $at !== $c->at + $step && $c->tokens->is($at, TokenType::Star)
            && null === $c->tokens->number($after) && !$c->tokens->is($after, TokenType::Times);
    }

    private static function isComment(Cursor $c): bool
    {
        return '/' === $c->value() && ('/' === $c->value(1) || (null !== $c->number(1) && '/' === $c->value(2)));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Reads stitches that a letter names: their yarn, or a decrease where X, V and A name stitches. */
final class Lettered
{
    /** "6A", "A6", "5 A": stitches named by their yarn alone; "6A" may be decreases where X, V and A name stitches. */
    public static function of(Cursor $c, int $from): ?Work
    {
        $mark = $c->at;
        $number = $c->number();
        if (null !== $number && !$c->isAhead(1, TokenType::Open) && \strlen($c->value(1)) > 1 && null === $c->name(1)
            && null !== $yarn = $c->yarns->at($c->tokens, $c->at + 1)) {
            // "5 white", "5 white sc"
            $c->takeNumber();
            $c->at += $yarn[1];
            $name = $c->name();
            $c->at += $name->tokens ?? 0;

            return null !== $name || $c->isClauseEnd() ? new Work($name->stitch ?? Stitch::Single, $number, $c->span($from), null, $yarn[0]) : $c->back($mark);
        }
        if (null === $number && $c->tokens->isCapital($c->at) && !self::isStitch($c) && $c->isAhead(1, TokenType::Times) && null !== $c->number(2)
            && $c->isClauseEnd(3)) {
            // "B x4"
            $letter = strtoupper($c->value());
            $c->at += 2;

            return new Work(Stitch::Single, $c->takeNumber(), $c->span($from), null, $letter);
        }
        if (null !== $number && ($c->tokens->isCapital($c->at + 1) || 'a' === $c->value(1) && $c->tokens->isClose($c->at + 1)) && null === $c->name(1)) {
            $c->takeNumber();
        } elseif (null === $number && $c->tokens->isCapital($c->at) && null !== $c->number(1) && $c->isAhead(1, TokenType::Number)
            && (!$c->isAhead(2, TokenType::Word) || $c->tokens->isCapital($c->at + 2) && null !== $c->number(3) && !self::isXva($c))) {
            $number = $c->number(1);
            $c->check($number, $c->at + 1);
            $letter = strtoupper($c->value());
            $c->at += 2;

            return 'X' === $letter || ('R' === $letter && !$c->yarns->has('R'))
                ? $c->back($mark)
                : new Work(Stitch::Single, $number, $c->span($from), null, $letter);
        } elseif ('a' === $c->value() && $c->isClauseEnd(1) && ':' !== $c->value(1) && self::isXva($c)) {
            $number = null;
        } else {
            return null;
        }
        if ($c->is(TokenType::Times)) {
            return $c->back($mark);
        }
        $letter = strtoupper($c->value());
        $isStitch = 'A' === $letter
            && (null === $number || Assumption::LetterStitch === $c->choose($c->at, [Assumption::LetterYarn, Assumption::LetterStitch]));
        ++$c->at;
        $name = $isStitch ? null : $c->name();
        $c->at += $name->tokens ?? 0;

        return $isStitch
            ? new Work(Stitch::Decrease, $number ?? 1, $c->span($from))
            : new Work($name->stitch ?? Stitch::Single, $number, $c->span($from), null, $letter);
    }

    /** X and V, unless a yarn is called so. */
    private static function isStitch(Cursor $c): bool
    {
        return 'x' === $c->value() || 'v' === $c->value() && !$c->yarns->has('V');
    }

    private static function isXva(Cursor $c): bool
    {
        for ($at = 0; $c->tokens->has($at); ++$at) {
            if ('v' === $c->tokens->value($at) || $c->tokens->is($at, TokenType::Times)) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Notation\YarnWay;

/**
 * Reads the yarns that words name: before stitches ("with B:", "change to B in last st", "cut A, join B", "[B]", "B:") and after them
 * ("5 sc in B", "sc around (B)").
 */
final class Yarns
{
    /** Words that a yarn may be led in by: at all others but names it need not look. */
    private const FIRST = [
        'at' => 1, 'on' => 1, 'and' => 1, 'then' => 1, 'change' => 1, 'changing' => 1, 'switch' => 1, 'switching' => 1,
        'swap' => 1, 'swapping' => 1, 'go' => 1, 'going' => 1, 'return' => 1, 'returning' => 1, 'changed' => 1, 'back' => 1,
        'cc' => 1, 'drop' => 1, 'dropping' => 1, 'cut' => 1, 'cutting' => 1, 'fasten' => 1, 'break' => 1, 'finish' => 1,
        'leave' => 1, 'carry' => 1, 'carrying' => 1, 'float' => 1, 'cutoff' => 1, 'end' => 1, 'snip' => 1, 'work' => 1,
        'working' => 1, 'now' => 1, 'with' => 1, 'using' => 1, 'use' => 1, 'join' => 1, 'joining' => 1, 'attach' => 1,
        'attaching' => 1, 'add' => 1, 'adding' => 1, 'introduce' => 1, 'pick' => 1, 'picking' => 1, 'start' => 1, 'starting' => 1,
        'begin' => 1, 'continue' => 1, 'continuing' => 1, 'rejoin' => 1, 'bring' => 1, 'take' => 1, 'tie' => 1, 'insert' => 1,
        'reattach' => 1, '(' => 1, '[' => 1, '{' => 1, 'in' => 1, 'yarn' => 1, 'colour' => 1, 'color' => 1, 'shade' => 1,
        'the' => 1, 'col' => 1, 'ball' => 1, 'thread' => 1, 'finishing' => 1, 'complete' => 1, 'completing' => 1, 'closing' => 1, 'ending' => 1,
    ];
    private const CHANGING = ['change', 'changing', 'switch', 'switching', 'swap', 'swapping', 'go', 'going', 'return', 'returning', 'changed', 'back', 'cc'];
    private const WITH = ['with', 'using', 'use'];
    private const LEAVING = ['drop', 'dropping', 'cut', 'cutting', 'fasten', 'break', 'finish', 'leave', 'carry', 'carrying', 'float', 'cutoff', 'end', 'snip'];

    /** @param bool $first nothing but yarns and remarks stands before it in its line */
    public static function before(Cursor $c, bool $first): ?YarnPhrase
    {
        if (!isset(self::FIRST[$c->value()]) && !$c->yarns->mayBegin($c->value())) {
            return null;
        }
        if ($c->is(TokenType::Open) && !$c->yarns->mayBegin($c->value(1)) && !isset(self::FIRST[$c->value(1)])) {
            return null;
        }
        $from = $c->at;
        $yarn = self::changing($c) ?? self::leaving($c) ?? self::with($c) ?? JoinedYarn::of($c) ?? FinishedYarn::of($c) ?? self::bracketed($c, $first)
            ?? self::headed($c, $first);
        if (null === $yarn) {
            return $c->back($from);
        }
        $how = self::trailing($c) ?? $yarn->how;

        return new YarnPhrase($yarn->name, $c->span($from), $yarn->within, $how);
    }

    /** After stitches, of these alone: "in B", "(B)", "5 sc B". */
    public static function after(Cursor $c): ?string
    {
        $from = $c->at;
        $bracket = $c->takeType(TokenType::Open);
        $in = $c->take('in', 'with', 'using') && ($c->tokens->isCapital($c->at) || !$c->take('the', 'a'));
        $name = $bracket || $in || $c->tokens->isCapital($c->at) || (\strlen($c->value()) > 1 && $c->yarns->mayBegin($c->value()))
            || $c->isWord('yarn', 'colour', 'color')
            ? YarnName::known($c)
            : null;
        if (null !== $name && !$bracket && !$in && 'x' === $c->tokens->value($from - 1)) {
            // "2X A": where X names stitches, so does A.
            return $c->back($from);
        }
        $isWhole = null !== $name && ($bracket ? $c->takeType(TokenType::Close) : self::isParted($c, $in));
        if (!$isWhole || ($bracket ? WholeLine::standBefore($c, $from + 1) : !$in && ':' === $c->value())) {
            return $c->back($from);
        }

        return $name;
    }

    private static function isParted(Cursor $c, bool $in): bool
    {
        if ($in && (null !== $c->number() || $c->is(TokenType::Times, TokenType::Star)
            || $c->isWord('around', 'and', 'then', 'twice', 'over', 'across', 'to', 'rep', 'repeat', 'until', 'change', 'working'))) {
            return true;
        }

        return $c->isClauseEnd() && ':' !== $c->value() || $c->isWord('and', 'then', '/') || $c->is(TokenType::Star, TokenType::Other);
    }

    /** "change to B", "changing colour to cream", "back to A" */
    private static function changing(Cursor $c): ?SaidYarn
    {
        $from = $c->at;
        $c->skip('and', 'then');
        if ($c->isWord('in', 'on', 'at', 'with')) {
            // "in the last stitch change to B"
            self::trailing($c);
            $c->takeType(TokenType::Separator);
        }
        if ($c->at > $from && null !== $joined = JoinedYarn::of($c)) {
            // "on last st join B"
            return $joined;
        }
        $c->skip('yarn', 'colour', 'color');
        if (!$c->skip(...self::CHANGING)) {
            return $c->back($from);
        }
        $c->skip('yarn', 'yarns', 'colour', 'color', 'colours', 'colors', 'over', 'back', 'from');
        if (!$c->take('to', 'into')) {
            // "change from A to B", "change B"
            $old = YarnName::known($c);
            if (null === $old || !$c->take('to')) {
                return null !== $old && $c->isClauseEnd() ? new SaidYarn($old) : $c->back($from);
            }
        }
        $name = YarnName::any($c);

        return null === $name ? $c->back($from) : new SaidYarn($name);
    }

    /** "cut A, join B", "drop A and pick up B", "fasten off brown and attach cream" */
    private static function leaving(Cursor $c): ?SaidYarn
    {
        $from = $c->at;
        if (!$c->take(...self::LEAVING)) {
            return null;
        }
        $how = match ($c->value(-1)) {
            'cut', 'cutting', 'fasten', 'break', 'finish', 'end', 'snip' => YarnWay::Cut,
            'carry', 'carrying', 'drop', 'dropping' => YarnWay::Carry,
            'float' => YarnWay::Float,
            default => null,
        };
        $c->skip('off', 'the');
        if (null === YarnName::any($c)) {
            $c->skip('yarn', 'it', 'old');
        }
        $c->skipTypes(TokenType::Separator, TokenType::Stop);
        $c->skip('and', 'then');
        $new = JoinedYarn::of($c) ?? self::changing($c) ?? self::with($c);

        return null === $new ? $c->back($from) : new SaidYarn($new->name, $new->how ?? $how);
    }

    /** "with B:", "using yarn B, ", "with A then B:" */
    private static function with(Cursor $c): ?SaidYarn
    {
        $from = $c->at;
        $isIn = $c->skip('work', 'working', 'now') && $c->take('in');
        if (!$isIn && !$c->take(...self::WITH)) {
            return $c->back($from);
        }
        $name = $isIn ? YarnName::known($c) : YarnName::any($c);
        if (null === $name) {
            return $c->back($from);
        }
        $within = YarnName::then($c);
        $c->takeType(TokenType::Stop) || $c->takeType(TokenType::Separator);

        return new SaidYarn($name, null, $within);
    }

    /** "[B] 3 sc", "(white): 6 sc" */
    private static function bracketed(Cursor $c, bool $first): ?SaidYarn
    {
        $from = $c->at;
        if (!$c->takeType(TokenType::Open)) {
            return null;
        }
        $square = '[' === $c->value(-1);
        $c->skip('in', 'with', 'using');
        $name = $first || $square || self::isLed($c, $from) || WholeLine::isBeside($c, $from) || WholeLine::standBefore($c, $from + 1)
            ? YarnName::known($c)
            : null;
        // "(change to B)"
        $name ??= self::changing($c)?->name;
        if (null === $name || !$c->takeType(TokenType::Close) || $c->is(TokenType::Times)) {
            return $c->back($from);
        }
        $c->takeType(TokenType::Stop) || $c->takeType(TokenType::Dash);

        return new SaidYarn($name);
    }

    /** "B: 6 sc", "in B: 6 sc", "B, sc around", "Yarn B", "Flag red: 3 sc", "teal 24 sc"; "MC 6 sc" is a ring. */
    private static function headed(Cursor $c, bool $first): ?SaidYarn
    {
        $from = $c->at;
        $in = $c->take('in');
        $said = $c->isWord('yarn', 'colour', 'color');
        $named = $c->at;
        if (null === $name = YarnName::known($c)) {
            return $c->back($from);
        }
        $isCapital = $c->tokens->isCapital($named) || $said || \strlen($c->tokens->value($named)) > 1;
        $isHead = ':' === $c->value() && (null === $c->vocabulary->at($c->tokens, $named) || 1 === \strlen($name));
        $first = $first || self::isLed($c, $from) || WholeLine::isBeside($c, $from);
        $isBold = $c->tokens->is($from - 1, TokenType::Star) && $c->takeType(TokenType::Star);
        $isName = \strlen($c->tokens->value($named)) > 1 && 'mc' !== $c->tokens->value($named) && null === $c->vocabulary->at($c->tokens, $named);
        $isLed = !$in && $first && ($isBold || $isName || $c->tokens->isCapital($named)) && null !== $c->name(null === $c->number() ? 0 : 1);
        $isLone = ($first || $said) && $isCapital && ($c->isClauseEnd() && !$c->is(TokenType::Open, TokenType::Close) || ($c->is(TokenType::Open) && $said));
        if ($isHead) {
            ++$c->at;
        } elseif ($isLone || ($in && $first && $c->is(TokenType::Separator))) {
            $c->takeType(TokenType::Separator) || $c->takeType(TokenType::Dash) || $c->takeType(TokenType::Stop);
        } elseif (!$isLed && !($in && $first && ($isCapital || $said) && (null !== $c->number() || null !== $c->name()))) {
            return $c->back($from);
        }

        return new SaidYarn($name);
    }

    /** After a sign between clauses, an arrow, or what makes bold: "6 sc → B 6 sc", "6 sc **teal** 6 sc". */
    private static function isLed(Cursor $c, int $at): bool
    {
        return $c->tokens->is($at - 1, TokenType::Separator, TokenType::Stop, TokenType::Equals)
            || ($c->tokens->is($at - 1, TokenType::Star) && 2 === \strlen($c->tokens->value($at - 1)));
    }

    /** "at the end of R9", "in last st of rnd 9" */
    private static function number(Cursor $c): void
    {
        $from = $c->at;
        $c->skip('r', 'rnd', 'round', 'row');
        null === $c->number() ? $c->back($from) : ++$c->at;
    }

    /** After a change, what becomes of the old yarn: ", keep A", "; cut B", ". Leave A hanging": where nothing is joined by the same words. */
    private static function ofOld(Cursor $c): ?YarnWay
    {
        $from = $c->at;
        $c->skipTypes(TokenType::Separator, TokenType::Stop);
        $c->skip('and');
        $isParted = $c->at > $from || $c->tokens->is($from - 1, TokenType::Separator, TokenType::Stop);
        if (!$isParted || !$c->take('keep', 'keeping', 'leave', 'leaving', 'carry', 'carrying', 'drop', 'dropping', 'cut', 'cutting', 'break', 'snip')) {
            return $c->back($from);
        }
        $how = \in_array($c->value(-1), ['cut', 'cutting', 'break', 'snip'], true) ? YarnWay::Cut : YarnWay::Carry;
        if (null === YarnName::known($c)) {
            return $c->back($from);
        }
        $c->skip('hanging', 'hang', 'waiting', 'inside', 'off', 'up', 'along', 'behind', 'for', 'later');
        $mark = $c->at;
        if (!$c->isClauseEnd()) {
            return $c->back($from);
        }
        $c->skipTypes(TokenType::Separator, TokenType::Stop);
        $c->skip('and', 'then');
        $isJoin = null !== (JoinedYarn::of($c) ?? self::changing($c));
        $c->back($isJoin ? $from : $mark);

        return $isJoin ? null : $how;
    }

    /** "in last st", "on the last yarn over", "at the end of the round", "working over the tails": the last is how it is joined. */
    private static function trailing(Cursor $c): ?YarnWay
    {
        $from = $c->at;
        $how = null;
        while (true) {
            $mark = $c->at;
            $c->skip('and');
            if ($c->skip('in', 'on', 'at', 'with', 'during', 'when', 'before', 'by')
                && $c->skip(
                    'the', 'last', 'final', 'very', 'end', 'of', 'this', 'st', 'sts', 'stitch', 'yo', 'yarn', 'over', 'pull',
                    'through', 'pullthrough', 'loop', 'sc', 'dc', 'hdc', 'dec', 'inc', 'step', 'round', 'rnd', 'row', 'it',
                    'invisible', 'single', 'crochet', 'decrease', 'increase', 'previous', 'two', 'loops', 'completing',
                    'finishing', 'now',
                )) {
                if (\in_array($c->value(-1), ['of', 'rnd', 'round', 'row'], true)) {
                    self::number($c);
                }
                if (\in_array($c->value(-1), ['last', 'the', 'of', 'this', 'final'], true) && !$c->isClauseEnd()) {
                    $c->back($mark);
                    break;
                }
                $c->takeType(TokenType::Dash) && $c->skip('through', 'over');
                continue;
            }
            $c->back($mark);
            $ofOld = self::ofOld($c);
            if (null !== $ofOld) {
                $how = $ofOld;
                continue;
            }
            $c->takeType(TokenType::Separator);
            if (Loops::overStrands($c)) {
                $how = YarnWay::Over;
                continue;
            }
            if ($c->takePhrase('carry') || $c->takePhrase('carrying')) {
                $how = YarnWay::Carry;
                $c->skip('the', 'old', 'yarn', 'up', 'inside', 'along', 'it', 'other', 'unused', 'colour', 'color');
                continue;
            }
            $c->back($mark);
            break;
        }
        if ($c->isWord('for') && null !== $c->number(1) && null !== $c->name(2)) {
            ++$c->at;
        }

        return $c->at === $from ? null : $how;
    }
}

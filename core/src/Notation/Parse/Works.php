<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Plan\Message;

/** Reads a stitch, how many, and what they go into: "5 sc", "sc 5", "2 sc in next st", "sc in each st around", "6A". */
final class Works
{
    public static function of(Cursor $c): ?Node
    {
        $from = $c->at;
        if ($c->isPlainStitch() && !$c->mentions('together', 'tog')) {
            return self::named($c, $from, null) ?? $c->back($from);
        }
        // "ch 4, starting in 2nd ch from hook, sc 3": along that chain.
        $hook = StartingIn::of($c);
        if (null !== $hook && $c->tokens->isAmong($c->begins, $from, Words::CHAINS)) {
            $c->skipTypes(TokenType::Separator, TokenType::Stop);
            $node = self::of($c);

            return $node instanceof Work && null === $node->place ? $node->along($hook, $c->span($from)) : $c->back($from);
        }
        $c->back($from);
        Verbs::pass($c);
        $first = $c->isWord('in', 'into') ? Targets::of($c) : null;
        if (null !== $first) {
            // "in each of the next 3 sts work 1 sc"
            $c->skipTypes(TokenType::Separator, TokenType::Stop);
            Verbs::pass($c);
        }
        $node = Together::of($c, $from) ?? Lettered::of($c, $from) ?? self::named($c, $from, $first);
        if (null === $node) {
            $c->back($from);
        }

        return $node;
    }

    private static function named(Cursor $c, int $from, ?Target $into): ?Node
    {
        $mark = $c->at;
        if ($c->isWord('double', 'doubling') && \in_array($c->value(1), ['each', 'every', 'all', 'in'], true)) {
            // "double each st" is two in each, no double crochet.
            ++$c->at;
            $into = Targets::of($c);
            if (TargetKind::Stitches === $into?->kind && $into->each) {
                return new Work(Stitch::Increase, $into->places, $c->span($from));
            }
            $c->back($mark);
        }
        $number = null;
        if (null !== $c->number()) {
            $number = $c->takeNumber();
            $isX = $c->tokens->isCapital($c->at) && $c->tokens->isClose($c->at);
            if (!$isX && ($c->is(TokenType::Times) || \in_array($c->value(), ['x', '*'], true)) && null !== $c->name(1)) {
                ++$c->at; // "6 x inc", "6*inc", where "2X V" names two stitches
            }
            $c->skip('more', 'additional', 'extra', 'plain', 'regular', 'of', 'standard');
        }
        if (null !== $number && $c->isWord(...Words::STITCHES)) {
            // "6 sts in MR"
            ++$c->at;
            $ring = Targets::of($c);
            if (TargetKind::Ring === $ring?->kind) {
                return IntoStitches::of($c, Stitch::Single, $number, $ring, $from);
            }

            return $c->back($mark);
        }
        if (null === $number && $c->isWord('increasing', 'decreasing') && $c->mentions('evenly', 'spaced')) {
            $stitch = 'increasing' === $c->value() ? Stitch::Increase : Stitch::Decrease;
            ++$c->at;

            return self::evenly($c, $stitch, null, $from) ?? $c->back($mark);
        }
        if (null !== $number && null !== $unnamed = Unnamed::of($c, $number, $from)) {
            return $unnamed;
        }
        $loop = null !== $number || $c->isWord('blo', 'flo', 'bl', 'fl', 'back', 'front') ? Loops::loop($c) : null;
        [$stitch, $number] = self::stitch($c, $number) ?? [null, $number];
        if (null === $stitch) {
            return $c->back($mark);
        }
        if ($c->namesOthers) {
            // Of two layers each stitch takes one of both.
            $stitch = match ($stitch) {
                Stitch::SingleThroughBoth => Stitch::Single,
                Stitch::SlipThroughBoth => Stitch::SlipStitch,
                default => $stitch,
            };
        }
        if (Stitch::Increase === $stitch || Stitch::Decrease === $stitch || Stitch::InvisibleDecrease === $stitch) {
            $evenly = self::evenly($c, $stitch, $number, $from);
            if (null !== $evenly) {
                return $evenly;
            }
        }
        $number = self::numberAfter($c, $number);
        if (null !== $number || Stitch::Skip === $stitch) {
            $c->take(...Words::STITCHES);
        }
        Loops::overStrands($c);
        $isPassed = null === $into && OtherPieces::pass($c);
        if ($isPassed && null === $number) {
            // "sc around leg 1 (12)"; without a number, all around.
            return new Work($stitch, OtherPieces::counted($c), $c->span($from), $loop);
        }
        $into ??= $isPassed ? null : Targets::of($c);
        $node = self::into($c, $stitch, $number, $into, $from);

        return null === $loop ? $node : $node->withLoop($loop, $node->span);
    }

    /** @return array{Stitch, int|null}|null the stitch, and how many of it */
    private static function stitch(Cursor $c, ?int $number): ?array
    {
        $looped = null === $number ? null : self::looped($c, $number);
        if (null !== $looped) {
            return [$looped, null];
        }
        $name = $c->name();
        if (null !== $name) {
            $first = self::firstOf($c, $name->tokens);
            $options = Stitch::Single === $first && self::isAlone($c)
                ? [Assumption::CommaLost, Assumption::NameAlone]
                : [Assumption::NameWhole, Assumption::NameParted];
            if (null !== $first
                && \in_array($c->choose(Assumption::NameWhole === $options[0] ? 0 : $c->at, $options), [Assumption::NameParted, Assumption::CommaLost], true)) {
                ++$c->at;

                return [$first, $number];
            }
            $c->at += $name->tokens;

            return [self::loops($c, $name->stitch), $number];
        }
        if ($c->is(TokenType::Times) && null === $c->number(1) && !($c->at > 0 && $c->tokens->isWord($c->at - 1)) && !$c->isAhead(1, TokenType::Dash)) {
            ++$c->at;

            return [Stitch::Single, $number];
        }

        return null;
    }

    /** "sc inc", "dc dec": the plain stitch that the name begins with, where a comma may have been lost. */
    private static function firstOf(Cursor $c, int $words): ?Stitch
    {
        $shaping = ['inc', 'dec', 'increase', 'decrease'];
        if (2 !== $words || !(\in_array($c->value(1), $shaping, true) || \in_array($c->value(), $shaping, true))) {
            return null;
        }

        return $c->vocabulary->stitch($c->value());
    }

    /** Whether the two words are all that their bracket holds, but for a number before them. */
    private static function isAlone(Cursor $c): bool
    {
        $before = null !== $c->tokens->number($c->at - 1) ? $c->at - 2 : $c->at - 1;

        return $c->tokens->is($before, TokenType::Open, TokenType::Star) && $c->isAhead(2, TokenType::Close, TokenType::Star);
    }

    /** "a bobble of 4 dc", "popcorn with 5 dc" */
    private static function loops(Cursor $c, Stitch $stitch): Stitch
    {
        $from = $c->at;
        $isMade = \in_array($stitch, [Stitch::Bobble, Stitch::Popcorn], true) && $c->take('of', 'with');
        if (!$isMade || null === ($loops = $c->number()) || null === $c->name(1)) {
            $c->back($from);

            return $stitch;
        }
        $c->at += 2;

        return 5 === $loops ? $stitch : Stitch::tryFrom($stitch->value.$loops) ?? throw $c->error(Message::of('stitch.loops', loops: $loops), $c->at - 2);
    }

    /** "5-loop bobble", "4 dc popcorn": the number before it is the loops'. */
    private static function looped(Cursor $c, int $loops): ?Stitch
    {
        $mark = $c->at;
        $c->takeType(TokenType::Dash);
        $isSaid = $c->take('loop', 'lp', 'dc', 'tr', 'hdc', 'stitch', 'st');
        $c->takeType(TokenType::Dash);
        if ($isSaid && null !== $name = $c->name()) {
            if (\in_array($name->stitch, [Stitch::Bobble, Stitch::Popcorn, Stitch::Puff], true)) {
                $stitch = 5 === $loops || Stitch::Puff === $name->stitch ? $name->stitch : Stitch::tryFrom($name->stitch->value.$loops);
                $stitch ?? throw $c->error(Message::of('stitch.loops', loops: $loops), $mark - 1);
                $c->at += $name->tokens;

                return $stitch;
            }
        }

        return $c->back($mark);
    }

    /** "sc 5", where the number does not belong to what follows: "sc 5 inc" may be either. */
    private static function numberAfter(Cursor $c, ?int $number): ?int
    {
        if (null === $c->number() || $c->isWord('once', 'twice', 'one') || self::isTimesAhead($c)) {
            return $number;
        }
        $before = null !== $c->name(1) || $c->isAhead(1, TokenType::Times) && null === $c->number(2);
        if ($before) {
            if (null !== $number) {
                return $number;
            }
            if (Assumption::NumberAfter === $c->choose($c->at, [Assumption::NumberBefore, Assumption::NumberAfter])) {
                return $number;
            }
        } elseif (null !== $number) {
            return $number;
        }
        if ($c->isAhead(1, TokenType::Open) && \in_array($c->value(1), ['(', '['], true) && !$c->tokens->isClose($c->at) && self::isGroupAhead($c)) {
            return $number;
        }

        return $c->takeNumber();
    }

    /** A bracket with stitches in it after a number is repeated so often: "sc, 6 (sc, inc)". */
    private static function isGroupAhead(Cursor $c): bool
    {
        return null === $c->number(2) && null !== $c->name(2);
    }

    private static function isTimesAhead(Cursor $c): bool
    {
        return $c->isSaidTwice() || \in_array($c->value(1), ['times', 'time', 'more'], true)
            || ('x' === $c->value(1)
                && ($c->isAhead(2, TokenType::Separator, TokenType::Stop, TokenType::Close) || !$c->tokens->has($c->at + 2)
                    || $c->isAhead(2, TokenType::Open)));
    }

    /** "increase 6 sts evenly around", "dec evenly 6 times". */
    private static function evenly(Cursor $c, Stitch $stitch, ?int $number, int $from): ?Evenly
    {
        if (!$c->mentions('evenly', 'spaced')) {
            return null;
        }
        $mark = $c->at;
        $c->skip('by');
        if (null === $number && null !== $c->number()) {
            $number = $c->takeNumber();
        }
        $c->take('times', ...Words::STITCHES);
        $says = $c->take('evenly', 'spaced');
        $c->skip('spaced', 'out', 'spread', 'over', 'the');
        if (null === $number && null !== $c->number()) {
            $number = $c->takeNumber();
            $c->take('times', ...Words::STITCHES);
        }
        if (!$says || null === $number) {
            return $c->back($mark);
        }
        $c->take('times');
        Times::around($c);

        return new Evenly($stitch, $number, $c->span($from));
    }

    private static function into(Cursor $c, Stitch $stitch, ?int $number, ?Target $into, int $from): Work|Repeat
    {
        return null === $into ? new Work($stitch, $number ?? 1, $c->span($from)) : IntoStitches::of($c, $stitch, $number, $into, $from);
    }
}

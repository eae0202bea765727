<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\IntoStitch;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Plan\Message;

/** Reads what may stand after stitches and belongs to them: "in BLO", "through both layers", "in B", "(2 sc in same st)". */
final class Suffixes
{
    /** Words that something may begin with that belongs to the stitches before it. */
    private const FIRST = [
        'in' => 1, 'into' => 1, 'inside' => 1, 'through' => 1, 'thru' => 1, 'thro' => 1, 'under' => 1, 'now' => 1, 'working' => 1,
        'work' => 1, 'worked' => 1, 'again' => 1, 'crocheting' => 1, 'and' => 1, 'over' => 1, 'across' => 1, 'both' => 1,
        'the' => 1, 'only' => 1, 'all' => 1, 'from' => 1, 'on' => 1, 'of' => 1, 'blo' => 1, 'bl' => 1, 'blos' => 1, 'bls' => 1,
        'tbl' => 1, 'tfl' => 1, 'flo' => 1, 'fl' => 1, 'flos' => 1, 'fls' => 1, 'back' => 1, 'front' => 1, 'third' => 1, '3rd' => 1, 'with' => 1,
        'using' => 1, 'yarn' => 1, 'colour' => 1, 'color' => 1, 'starting' => 1, 'beginning' => 1, 'start' => 1, 'begin' => 1,
        'total' => 1, 'altogether' => 1, 'each' => 1, '+' => 1, 'plus' => 1,
    ];

    public static function of(Cursor $c, Work|Repeat $node): Work|Repeat
    {
        if ($c->isBreak() || !self::canBegin($c)) {
            return $node;
        }
        do {
            $at = $c->at;
            $node = self::one($c, $node);
        } while ($c->at > $at);

        return $node;
    }

    private static function canBegin(Cursor $c): bool
    {
        if ($c->is(TokenType::Open)) {
            return !$c->isAhead(1, TokenType::Number) || !$c->isAhead(2, TokenType::Close);
        }

        return isset(self::FIRST[$c->value()]) || $c->tokens->isCapital($c->at) || $c->yarns->mayBegin($c->value());
    }

    private static function one(Cursor $c, Work|Repeat $node): Work|Repeat
    {
        $from = $c->at;
        if (Loops::bothLoops($c) || Loops::overStrands($c)) {
            return $node->withSpan($node->span->to($c->span($from)));
        }
        $turning = $node instanceof Work && Stitch::Chain === $node->stitch ? self::turning($c) : null;
        if ($node instanceof Work && null !== $turning) {
            return $node->withTimes((int) $node->times + $turning, $node->span->to($c->span($from)));
        }
        if ($node instanceof Work && OtherPieces::pass($c)) {
            // "sc in next 11 sts on the first leg"
            return $node->withSpan($node->span->to($c->span($from)));
        }
        if (Loops::bothSides($c)) {
            // Of two layers each stitch takes one of both.
            return ($c->namesOthers || OtherPieces::isHeld($c) ? $node : self::closed($c, $node))->withSpan($node->span->to($c->span($from)));
        }
        $loop = null === $node->loop ? Loops::loop($c) : null;
        if (null !== $loop) {
            if ($c->is(TokenType::Stop) && ':' === $c->value()) {
                $c->back($from);

                return $node;
            }

            return self::placed($c, $node->withLoop($loop, $node->span->to($c->span($from))), $from);
        }
        $yarn = null === $node->yarn ? Yarns::after($c) : null;
        if (null !== $yarn) {
            return $node->withYarn($yarn, $node->span->to($c->span($from)));
        }
        if ($node instanceof Work) {
            return self::glossed($c, $node) ?? self::intoRing($c, $node) ?? self::startingIn($c, $node) ?? self::inTotal($c, $node);
        }

        return $node;
    }

    /** "ch 8 + 1 to turn", "ch 8 plus 1 for turning": so many chains more. */
    private static function turning(Cursor $c): ?int
    {
        $from = $c->at;
        $more = $c->take('+', 'plus') ? $c->number() : null;
        if (null === $more) {
            return $c->back($from);
        }
        ++$c->at;
        $c->take(...Words::CHAINS);
        $c->skip('to', 'for', 'as', 'the', 'a', 'extra', 'more');
        $isSaid = $c->take('turn', 'turning');
        $c->take(...Words::CHAINS);

        return $isSaid || $c->isClauseEnd() ? $more : $c->back($from);
    }

    /** "sc in back loop of each st around" */
    private static function placed(Cursor $c, Work|Repeat $node, int $from): Work|Repeat
    {
        $into = $node instanceof Work && $c->isWord('of', 'in', 'across', 'each') ? Targets::of($c) : null;
        if (null === $into || !$node instanceof Work || TargetKind::Stitches !== $into->kind) {
            return $node;
        }
        $placed = IntoStitches::of($c, $node->stitch, $node->times, $into, $from);
        $loop = $node->loop;

        return (null === $loop ? $placed : $placed->withLoop($loop, $placed->span))->withSpan($node->span->to($c->span($from)));
    }

    /** "inc (2 sc in same st)", "12 sc (2 in each st)": says the same again, or how they are shared out. */
    private static function glossed(Cursor $c, Work $node): ?Work
    {
        $from = $c->at;
        if (!$c->is(TokenType::Open)) {
            return null;
        }
        $close = $from;
        while ($c->tokens->has($close) && !$c->tokens->is($close, TokenType::Close)) {
            ++$close;
        }
        $shared = $c->number(1);
        if (null !== $shared && $shared > 1 && \in_array($c->value(2), ['in', 'into'], true) && \in_array($c->value(3), ['each', 'every'], true)
            && $c->tokens->has($close) && null !== $node->times && 0 === $node->times % $shared) {
            $c->at = $close + 1;
            $one = Stitch::inOne($node->stitch, $shared);

            return null === $one ? $c->back($from) : $node->withStitch($one)->withTimes(intdiv($node->times, $shared), $node->span->to($c->span($from)));
        }
        if (1 === preg_match('/^(?:bob|pop|puff)/', $node->stitch->value) && null !== $shared && null !== $c->name(2)) {
            // "bobble (5 dc)" says of what it is made.
            $c->at = $close;

            return $c->takeType(TokenType::Close) ? $node->withSpan($node->span->to($c->span($from))) : $c->back($from);
        }
        if (!\in_array($node->stitch, [Stitch::Increase, Stitch::Decrease, Stitch::InvisibleDecrease], true) && $node->stitch->makes() < 2
            && $node->stitch->uses() < 2) {
            return null;
        }
        try {
            ++$c->at;
            $c->skipTypes(TokenType::Equals);
            $gloss = Works::of($c);
            $isSame = $gloss instanceof Work && 1 === $gloss->times && (self::isAlike($gloss->stitch, $node->stitch) || $gloss->stitch->isSame());
            $isTwo = $gloss instanceof Work && 2 === $gloss->times && $gloss->stitch->isSame();
        } catch (SyntaxError) {
            $isSame = $isTwo = false;
        }
        if (!($isSame || $isTwo) || !$c->takeType(TokenType::Close)) {
            return $c->back($from);
        }

        return $node->withSpan($node->span->to($c->span($from)));
    }

    private static function isAlike(Stitch $one, Stitch $other): bool
    {
        return $one->uses() === $other->uses() && $one->makes() === $other->makes();
    }

    /** "sc x 6 in MR" */
    private static function intoRing(Cursor $c, Work $node): ?Work
    {
        $from = $c->at;
        $into = null === $node->place && $c->isWord('in', 'into', 'inside') ? Targets::of($c) : null;
        if (TargetKind::Ring !== $into?->kind) {
            return $c->back($from);
        }

        return $node->withPlace(IntoStitch::ring(), $node->span->to($c->span($from)));
    }

    /** "4 sc starting in second ch from hook", "5 sc from the 2nd ch": one in each from there on. */
    private static function startingIn(Cursor $c, Work $node): ?Work
    {
        $from = $c->at;
        $number = StartingIn::of($c);
        if (null === $number) {
            return null;
        }

        return $node->along($number, $node->span->to($c->span($from)));
    }

    /** "12 sc in total", "each", which add nothing. */
    private static function inTotal(Cursor $c, Work $node): Work
    {
        $from = $c->at;
        if (!$c->takePhrase('in', 'total') && !$c->takePhrase('in', 'all') && !$c->take('total', 'altogether')) {
            return $node;
        }
        if (!$c->isClauseEnd()) {
            $c->back($from);

            return $node;
        }

        return $node->withSpan($node->span->to($c->span($from)));
    }

    /** The same through both sides of a piece that lies flat. */
    public static function closed(Cursor $c, Work|Repeat $node): Work|Repeat
    {
        if ($node instanceof Repeat) {
            return $node->withItems(array_map(
                static fn (Node $one): Node => $one instanceof Work || $one instanceof Repeat ? self::closed($c, $one) : $one,
                $node->items,
            ));
        }
        if ($node->stitch->isThroughBoth()) {
            return $node;
        }
        $both = $node->stitch->throughBoth() ?? throw new SyntaxError(
            Message::of('stitch.throughBoth', known: $c->vocabulary->inWords('sc or sl st')),
            $node->span->from,
            max(1, $node->span->length()),
        );

        return $node->withStitch($both);
    }
}

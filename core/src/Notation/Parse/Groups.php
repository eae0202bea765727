<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Freely;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Says what "x6", "around", "repeat" after a list of stitches belongs to: its last one, or all of them. */
final class Groups
{
    /** What may begin to say how often. */
    private const FIRST = [
        'etc' => 1, 'rep' => 1, 'repeat' => 1, 'repeated' => 1, 'repeating' => 1, 'reps' => 1, 'repeats' => 1, 'rpt' => 1,
        'and' => 1, 'then' => 1, 'continue' => 1, 'keep' => 1, 'to' => 1, 'for' => 1, 'a' => 1, 'total' => 1, 'of' => 1,
        'another' => 1, 'this' => 1, 'it' => 1, 'work' => 1, 'do' => 1, 'an' => 1, 'additional' => 1, 'once' => 1, 'twice' => 1,
        'thrice' => 1, 'evenly' => 1, 'all' => 1, 'the' => 1, 'completely' => 1, 'entirely' => 1, 'right' => 1, 'around' => 1,
        'across' => 1, 'throughout' => 1, 'round' => 1, 'til' => 1, 'till' => 1, 'until' => 1, 'thru' => 1, 'through' => 1,
        'in' => 1, 'x' => 1,
    ];

    private const FREELY = ['at' => 1, 'randomly' => 1, 'freely' => 1, 'in' => 1, 'as' => 1];

    /** Whether a starred group ends here with "rep from *", "repeat around". */
    public static function repeatAhead(Cursor $c): bool
    {
        $ahead = 0;
        while ($c->isAhead($ahead, TokenType::Separator, TokenType::Stop, TokenType::Dash) || \in_array($c->value($ahead), ['and', 'then'], true)) {
            ++$ahead;
        }

        return \in_array($c->value($ahead), Words::REPEAT, true) && !$c->isAhead($ahead + 1, TokenType::Open);
    }

    /** Whether the bracket that opens here begins with a stitch, and how often it is worked stands right behind it. */
    public static function isRepeated(Cursor $c): bool
    {
        $first = 1;
        while ($c->isAhead($first, TokenType::Open)) {
            ++$first;
        }
        if (null === $c->name($first) && !($c->isAhead($first, TokenType::Number) && null !== $c->name($first + 1))) {
            return false;
        }
        $close = $c->closeOf($c->at);

        return null !== $close && $c->tokens->is($close + 1, TokenType::Times);
    }

    /**
     * "sc, hdc and dc at random around".
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>|null
     */
    public static function freely(Cursor $c, array $nodes): ?array
    {
        if (!isset(self::FREELY[$c->value()])) {
            return null;
        }
        $from = $c->at;
        $said = $c->takePhrase('at', 'random') || $c->take('randomly', 'freely') || $c->takePhrase('in', 'any', 'order')
            || $c->takePhrase('as', 'you', 'like') || $c->takePhrase('as', 'you', 'please');
        if (!$said) {
            return null;
        }
        $c->skip('mixed', 'placed', 'chosen');
        Times::around($c);
        [$begin, $end] = Listed::of($nodes);
        $stitches = [];
        foreach (\array_slice($nodes, $begin, $end - $begin + 1) as $node) {
            if ($node instanceof Work && 1 === $node->times && 1 === $node->stitch->uses() && 1 === $node->stitch->makes()) {
                $stitches[] = $node->stitch;
            } elseif (!$node instanceof Glue) {
                return $c->back($from);
            }
        }

        return [] === $stitches ? $c->back($from) : [...\array_slice($nodes, 0, $begin), new Freely($stitches, $nodes[$begin]->span->to($c->span($from)))];
    }

    private static function canBegin(Cursor $c, bool $isGroup): bool
    {
        $at = $c->at;
        while (\in_array($c->tokens->type($at), [TokenType::Separator, TokenType::Dash, TokenType::Stop], true)) {
            ++$at;
        }

        return match ($c->tokens->type($at)) {
            TokenType::Word => isset(self::FIRST[$c->tokens->value($at)]) && !$c->tokens->isCapital($at) || null !== $c->tokens->number($at),
            TokenType::Number => null === $c->name($at + 1 - $c->at),
            TokenType::Times, TokenType::Star => true,
            TokenType::Open => !$c->tokens->is($at + 1, TokenType::Number) || !$c->tokens->is($at + 2, TokenType::Close) || $isGroup,
            default => false,
        };
    }

    /**
     * @param list<Node> $nodes
     * @param bool       $stars a star may multiply here
     *
     * @return list<Node>|null with the last of them, or all, so often; null where nothing is said
     */
    public static function times(Cursor $c, array $nodes, bool $stars): ?array
    {
        $from = $c->at;
        $last = end($nodes);
        if (!self::canBegin($c, $last instanceof Repeat && !$last->said)) {
            return null;
        }
        if (!$stars && $c->is(TokenType::Star)) {
            return null;
        }
        if ($last instanceof Repeat && !$last->said && $c->is(TokenType::Open) && null !== $c->number(1) && $c->isAhead(2, TokenType::Close)
            && Assumption::NumberRepeats === $c->choose($c->at, [Assumption::NumberCounts, Assumption::NumberRepeats])) {
            $c->at += 3;

            return [...\array_slice($nodes, 0, -1), $last->withTimes((int) $c->tokens->number($from + 1), $last->span->to($c->span($from)))];
        }
        if ($last instanceof Repeat && !$last->said && null !== $c->number() && $c->isClauseEnd(1) && !$c->isWord('once', 'twice')
            && !$c->isSaidTwice()) {
            // "(sc, inc) 6"
            $number = (int) $c->takeNumber();

            return [...\array_slice($nodes, 0, -1), $last->withTimes($number, $last->span->to($c->span($from)))];
        }
        if ((!$c->is(TokenType::Times) || $c->tokens->isWord($c->at + 2)) && Counts::rounds($c) instanceof Node) {
            return $c->back($from);
        }
        $amount = Times::of($c, false);

        return null === $amount ? null : self::applied($c, $nodes, $amount, $from);
    }

    /**
     * @param list<Node> $nodes
     *
     * @return list<Node>|null
     */
    private static function applied(Cursor $c, array $nodes, HowOften $amount, int $from): ?array
    {
        [$begin, $end] = Listed::of($nodes);
        if ($end < 0) {
            return $c->back($from);
        }
        $skip = Listed::skipBefore($c->tokens, $nodes, $begin, $end);
        if (null !== $skip && ($amount->repeated
            || Listed::isCounted($c->tokens, $nodes[$end])
                && Assumption::SkipRepeats === $c->choose(-1 - $from, [Assumption::SkipOnce, Assumption::SkipRepeats]))) {
            $begin = $skip;
        }
        $last = $nodes[$end];
        $span = $last->span->to($c->span($from));
        if ($last instanceof Evenly) {
            return [...\array_slice($nodes, 0, $end), new Evenly($last->stitch, $last->times, $span)];
        }
        $isGroup = $last instanceof Repeat && !$last->said;
        if ($isGroup || !$last instanceof Filling && Listed::isLone($nodes, $begin, $end) && !($amount->repeated && $last instanceof Repeat)) {
            return [...\array_slice($nodes, 0, $end), self::often($c, $last, $amount, $span, $from)];
        }
        $isAround = null === $amount->times;
        $choice = match (true) {
            $last instanceof Repeat && !$amount->repeated => Assumption::LastOnly,
            $amount->toEnd && !$amount->repeated && $last instanceof Work && 1 === $last->stitch->makes()
                && 1 === $last->stitch->uses() => Assumption::LastOnly,
            // "inc in first st, sc around": the first comes once.
            !$amount->repeated && $isAround && RestOf::isNext($c, $nodes, $begin, $end) => Assumption::LastOnly,
            !$amount->repeated && $isAround && Listed::namesFirst($c->tokens, $nodes, $begin, $end) => Assumption::LastOnly,
            $amount->repeated && $isAround => $c->choose($from, [Assumption::WholeListAround]),
            $amount->repeated => $c->choose($from, [Assumption::WholeList, Assumption::LastOnly]),
            $isAround => $c->choose($from, [Assumption::WholeListAround, self::once($c, $nodes, $from)]),
            default => $c->choose($from, [Assumption::LastOnly, Assumption::WholeList]),
        };
        if (\in_array($choice, [Assumption::LastOnly, Assumption::LastOnlyAround, Assumption::OnceBeforeAround], true)) {
            return [...\array_slice($nodes, 0, $end), self::often($c, $last, $amount, $span, $from)];
        }
        $items = array_values(array_filter(\array_slice($nodes, $begin, $end - $begin + 1), static fn (Node $node): bool => !$node instanceof Glue));
        if ([] === $items) {
            return $c->back($from);
        }

        return [...\array_slice($nodes, 0, $begin), new Repeat($items, $amount->all(), $items[0]->span->to($c->span($from)))];
    }

    /** @param list<Node> $nodes */
    private static function once(Cursor $c, array $nodes, int $from): Assumption
    {
        return Listed::shapesFirst($c->tokens, $nodes) && !$c->tokens->is($from, TokenType::Separator)
            ? Assumption::OnceBeforeAround
            : Assumption::LastOnlyAround;
    }

    /** One of them, so often. */
    private static function often(Cursor $c, Node $node, HowOften $amount, Span $span, int $from): Node
    {
        if ($node instanceof Repeat) {
            $times = $amount->all();
            $inner = 1 === \count($node->items) ? $node->items[0] : null;
            if (null === $times && ($inner instanceof Work || $inner instanceof Repeat) && null === $inner->times) {
                // "(3 dc in each st) around" says twice that it is all around.
                return null === $node->loop ? $inner->withSpan($span) : $inner->withLoop($node->loop, $span);
            }
            if ($node->said && null !== $times) {
                return new Repeat([$node], $times, $span);
            }

            return null === $node->times && null === $times ? $node->withSpan($span) : $node->withTimes($times, $span);
        }
        if (!$node instanceof Work) {
            // What fills a round is as often as there is room.
            return $node;
        }
        if (null === $amount->times) {
            // "12 sc around" may be twelve, or twelve in each.
            if (null === $node->times
                || $node->times > 1 && Assumption::NumberCounts === $c->choose($from, [Assumption::NumberCounts, Assumption::NumberRepeats])) {
                return $node->withSpan($span);
            }
            if ($node->times > 1) {
                return new Repeat(
                    [
                        $node->withTimes(1, $node->span),
                        ...(null === $node->stitch->same() ? [] : [$node->withTimes($node->times - 1, $node->span)->withStitch($node->stitch->same())]),
                    ],
                    null,
                    $span,
                );
            }

            return $node->withTimes(null, $span);
        }
        $times = (int) $amount->all();
        if (null === $node->times) {
            return $node->withSpan($span);
        }
        $c->check($node->times * $times, $from);

        return $node->withTimes($node->times * $times, $span);
    }
}

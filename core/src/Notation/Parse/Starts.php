<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\OtherSide;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Reads what a piece begins on, where it is said apart from its stitches: a ring, a chain joined into one, where on a chain. */
final class Starts
{
    /** Words that it may begin with: at all others it need not look. */
    private const FIRST = [
        '(' => 1, '[' => 1, 'now' => 1, 'and' => 1, 'then' => 1, 'rotate' => 1, 'continue' => 1, 'continuing' => 1, 'work' => 1,
        'working' => 1, 'along' => 1, 'on' => 1, 'to' => 1, 'down' => 1, 'up' => 1, 'the' => 1, 'other' => 1, 'opposite' => 1,
        'make' => 1, 'start' => 1, 'begin' => 1, 'starting' => 1, 'beginning' => 1, 'making' => 1, 'slip' => 1, 'slipknot' => 1,
        'create' => 1, 'with' => 1, 'a' => 1, 'an' => 1, 'in' => 1, 'into' => 1, 'form' => 1, 'first' => 1, 'by' => 1,
        'using' => 1, 'magic' => 1, 'adjustable' => 1, 'sliding' => 1, 'double' => 1, 'mr' => 1, 'mc' => 1, 'mcr' => 1, 'mgr' => 1,
        'ring' => 1, 'circle' => 1, 'loop' => 1, 'join' => 1, 'joined' => 1, 'close' => 1, 'connect' => 1, 'sl' => 1, 'ss' => 1,
        'slst' => 1, 'slip stitch' => 1, 'sl st' => 1, 'turn' => 1, 'from' => 1, 'across' => 1, 'back' => 1, 'over' => 1,
        'ch' => 1, 'chain' => 1, 'yarn' => 1, 'your' => 1, 'remaining' => 1, 'unworked' => 1,
    ];

    /**
     * @param list<Node> $before what the line says before
     *
     * @return list<Node>|null what stands for it, with a chain before it, which is taken off the list
     */
    public static function of(Cursor $c, array $before): ?array
    {
        if (!isset(self::FIRST[$c->value()])) {
            return null;
        }
        $last = end($before);
        for ($i = \count($before) - 1; $last instanceof Glue && $i >= 0; --$i) {
            $last = $before[$i];
        }
        $chain = $last instanceof Work && Stitch::Chain === $last->stitch && null !== $last->times ? $last : null;

        return self::otherSide($c) ?? self::slipKnot($c) ?? (null === $chain
            ? self::ring($c, $before)
            : (self::isFirst($chain, $before) || !Closes::isPicot($c, $c->at) ? self::joinedChain($c, $chain) : null)
                ?? (self::isFirst($chain, $before) ? self::along($c, $chain) : null) ?? self::ring($c, $before));
    }

    /**
     * Whether nothing is worked before a chain: after stitches, "ch 3, sl st in first ch" is a picot.
     *
     * @param list<Node> $before
     */
    private static function isFirst(Work $chain, array $before): bool
    {
        foreach ($before as $node) {
            if ($node !== $chain && ($node instanceof Work || $node instanceof Repeat)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{Node}|null "on the other side of the chain", "rotate" */
    private static function otherSide(Cursor $c): ?array
    {
        $from = $c->at;
        $said = false;
        $bracket = $c->takeType(TokenType::Open);
        $c->skip('now', 'and', 'then');
        while ($c->isWord(
            'now', 'rotate', 'continue', 'continuing', 'work', 'working', 'along', 'on', 'to', 'down', 'up', 'the', 'other',
            'opposite', 'side', 'of', 'foundation', 'starting', 'ch', 'chain', 'turn', 'around', 'in', 'back', 'unworked', 'loops',
            'bottom', 'free', 'edge', 'your', 'work', 'into', 'piece', 'and', 'across', 'chs', 'remaining', 'over',
        )) {
            $said = $said || $c->isWord('side', 'rotate', 'opposite');
            if ($said && $c->isWord('ch', 'chain') && null !== $c->number(1)) {
                break;
            }
            ++$c->at;
        }

        return $said && (!$bracket || $c->takeType(TokenType::Close)) ? [new OtherSide($c->span($from))] : $c->back($from);
    }

    /** @return array{Node}|null "make a slip knot" */
    private static function slipKnot(Cursor $c): ?array
    {
        $from = $c->at;
        $c->skip('make', 'start', 'begin', 'with', 'a', 'starting', 'by', 'making');
        if (($c->take('slip') && $c->take('knot')) || $c->take('slipknot')) {
            $c->skip('on', 'your', 'the', 'hook', 'and', 'then');

            return [new Glue($c->span($from))];
        }

        return $c->back($from);
    }

    /**
     * @param list<Node> $before
     *
     * @return list<Node>|null "MR", "start with a magic ring and", "into MR:"
     */
    private static function ring(Cursor $c, array $before): ?array
    {
        $from = $c->at;
        foreach ($before as $node) {
            if ($node instanceof Work && Stitch::Chain !== $node->stitch) {
                return null;
            }
        }
        $c->skip(
            'to', 'begin', 'start', 'starting', 'beginning', 'make', 'making', 'create', 'with', 'a', 'an', 'the', 'in', 'into',
            'form', 'first', 'by', 'using', 'work',
        );
        $c->takeType(TokenType::Separator) && $c->skip('make', 'create', 'form', 'a', 'with', 'start');
        for ($at = $from; $at < $c->at; ++$at) {
            if ($c->tokens->isCapital($at)) {
                // "With A, make MR": a yarn.
                return $c->back($from);
            }
        }
        $with = \in_array($c->value(-1), ['with', 'using'], true);
        if (!RingName::of($c) || ($with && 'mc' === $c->tokens->value($c->at - 1))) {
            return $c->back($from);
        }
        if ('mc' === $c->value(-1) && ':' === $c->value()
            && ($c->tokens->isAmong($c->at, $c->tokens->count(), array_values(array_diff(Words::RINGS, ['mc'])))
                || Assumption::CircleYarn === $c->choose($c->at, [Assumption::CircleRing, Assumption::CircleYarn]))) {
            return $c->back($from);
        }
        $ring = Foundation::ring($c->span($from));
        $after = $c->at;
        $c->skipTypes(TokenType::Separator, TokenType::Stop, TokenType::Dash, TokenType::Bar);
        $c->takeType(TokenType::Times);
        $c->skip('with', 'of', 'work', 'make', 'and', 'then', 'crochet', 'put', 'do', 'place');
        $at = $c->at;
        if (null === $c->number() || null !== $c->vocabulary->at($c->tokens, $at + 1)
            || !($c->isClauseEnd(1) || \in_array($c->value(1), ['in', 'into', ...Words::STITCHES], true))) {
            $isLed = null !== $c->number() || null !== $c->vocabulary->at($c->tokens, $at);
            $c->back($isLed ? $at : $after);

            return [new Foundation(0, 0, $ring->span->to($c->span($isLed ? $after : $c->at)))];
        }
        // "MR 6", "magic ring with 6 sts", "magic ring, 6 in ring"
        $number = (int) $c->takeNumber();
        $c->skip(...Words::STITCHES);
        Targets::of($c);

        return [$ring, new Work(Stitch::Single, $number, $c->span($after))];
    }

    /** @return array{Node}|null "join with sl st to form ring", "sl st in first ch to join", after a chain */
    private static function joinedChain(Cursor $c, Work $chain): ?array
    {
        $from = $c->at;
        $c->skip('and', 'then');
        $led = $c->take('join', 'joined', 'close', 'connect');
        $c->skip('with', 'a', 'an', 'the', 'into', 'to', 'in', 'using');
        $name = $c->name();
        if (null !== $name && Stitch::SlipStitch === $name->stitch) {
            $c->at += $name->tokens;
            $led = true;
        }
        if (!$led) {
            return $c->back($from);
        }
        $said = false;
        while ($c->isWord(
            'to', 'in', 'into', 'the', 'first', '1st', 'form', 'a', 'ring', 'circle', 'loop', 'beginning', 'beg', 'ch', 'chain',
            'join', 'make', 'and', 'of', 'st', 'stitch', 'furthest', 'farthest', 'last', 'from', 'hook', 'tube', 'starting',
            'close', 'with', 'round',
        )) {
            $said = $said || $c->isWord('ring', 'circle', 'first', '1st', 'join', 'beginning', 'beg', 'loop', 'tube', 'starting', 'round');
            if ($c->isWord('in', 'and', 'with') && (null !== $c->number(1) || null !== $c->name(1) && !\in_array($c->value(1), ['ch', 'chain'], true))) {
                break;
            }
            ++$c->at;
        }
        if (!$said && !$c->isClauseEnd()) {
            return $c->back($from);
        }
        if ($c->is(TokenType::Separator) && \in_array($c->value(1), ['being', 'be', 'making', 'make', 'taking', 'without', 'careful'], true)) {
            // ", being careful not to twist"
            for (++$c->at; $c->has() && !$c->isClauseEnd(); ++$c->at) {
            }
        }
        if ($c->takePhrase('being', 'careful', 'not', 'to', 'twist') || $c->takePhrase('without', 'twisting')) {
            $c->skip('the', 'chain');
        }

        return [new Foundation($chain->times ?? 1, 1, $chain->span->to($c->span($from)), true)];
    }

    /** @return array{Node}|null "starting in 2nd ch from hook", after a chain */
    private static function along(Cursor $c, Work $chain): ?array
    {
        $from = $c->at;
        $c->skip('and', 'turn');
        $c->skipTypes(TokenType::Separator);
        $number = StartingIn::of($c, [...Words::CHAINS, ...Words::STITCHES]);
        if (null === $number) {
            return $c->back($from);
        }

        return [new Foundation($chain->times ?? 1, $number, $chain->span->to($c->span($from)))];
    }

    /**
     * Both as one list: after stitches that nothing parts from it, "sc 7 on the other side" says where those are worked.
     *
     * @param int        $from  the first token of what is added
     * @param list<Node> $nodes
     * @param list<Node> $start
     *
     * @return list<Node>
     */
    public static function beside(Cursor $c, int $from, array $nodes, array $start): array
    {
        $last = end($nodes);
        $isOfLast = $start[0] instanceof OtherSide && $last instanceof Work && null === $last->place
            && \in_array($c->tokens->value($from), ['on', 'in', 'along', 'down', 'across', 'over'], true)
            && ($c->tokens->isWord($from - 1) || $c->tokens->is($from - 1, TokenType::Number));
        array_splice($nodes, $isOfLast ? -1 : \count($nodes), 0, $start);

        return $nodes;
    }

    /**
     * The list without the chain that what is begun on was read from; the yarn of "ch 15 in B" is that of what is worked into it.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>
     */
    public static function withoutChain(array $nodes): array
    {
        for ($i = \count($nodes) - 1; $i >= 0; --$i) {
            if ($nodes[$i] instanceof Work) {
                array_splice($nodes, $i, 1, self::yarnOf($nodes[$i]));
                break;
            }
        }

        return $nodes;
    }

    /** @return list<YarnPhrase> that a chain names, before all that is worked into it */
    public static function yarnOf(Work $chain): array
    {
        return null === $chain->yarn ? [] : [new YarnPhrase($chain->yarn, $chain->span)];
    }
}

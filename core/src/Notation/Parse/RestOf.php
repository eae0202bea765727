<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Reads what is worked over all that is left, in a yarn of its own: "remaining sts in A", "rest in B", "the other stitches with A". */
final class RestOf
{
    private const REST = ['remaining', 'rest', 'rem', 'remainder', 'others'];

    /**
     * @param list<Node> $before
     *
     * @return list<Node>|null with what is worked over the rest
     */
    public static function in(Cursor $c, array $before): ?array
    {
        $from = $c->at;
        if (self::last($before) instanceof YarnPhrase && Times::around($c)) {
            // "3 sc in B, then with A to the end"
            return [...$before, new Work(self::plain($before), null, $c->span($from))];
        }
        $c->takeType(TokenType::Separator, TokenType::Dash, TokenType::Stop);
        $c->skip('and', 'then', 'work', 'do', 'all', 'the');
        $last = self::some($c);
        if (null !== $last) {
            $yarn = $c->take('use', 'work') ? YarnName::known($c) : Yarns::after($c);

            return null === $yarn ? $c->back($from) : [...$before, new Work(self::plain($before), $last, $c->span($from), null, $yarn)];
        }
        $isRest = $c->take(...self::REST) || ($c->isWord('other') && \in_array($c->value(1), Words::STITCHES, true) && $c->take('other'));
        if (!$isRest) {
            return $c->back($from);
        }
        $c->skip('of', 'the', 'all', ...Words::STITCHES, ...Words::ROUND);
        $c->skip('are', 'is', 'worked');
        $yarn = Yarns::after($c);
        if (null === $yarn) {
            return $c->back($from);
        }

        return [...$before, new Work(self::plain($before), null, $c->span($from), null, $yarn)];
    }

    /** "last 2 sts", "next three stitches", before the yarn that they are worked in. */
    private static function some(Cursor $c): ?int
    {
        $from = $c->at;
        $c->takePhrase('in', 'the') || $c->take('in');
        $number = $c->take('last', 'final', 'next', 'following') ? $c->takeNumber() : null;

        return null !== $number && $c->take(...Words::STITCHES) ? $number : $c->back($from);
    }

    /**
     * Whether stitches name yarns of their own, so that "around" after the last of them is the rest of the round and no repeat of the others: a yarn is
     * said once for where it is worked.
     *
     * @param list<Node> $nodes
     */
    public static function isNext(Cursor $c, array $nodes, int $begin, int $end): bool
    {
        if ($nodes[$end] instanceof Repeat || Listed::isCounted($c->tokens, $nodes[$end])) {
            return false;
        }
        $before = \array_slice($nodes, $begin, $end - $begin);
        foreach ($before as $node) {
            if ($node instanceof YarnPhrase || (($node instanceof Work || $node instanceof Repeat) && null !== $node->yarn)) {
                return true;
            }
        }
        $from = $c->at;
        $yarn = Yarns::after($c);
        $c->back($from);

        return null !== $yarn;
    }

    /** @param list<Node> $nodes */
    private static function last(array $nodes): ?Node
    {
        foreach (array_reverse($nodes) as $node) {
            if (!$node instanceof Glue) {
                return $node;
            }
        }

        return null;
    }

    /**
     * The stitch that the line works else.
     *
     * @param list<Node> $before
     */
    private static function plain(array $before): Stitch
    {
        for ($i = \count($before) - 1; $i >= 0; --$i) {
            if ($before[$i] instanceof Work) {
                return $before[$i]->stitch->plain();
            }
        }

        return Stitch::Single;
    }
}

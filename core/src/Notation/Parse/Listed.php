<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\LiftingChains;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\IntoStitchKind;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Tokens;

/** Finds where a list begins that is repeated from its end: "sc, inc, repeat around", "2 sc, dec around". */
final class Listed
{
    /**
     * The list that ends here: from the last that was repeated on.
     *
     * @param list<Node> $nodes
     *
     * @return array{int, int} its first and last place
     */
    public static function of(array $nodes): array
    {
        $begin = 0;
        $end = \count($nodes) - 1;
        while ($end >= 0 && !$nodes[$end] instanceof Work && !$nodes[$end] instanceof Repeat && !$nodes[$end] instanceof Filling) {
            --$end;
        }
        for ($i = $end - 1; $i >= 0; --$i) {
            $node = $nodes[$i];
            if (($node instanceof Repeat && !self::isOne($node)) || ($node instanceof Work && null === $node->times) || $node instanceof Foundation) {
                $begin = $i + 1;
                break;
            }
        }
        // A chain that lifts the hook is not repeated.
        for ($i = $begin; $i < $end && !$nodes[$i] instanceof Repeat; ++$i) {
            $node = $nodes[$i];
            if ($node instanceof Work) {
                $begin = Stitch::Chain === $node->stitch && null !== $node->times && $node->times <= LiftingChains::MOST && !self::goesWithNext($nodes, $i)
                    ? $i + 1
                    : $begin;
                break;
            }
        }
        // What is skipped at the beginning is skipped once, unless chains bridge it.
        while ($begin < $end && ($nodes[$begin] instanceof Glue
            || ($nodes[$begin] instanceof Work && Stitch::Skip === $nodes[$begin]->stitch && !self::hasChain($nodes, $begin, $end)))) {
            ++$begin;
        }
        while ($begin < $end && !$nodes[$begin] instanceof Work && !$nodes[$begin] instanceof Repeat && !$nodes[$begin] instanceof YarnPhrase) {
            ++$begin;
        }

        return [$begin, $end];
    }

    /** @param list<Node> $nodes whose last is worked */
    public static function isLone(array $nodes, int $begin, int $end): bool
    {
        for ($i = $begin; $i < $end; ++$i) {
            if ($nodes[$i] instanceof Work || $nodes[$i] instanceof Repeat) {
                return false;
            }
        }

        return true;
    }

    /** "sc 1", "3 dc in next st": it says how many, or where, as "sc around" does not. */
    public static function isCounted(Tokens $tokens, Node $node): bool
    {
        return 1 === preg_match('/\d|\bnext\b/i', self::typed($tokens, $node));
    }

    private static function typed(Tokens $tokens, Node $node): string
    {
        return mb_substr($tokens->line, $node->span->from, $node->span->length());
    }

    /**
     * A skip before the list that may be repeated with it: not that of "the first st".
     *
     * @param list<Node> $nodes
     */
    public static function skipBefore(Tokens $tokens, array $nodes, int $begin, int $end): ?int
    {
        $i = $begin - 1;
        while ($i >= 0 && $nodes[$i] instanceof Glue) {
            --$i;
        }
        $skip = $nodes[$i] ?? null;

        return $skip instanceof Work && Stitch::Skip === $skip->stitch && !self::namesFirst($tokens, $nodes, $i, max($end, $i + 1)) ? $i : null;
    }

    /**
     * Whether one of them is in the first stitch, which comes once.
     *
     * @param list<Node> $nodes whose last is worked
     */
    public static function namesFirst(Tokens $tokens, array $nodes, int $begin, int $end): bool
    {
        $isNext = IntoStitchKind::Stitch === ($nodes[$end] instanceof Work ? $nodes[$end]->place?->kind : null);
        for ($i = $begin; $i < $end && !$isNext; ++$i) {
            if ($nodes[$i] instanceof Work && 1 === preg_match('/\b(?:first|1st)\b/i', self::typed($tokens, $nodes[$i]))) {
                return true;
            }
        }

        return false;
    }

    /**
     * "dec, sc": one increase or decrease and one plain stitch, without a number, and nothing else.
     *
     * @param list<Node> $nodes
     */
    public static function shapesFirst(Tokens $tokens, array $nodes): bool
    {
        $works = array_values(array_filter($nodes, static fn (Node $node): bool => !$node instanceof Glue && !$node instanceof YarnPhrase));
        [$first, $last] = [$works[0] ?? null, $works[1] ?? null];

        return 2 === \count($works) && $first instanceof Work && $last instanceof Work && 1 === $first->times && null === $first->place
            && $first->stitch->makes() !== $first->stitch->uses() && 1 === $last->stitch->makes() && 1 === $last->stitch->uses()
            && !self::isCounted($tokens, $first) && !self::isCounted($tokens, $last);
    }

    /** @param list<Node> $nodes */
    private static function hasChain(array $nodes, int $begin, int $end): bool
    {
        for ($i = $begin; $i < $end; ++$i) {
            if ($nodes[$i] instanceof Work && Stitch::Chain === $nodes[$i]->stitch) {
                return true;
            }
        }

        return false;
    }

    /** Several in one stitch, "(sc, hdc) in next st", stand in a list as one does. */
    private static function isOne(Repeat $repeat): bool
    {
        foreach ($repeat->items as $item) {
            if ($item instanceof Work && $item->stitch->isSame()) {
                return 1 === $repeat->times;
            }
        }

        return false;
    }

    /**
     * A chain over skipped stitches, or one that is worked along, lifts nothing.
     *
     * @param list<Node> $nodes
     */
    private static function goesWithNext(array $nodes, int $at): bool
    {
        for ($i = $at + 1; isset($nodes[$i]); ++$i) {
            if ($nodes[$i] instanceof Work) {
                return Stitch::Skip === $nodes[$i]->stitch || IntoStitchKind::FromHook === $nodes[$i]->place?->kind;
            }
        }

        return false;
    }
}

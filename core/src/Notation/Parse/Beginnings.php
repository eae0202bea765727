<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\LiftingChains;
use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\IntoStitchKind;
use Alternum\Core\Notation\Node\Lift;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;

/**
 * Sees what a round's first and last stitches are for: a chain that is begun on, chains that lift the hook, a slip stitch that
 * closes the round.
 */
final class Beginnings
{
    /**
     * @param list<Node> $items of a whole line
     *
     * @return list<Node>
     */
    public static function of(Cursor $c, array $items): array
    {
        return self::alone($c, self::closed($c, self::sameFirst(self::lifted($c, self::founded($c, self::counted($items))))));
    }

    /**
     * "ch 3 (counts as first dc)", "ch 1 (does not count as a stitch)".
     *
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function counted(array $items): array
    {
        foreach ($items as $i => $item) {
            $next = $items[$i + 1] ?? null;
            if ($item instanceof Work && Stitch::Chain === $item->stitch && $next instanceof Cue
                && 1 === preg_match(
                    '/^(?:this |the |it |beginning |ch[- ]?\d* )*(does not|doesn.?t|do not|don.?t|not|never|counts?)\b.*?(?:count|\bas\b|st|1st|first)/i',
                    $next->text,
                    $match,
                )) {
                $stands = 0 === stripos($match[1], 'count') && 1 !== preg_match('/\bnot\b/i', $next->text);
                array_splice($items, $i, 2, [new Lift($item->times ?? 1, $item->span->to($next->span), $stands)]);
            }
        }

        return $items;
    }

    /**
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function founded(Cursor $c, array $items): array
    {
        [$first, $second] = [Positions::stitch($items, 0), Positions::stitch($items, 1)];
        $ring = Positions::place($items, IntoStitchKind::Ring);
        foreach ($items as $i => $item) {
            if ($item instanceof Foundation) {
                $items[$i] = null !== $ring && $item->joined ? $item->intoRing($item->span) : $item;

                return array_values($items);
            }
        }
        if (null !== $ring) {
            return [Foundation::ring($items[$ring]->span), ...$items];
        }
        $chain = null === $first ? null : $items[$first];
        $next = null === $second ? null : $items[$second];
        if (!$chain instanceof Work || Stitch::Chain !== $chain->stitch || null === $chain->times) {
            if ($chain instanceof Work && IntoStitchKind::FromHook === $chain->place?->kind && null !== $chain->times && $chain->times > 2) {
                // "10 sc in first ch": the chain is taken for granted.
                return [new Foundation($chain->place->number, $chain->place->number, $chain->span), ...$items];
            }

            return $items;
        }
        if ($next instanceof Work && IntoStitchKind::FromHook === $next->place?->kind) {
            $from = $next->place->number;
            $foundation = new Foundation(1 === $from && $chain->times <= 2 ? 1 : $chain->times, $from, $chain->span->to($next->span));
            if ($foundation->isPoint() || Assumption::ChainBegins === $c->choose($chain->span->from, [Assumption::ChainBegins, Assumption::ChainStandsOut])) {
                if (!$foundation->isPoint() && null !== $next->times && $next->times > 1 && $from > 1 && $next->times > $foundation->side()) {
                    $foundation = new Foundation($from, $from, $foundation->span);
                }
                $items[(int) $first] = $foundation;
                if (!$foundation->isPoint()) {
                    array_splice($items, (int) $second, 1, $next->together());
                } elseif ($from > 2 && $next->times > 1 && Stitch::Single !== $next->stitch
                    && Assumption::PointStands === $c->choose($chain->span->from, [Assumption::PointLifts, Assumption::PointStands])) {
                    array_splice($items, (int) $second, 0, [new Lift($from - 1, $chain->span, true)]);
                }
            }
        } elseif ($next instanceof Work && Stitch::Skip === $next->stitch && IntoStitchKind::Chain === $next->place?->kind && null !== $next->times) {
            $items[(int) $first] = new Foundation($chain->times, $next->times + 1, $chain->span->to($next->span));
            array_splice($items, (int) $second, 1);
        } elseif ($chain->times > 2 && self::fills(\array_slice($items, (int) $first + 1), $chain->times - 1)
            && Assumption::ChainBegins === $c->choose($chain->span->from, [Assumption::ChainStandsOut, Assumption::ChainBegins])) {
            // "ch 6, 5 sc": the chain nearest to the hook turns.
            $items[(int) $first] = new Foundation($chain->times, 2, $chain->span);
        }

        // "Ch 15 in B": what is worked into it is in B.
        $isFounded = $items[(int) $first] instanceof Foundation;

        return array_values([...($isFounded ? Starts::yarnOf($chain) : []), ...$items]);
    }

    /**
     * @param list<Node> $items after a chain
     *
     * @return bool whether they are so many stitches, as many as go along that chain
     */
    private static function fills(array $items, int $chains): bool
    {
        foreach ($items as $item) {
            if ($item instanceof Repeat || $item instanceof Filling || $item instanceof Work && (null === $item->times || null !== $item->place)) {
                return false;
            }
            $chains -= $item instanceof Work ? $item->times * $item->stitch->uses() : 0;
        }

        return 0 === $chains;
    }

    /**
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function lifted(Cursor $c, array $items): array
    {
        $first = Positions::stitch($items, 0);
        $isRing = [] !== array_filter($items, static fn (Node $item): bool => $item instanceof Foundation);
        $chain = null === $first ? null : $items[$first];
        $next = Positions::stitch($items, 1);
        if (null !== $first && null !== $next && $chain instanceof Work && self::isLift($chain)) {
            $options = $isRing ? [Assumption::ChainLifts, Assumption::ChainStands] : [Assumption::ChainLifts, Assumption::ChainWorked, Assumption::ChainStands];
            $isAlong = $items[$next] instanceof Work && IntoStitchKind::FromHook === $items[$next]->place?->kind;
            $choice = $isAlong
                ? Assumption::ChainWorked
                : $c->choose($chain->span->from, 1 === $chain->times ? \array_slice($options, 0, $isRing ? 1 : 2) : $options);
            if (Assumption::ChainWorked !== $choice) {
                array_splice($items, $first, 1, [new Lift($chain->times ?? 1, $chain->span, Assumption::ChainStands === $choice)]);
            }
        }
        $isClosed = false;
        foreach ($items as $i => $item) {
            $isClosed = $isClosed || $item instanceof Close;
            if ($isClosed && $item instanceof Work && self::isLift($item)) {
                array_splice($items, $i, 1, [new Lift($item->times ?? 1, $item->span)]);
            }
        }
        $last = Positions::last($items);
        $chain = $items[$last] ?? null;
        if ($last > 0 && $chain instanceof Work && self::isLift($chain) && null !== Positions::stitch($items, 1)) {
            if (Assumption::ChainLiftsNext === $c->choose($chain->span->from, [Assumption::ChainLiftsNext, Assumption::ChainWorkedLast])) {
                array_splice($items, $last, 1, [new Lift($chain->times ?? 1, $chain->span)]);
            }
        }

        return $items;
    }

    /**
     * "ch 1, sc in same st": with nothing worked before it, the stitch that the round was joined in is the first one.
     *
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function sameFirst(array $items): array
    {
        $first = Positions::stitch($items, 0);
        $work = null === $first ? null : $items[$first];
        foreach ($items as $item) {
            if ($item instanceof Lift && $item->chainIsFirst) {
                return $items;
            }
        }
        if (!$work instanceof Work || !$work->stitch->isSame() || null === $work->times) {
            return $items;
        }
        $plain = $work->stitch->plain();
        $one = Stitch::inOne($plain, $work->times);
        array_splice(
            $items,
            (int) $first,
            1,
            null !== $one
                ? [$work->withStitch($one)->withTimes(1, $work->span)]
                : [$work->withStitch($plain)->withTimes(1, $work->span), $work->withTimes($work->times - 1, $work->span)],
        );

        return $items;
    }

    /**
     * A slip stitch that is the last of a round may close it.
     *
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function closed(Cursor $c, array $items): array
    {
        $last = Positions::last($items);
        $slip = $items[$last] ?? null;
        if ($slip instanceof Work && Stitch::SlipStitch === $slip->stitch && 1 === $slip->times && !$slip->each
            && IntoStitchKind::FromHook !== $slip->place?->kind
            && Assumption::SlipCloses === $c->choose($slip->span->from, [Assumption::SlipCloses, Assumption::SlipWorked])) {
            $items[$last] = new Close($slip->span, Closed::Level);
        }

        return $items;
    }

    /**
     * "sc (12)", "sc, inc (18)": what is written once stands for the round, where that makes the count.
     *
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function alone(Cursor $c, array $items): array
    {
        $first = Positions::stitch($items, 0);
        $last = Positions::last($items);
        if (null === $first) {
            return $items;
        }
        $list = [];
        foreach (\array_slice($items, $first, $last - $first + 1) as $item) {
            if (!$item instanceof Work || null === $item->times || null !== $item->place && IntoStitchKind::Stitch !== $item->place->kind
                || Stitch::Chain === $item->stitch) {
                return $items;
            }
            $list[] = $item;
        }
        if ([] === $list) {
            return $items;
        }
        foreach ($items as $item) {
            if ($item instanceof Foundation) {
                return $items;
            }
        }
        $one = $list[0];
        // "sc through both sides" closes all of it; no one closes a single stitch.
        $isAcross = 1 === \count($list) && $one->stitch->isThroughBoth() && !Listed::isCounted($c->tokens, $one);
        if (!$isAcross && Assumption::OneAround !== $c->choose($one->span->from, [Assumption::OneOnly, Assumption::OneAround])) {
            return $items;
        }
        $all = 1 === \count($list) && 1 === $one->times
            ? $one->withTimes(null, $one->span)
            : new Repeat($list, null, $one->span->to($list[\count($list) - 1]->span));
        array_splice($items, $first, \count($list), [$all]);

        return $items;
    }

    private static function isLift(Node $item): bool
    {
        return $item instanceof Work && Stitch::Chain === $item->stitch && null !== $item->times && $item->times <= LiftingChains::MOST
            && null === $item->place;
    }
}

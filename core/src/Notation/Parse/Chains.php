<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\IntoStitch;
use Alternum\Core\Notation\Node\IntoStitchKind;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;

/**
 * Sees chains that stand out of a round and are worked along, as a leaf or a lash is: "ch 4, sc in 2nd ch from hook and next 2". Such
 * chains and stitches use none of the round below, and leave none to be worked into.
 */
final class Chains
{
    /** So many chains make a loop; fewer may be a space that the next round is worked into. */
    private const LOOP = 4;

    /**
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    public static function along(array $items): array
    {
        $items = self::loops($items);
        $all = [];
        $left = 0;
        foreach ($items as $item) {
            if ($item instanceof Repeat) {
                $all[] = $item->withItems(self::nonEmpty(self::along(self::fringe($item->items)), $item));
                $left = 0;
                continue;
            }
            if (!$item instanceof Work) {
                $all[] = $item;
                continue;
            }
            if (IntoStitchKind::FromHook === $item->place?->kind && null !== $chain = self::chainBefore($all)) {
                [$at, $work] = $chain;
                $chains = $work->times ?? 0;
                $isBack = 0 === $item->place->number;
                if (Stitch::SlipStitch === $item->stitch && 1 === $item->place->number) {
                    // "ch 3, sl st in first ch" closes a picot: the one that was made first.
                    $item = $item->withPlace(IntoStitch::fromHook($chains), $item->span);
                }
                if ($isBack) {
                    // "back along the chain": all of it but the turning chain, unless it says how many.
                    $item = $item->withTimes(1 === $item->times ? $chains - 1 : $item->times, $item->span);
                }
                $left = $isBack ? (int) $item->times : $chains - ($item->place->number ?? 1) + 1;
                array_splice($all, $at, 1, [$work->withStitch(Stitch::ChainOut)]);
                if (!$isBack && 2 === $item->times) {
                    $item = $item->withStitch(Stitch::inOne($item->stitch, 2) ?? $item->stitch)->withTimes(1, $item->span);
                }
            }
            if (null === $item->times && $item->each && $left > 0 && null !== $item->stitch->out()) {
                // "and in each ch across": to the chain's end, not to the round's.
                $item = $item->withTimes($left, $item->span);
            }
            $out = $left > 0 && IntoStitchKind::Stitch !== $item->place?->kind ? $item->stitch->out() : null;
            if (null === $out || null === $item->times || $item->times > $left) {
                $left = null === $out ? 0 : $left;
                if (null !== $out && null !== $item->times && IntoStitchKind::Chain !== $item->place?->kind) {
                    $left = 0;
                }
                $all[] = $item;
                continue;
            }
            $all[] = $item->withStitch($out);
            $left -= $item->times * max(1, Stitch::IncreaseOut === $out ? 1 : $item->stitch->uses());
        }

        return $all;
    }

    /**
     * "(ch 5, sl st in next st) x6": chains from one slip stitch to the next are a fringe of loops, which the next round passes by.
     *
     * @param list<Node> $items of a bracket
     *
     * @return list<Node>
     */
    private static function fringe(array $items): array
    {
        $works = array_values(array_filter($items, static fn (Node $item): bool => $item instanceof Work));
        $chains = array_filter($works, static fn (Work $work): bool => Stitch::Chain === $work->stitch && ($work->times ?? 0) >= self::LOOP);
        $slips = array_filter($works, static fn (Work $work): bool => Stitch::SlipStitch === $work->stitch && 1 === $work->times);

        return 2 !== \count($works) || 1 !== \count($chains) || 1 !== \count($slips) ? $items : array_map(
            static fn (Node $item): Node => $item instanceof Work && Stitch::Chain === $item->stitch ? $item->withStitch(Stitch::ChainOut) : $item,
            $items,
        );
    }

    /**
     * Chains that come back to the stitch they went out from, "sl st, ch 3, dc2tog in same st, ch 3, sl st in same st": a wing, a petal, a loop.
     * What is worked on the way leaves none to be worked into.
     *
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function loops(array $items): array
    {
        for ($at = 1, $count = \count($items); $at < $count; ++$at) {
            $from = $items[$at - 1];
            $end = self::loopEnd($items, $at);
            if (null === $end || !$from instanceof Work || Stitch::Chain === $from->stitch || $from->stitch->isSame()) {
                continue;
            }
            $looped = array_map(
                static fn (Node $item): Node => $item instanceof Work ? $item->withStitch($item->stitch->inLoop() ?? $item->stitch) : $item,
                \array_slice($items, $at, $end - $at + 1),
            );
            array_splice($items, $at, \count($looped), $looped);
        }

        return $items;
    }

    /**
     * @param list<Node> $items
     *
     * @return int|null where the slip stitch is that brings chains from here back; null where they do not come back
     */
    private static function loopEnd(array $items, int $at): ?int
    {
        $first = $items[$at] ?? null;
        if (!$first instanceof Work || Stitch::Chain !== $first->stitch || ($first->times ?? 0) < 2) {
            return null;
        }
        for ($i = $at + 1; ($item = $items[$i] ?? null) instanceof Work; ++$i) {
            if (Stitch::SlipSame === $item->stitch) {
                return $i;
            }
            if (Stitch::Chain !== $item->stitch && !($item->stitch->isSame() && null !== $item->stitch->inLoop())) {
                return null;
            }
        }

        return null;
    }

    /**
     * @param list<Node> $all
     *
     * @return non-empty-list<Node>
     */
    private static function nonEmpty(array $all, Repeat $repeat): array
    {
        return [] === $all ? $repeat->items : $all;
    }

    /**
     * @param list<Node> $all
     *
     * @return array{int, Work}|null
     */
    private static function chainBefore(array $all): ?array
    {
        $at = \count($all) - 1;
        $last = $all[$at] ?? null;

        return $last instanceof Work && Stitch::Chain === $last->stitch && null !== $last->times && $last->times > 1 ? [$at, $last] : null;
    }
}

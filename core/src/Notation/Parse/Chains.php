<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\PlaceKind;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;

/**
 * Sees chains that stand out of a round and are worked along, as a leaf or a lash is: "ch 4, sc in 2nd ch from hook and next 2". Such
 * chains and stitches use none of the round below, and leave none to be worked into.
 */
final class Chains
{
    /**
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    public static function along(array $items): array
    {
        $all = [];
        $left = 0;
        foreach ($items as $item) {
            if ($item instanceof Repeat) {
                $all[] = $item->withItems(self::nonEmpty(self::along($item->items), $item));
                $left = 0;
                continue;
            }
            if (!$item instanceof Work) {
                $all[] = $item;
                continue;
            }
            if (PlaceKind::FromHook === $item->place?->kind && null !== $chain = self::chainBefore($all)) {
                [$at, $work] = $chain;
                $left = ($work->times ?? 0) - $item->place->number + 1;
                array_splice($all, $at, 1, [$work->withStitch(Stitch::ChainOut)]);
                if (2 === $item->times) {
                    $item = $item->withStitch(Stitch::inOne($item->stitch, 2) ?? $item->stitch)->withTimes(1, $item->span);
                }
            }
            $out = $left > 0 && PlaceKind::Stitch !== $item->place?->kind ? $item->stitch->out() : null;
            if (null === $out || null === $item->times || $item->times > $left) {
                $left = null === $out ? 0 : $left;
                if (null !== $out && null !== $item->times && PlaceKind::Chain !== $item->place?->kind) {
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

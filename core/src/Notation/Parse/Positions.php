<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\IntoStitchKind;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;

/** Where in a line the items are that work something. */
final class Positions
{
    /**
     * @param list<Node> $items
     *
     * @return int|null the place of the nth that is worked, from 0
     */
    public static function stitch(array $items, int $nth): ?int
    {
        foreach ($items as $i => $item) {
            if (($item instanceof Work || $item instanceof Repeat || $item instanceof Filling) && $nth-- < 1) {
                return $i;
            }
        }

        return null;
    }

    /** @param list<Node> $items */
    public static function last(array $items): int
    {
        for ($i = \count($items) - 1; $i >= 0; --$i) {
            if ($items[$i] instanceof Work || $items[$i] instanceof Repeat || $items[$i] instanceof Filling) {
                return $i;
            }
        }

        return -1;
    }

    /** @param list<Node> $items */
    public static function place(array $items, IntoStitchKind $kind): ?int
    {
        foreach ($items as $i => $item) {
            if ($item instanceof Work && $kind === $item->place?->kind) {
                return $i;
            }
        }

        return null;
    }
}

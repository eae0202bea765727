<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;

/** "Sc around, increasing 6 evenly": the plain stitches around are those between the increases, and are worked once. */
final class SpreadEvenly
{
    /**
     * @param list<Node> $items of a whole line
     *
     * @return list<Node>
     */
    public static function over(array $items): array
    {
        foreach ($items as $i => $item) {
            $plain = $items[$i - 1] ?? null;
            if ($item instanceof Evenly && $plain instanceof Work && Stitch::Single === $plain->stitch && null === $plain->times
                && null === $plain->loop && null === $plain->yarn) {
                array_splice($items, $i - 1, 1);

                return $items;
            }
        }

        return $items;
    }
}

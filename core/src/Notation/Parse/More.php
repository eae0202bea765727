<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;

/** Reads more of the stitch before: "sc in 2nd ch from hook and in each ch across", "and next 2". */
final class More
{
    /** @param list<Node> $before */
    public static function of(Cursor $c, array $before): Work|Repeat|null
    {
        $from = $c->at;
        $last = end($before);
        if (!$last instanceof Work || !$c->take('and', 'then')) {
            return null;
        }
        $stitch = $last->stitch->plain();
        if (Times::around($c)) {
            return new Work($stitch, null, $c->span($from));
        }
        $into = $c->isWord('in', 'into', 'next', 'each', 'the') ? Targets::of($c) : null;
        if (null === $into || TargetKind::Ring === $into->kind || TargetKind::Same === $into->kind || !$c->isClauseEnd() && !$c->isWord('and', 'then')) {
            return $c->back($from);
        }

        return IntoStitches::of($c, $stitch, null, $into, $from);
    }
}

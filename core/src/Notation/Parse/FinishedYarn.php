<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** Reads a yarn that the stitch before it is finished with: "finishing the last st with B". */
final class FinishedYarn
{
    /** "finishing the last st with B", "complete last sc in B" */
    public static function of(Cursor $c): ?SaidYarn
    {
        $from = $c->at;
        $c->skip('and', 'then');
        if (!$c->take('finish', 'finishing', 'complete', 'completing', 'close', 'closing', 'end', 'ending')) {
            return $c->back($from);
        }
        $c->skip('the', 'your', 'off');
        if (!$c->take('last', 'final')) {
            return $c->back($from);
        }
        Targets::stitchWords($c);
        $c->skip('yo', 'yarn', 'over', 'pull', 'through', 'loop', 'of', 'the', 'round');
        $name = $c->take('with', 'in', 'using') ? YarnName::known($c) : null;

        return null === $name || !$c->isClauseEnd() ? $c->back($from) : new SaidYarn($name);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/**
 * Reads stitches by their number and place, or their yarn, alone: "2 in each st", "one sc in the next, two in the next", "4 in cream". Their name is the one
 * that the line works else.
 */
final class Unnamed
{
    public static function of(Cursor $c, int $number, int $from): Work|Repeat|null
    {
        if (!$c->isWord('in', 'into', 'with', 'using')) {
            return null;
        }
        if (self::isYarnAhead($c)) {
            return new Work(self::nearest($c), $number, $c->span($from));
        }
        $into = $c->isWord('in', 'into') ? self::into($c) : null;

        return null === $into ? null : IntoStitches::of($c, self::nearest($c), $number, $into, $from);
    }

    /** "4 sc in brown, 4 in cream" */
    private static function isYarnAhead(Cursor $c): bool
    {
        $from = $c->at;
        $yarn = Yarns::after($c);
        $c->back($from);

        return null !== $yarn;
    }

    private static function into(Cursor $c): ?Target
    {
        $from = $c->at;
        $into = Targets::of($c);

        return null !== $into && \in_array($into->kind, [TargetKind::Stitches, TargetKind::Same, TargetKind::Ring], true) && ($c->isClauseEnd()
            || $c->isWord('and', 'then', 'around', 'x', ...Words::REPEAT) || $c->is(TokenType::Times)) ? $into : $c->back($from);
    }

    private static function nearest(Cursor $c): Stitch
    {
        for ($at = $c->at - 1; $at >= $c->begins; --$at) {
            $name = $c->vocabulary->at($c->tokens, $at);
            if (null !== $name && \in_array($name->stitch, [Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble], true)) {
                return $name->stitch;
            }
        }

        return Stitch::Single;
    }
}

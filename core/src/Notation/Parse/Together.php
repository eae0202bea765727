<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Message;

/** Reads stitches that are worked together, where that is said in words. */
final class Together
{
    /** "sc 2 tog", "sc the next two stitches together", "crochet two stitches together", "2 sc tog". */
    public static function of(Cursor $c, int $from): ?Work
    {
        if (!$c->mentions('together', 'tog')) {
            return null;
        }
        $mark = $c->at;
        $number = $c->number();
        if (null !== $number) {
            ++$c->at;
        }
        $stitch = Stitch::Single;
        $name = $c->name();
        if (null !== $name) {
            $c->at += $name->tokens;
            $stitch = $name->stitch;
        } elseif (!$c->take('crochet', 'work') && null === $number && !\in_array($c->value(-1), Words::DO, true)) {
            return $c->back($mark);
        }
        $c->skip('over', 'in', 'the', 'next', 'following', 'every');
        if (null !== $c->number()) {
            $number = $c->number();
            ++$c->at;
        }
        $c->skip('the', 'next');
        if ($c->isWord(...Words::STITCHES)) {
            ++$c->at;
        }
        if (null === $number || !$c->take('together', 'tog')) {
            return $c->back($mark);
        }
        $base = $stitch->plain();
        $joined = match (true) {
            Stitch::Decrease === $base, Stitch::InvisibleDecrease === $base => 2 === $number ? $base : null,
            2 === $number && Stitch::Single === $base => Stitch::Decrease,
            default => Stitch::tryFrom("{$base->value}{$number}tog"),
        };

        return new Work(
            $joined ?? throw $c->error(
                Message::of('stitch.together', number: $number, known: $c->vocabulary->inWords('sc2tog, sc3tog')),
                $mark,
            ),
            1,
            $c->span($from),
        );
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** Passes over what leads stitches in and says nothing of them: "work", "make a", "then do". */
final class Verbs
{
    public static function pass(Cursor $c): void
    {
        $from = $c->at;
        if ($c->tokens->isCapital($c->at)) {
            return;
        }
        $c->skip(...Words::DO, ...['a', 'an', 'another', 'start', 'begin', 'by', 'with', 'working', 'making', 'doing', 'of', 'one', 'you', 'will', 'more']);
        if (('with' === $c->value(-1) && !\in_array($c->value(-2), ['start', 'begin'], true)) || 'next' === $c->value(-1)) {
            $c->back($from);
            $c->skip('work', 'make', 'do', 'place', 'put', 'add', 'a', 'an');
        }
        if ('one' === $c->value(-1)) {
            --$c->at;
        }
        if ('crochet' === $c->value(-1) && (self::isTogetherAhead($c) || $c->isWord('the', 'next'))) {
            --$c->at;
        }
    }

    private static function isTogetherAhead(Cursor $c): bool
    {
        for ($ahead = 0; $ahead < 6 && $c->tokens->isWord($c->at + $ahead) || null !== $c->number($ahead); ++$ahead) {
            if (\in_array($c->value($ahead), ['together', 'tog'], true)) {
                return true;
            }
        }

        return false;
    }
}

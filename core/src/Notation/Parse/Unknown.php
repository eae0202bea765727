<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Terms;

/** Says of a word or sign that it is not understood, and what it may have been meant to be. */
final class Unknown
{
    public static function at(Cursor $c): SyntaxError
    {
        $single = $c->vocabulary->abbreviation(Stitch::Single);
        $known = $c->vocabulary->inWords('sc, inc, dec, inv dec, hdc, dc, tr, sl st, ch, sk or bob');
        if (!$c->has()) {
            return $c->error(Message::of('word.missing', known: $known));
        }
        if (null !== $c->number()) {
            $value = $c->tokens->said($c->at);
            $next = $c->at + 1;
            if (!$c->tokens->isWord($next)) {
                return $c->error(Message::of('word.ofWhat', value: $value, single: $single));
            }
            ++$c->at;
        }
        $said = $c->tokens->said($c->at);
        if (!$c->tokens->isWord($c->at)) {
            return $c->error(Message::of('word.sign', said: $said));
        }
        if ($c->isWord('in', 'with', 'using') && $c->tokens->isWord($c->at + 1)) {
            $name = $c->tokens->said($c->at + 1);

            return $c->error(Message::of('word.neither', name: $name), $c->at + 1);
        }
        $terms = null === Vocabulary::of(Terms::Us)->stitch($c->vocabulary->abbreviation(Stitch::HalfDouble)) ? Terms::Uk : Terms::Us;
        if (null !== Vocabulary::of($terms->other())->at($c->tokens, $c->at)) {
            return $c->error(Message::of('word.otherTerms', said: $said, these: $terms->value, those: $terms->other()->value));
        }
        $near = $c->vocabulary->nearest($c->value());
        if (null === $near) {
            return $c->error(Message::of('word.unknown', said: $said, known: $known));
        }
        $span = $c->tokens->span($c->at, $c->at + 1);

        $fix = new Fix(Message::of('fix.write', text: $near), $span->from, $span->length(), $near);

        return $c->error(Message::of('word.near', said: $said, near: $near))->fixedBy($fix);
    }
}

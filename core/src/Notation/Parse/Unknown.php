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
    /** Usual words that are near a stitch's name, and are no slip of it. */
    private const ENGLISH = [
        'but', 'and', 'the', 'for', 'you', 'are', 'not', 'any', 'can', 'was', 'our', 'out', 'get', 'has', 'how', 'now', 'old', 'see', 'way', 'who',
        'its', 'let', 'put', 'say', 'too', 'use', 'got', 'top', 'eye', 'leg', 'arm', 'ear', 'bit', 'big', 'set', 'sew', 'cut', 'pin', 'pop', 'end',
        'off', 'yet', 'still', 'best', 'book', 'both', 'pick', 'push', 'pull', 'shop', 'chin', 'chat', 'main', 'place', 'plain', 'clap', 'slip',
        'skin', 'skim', 'ship', 'trip', 'time', 'tail', 'nose', 'bust', 'boss', 'base', 'must', 'lost', 'last', 'like', 'loose', 'live', 'long',
        'look', 'rest', 'ring', 'more', 'note', 'next',
    ];

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
        $near = $c->isWord(...Words::STITCHES) ? null : $c->vocabulary->nearest($c->value());
        // "but" is no bobble.
        $isEnglish = $c->isWord(...self::ENGLISH) || null === $near && 1 === preg_match('/^(?=.*[aeiouy])[a-z]{4,}$/', $c->value());
        if (null === $near || $isEnglish) {
            return $c->error(Message::of($isEnglish ? 'word.english' : 'word.unknown', said: $said, known: $known));
        }
        $span = $c->tokens->span($c->at, $c->at + 1);

        $fix = new Fix(Message::of('fix.write', text: $near), $span->from, $span->length(), $near);

        return $c->error(Message::of('word.near', said: $said, near: $near))->fixedBy($fix);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Terms;

/** Says of a word or sign that it is not understood, and what it may have been meant to be. */
final class Unknown
{
    public static function at(Cursor $c): SyntaxError
    {
        $single = $c->vocabulary->abbreviation(Stitch::Single);
        $mend = $c->vocabulary->inWords('Write it with sc, inc, dec, inv dec, hdc, dc, tr, sl st, ch, sk or bob; start a remark with #.');
        if (!$c->has()) {
            return $c->error('Something is missing at the end.', $mend);
        }
        if (null !== $c->number()) {
            $value = $c->tokens->said($c->at);
            $next = $c->at + 1;
            if (!$c->tokens->isWord($next)) {
                return $c->error("It does not say {$value} of what.", "Write {$value} {$single}.");
            }
            ++$c->at;
        }
        $said = $c->tokens->said($c->at);
        if (!$c->tokens->isWord($c->at)) {
            return $c->error("“{$said}” cannot be read here.", 'Take it out, or write the stitches it stands for.');
        }
        if ($c->isWord('in', 'with', 'using') && $c->tokens->isWord($c->at + 1)) {
            $name = $c->tokens->said($c->at + 1);

            return $c->error(
                "“{$name}” is neither a yarn that is known here nor something to work into.",
                'Name a yarn by its letter, as “in B”, or say where the stitches go.',
                $c->at + 1,
            );
        }
        $terms = null === Vocabulary::of(Terms::Us)->stitch($c->vocabulary->abbreviation(Stitch::HalfDouble)) ? Terms::Uk : Terms::Us;
        if (null !== Vocabulary::of($terms->other())->at($c->tokens, $c->at)) {
            [$these, $those] = Terms::Us === $terms ? ['US', 'UK'] : ['UK', 'US'];

            return $c->error(
                "“{$said}” is a {$those} word, and this plan is read in {$these} words.",
                "If these are {$those} words, set the plan’s words to {$those}.",
            );
        }
        $near = $c->vocabulary->nearest($c->value());
        $message = "“{$said}” isn’t a stitch I know.";
        if (null === $near) {
            return $c->error($message, $mend);
        }
        $span = $c->tokens->span($c->at, $c->at + 1);

        return $c->error($message, "Did you mean {$near}?")->fixedBy(new Fix("Write {$near}", $span->from, $span->length(), $near));
    }
}

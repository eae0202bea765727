<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Terms;

/** Typed lines in the other country's words: the stitches' names change, every other character stays. */
final readonly class Translation
{
    private Lexer $lexer;
    private Parser $parser;
    private Vocabulary $from;
    private Vocabulary $to;

    public function __construct(Terms $from, Terms $to)
    {
        $this->lexer = new Lexer();
        $this->parser = Parser::of($from);
        $this->from = Vocabulary::of($from);
        $this->to = Vocabulary::of($to);
    }

    public function line(string $line): string
    {
        try {
            if (null === $this->parser->line($line)) {
                return $line;
            }
        } catch (SyntaxError) {
            // What can be read of it is translated all the same.
        }
        $tokens = Tokens::of($this->lexer, Lexer::normal($line));
        $translated = '';
        $done = 0;
        for ($at = 0; $at < $tokens->count(); $at += $words) {
            if ('with' === $tokens->value($at)) {
                $at = self::afterColourName($tokens, $at);
            }
            $name = Naming::at($tokens, $at, $this->from);
            $words = $name[1] ?? 1;
            if (null !== $name && Naming::at($tokens, $at, $this->to) !== $name) {
                $translated .= mb_substr($line, $done, $tokens->position($at) - $done).$this->to->abbreviation($name[0]);
                $done = $tokens->end($at + $words - 1);
            }
        }

        return $translated.mb_substr($line, $done);
    }

    /** A yarn may be called anything, "sc" among it. */
    private static function afterColourName(Tokens $tokens, int $at): int
    {
        for ($i = $at; $tokens->has($i); ++$i) {
            if (':' === $tokens->value($i)) {
                return $i + 1;
            }
        }

        return $at;
    }
}

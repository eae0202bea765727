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
        $parsed = $this->parser->line($line);
        if (null !== $parsed->remark) {
            return $line;
        }
        // A name that is a yarn's, or a note's, keeps its words.
        $kept = [];
        foreach ($parsed->lines[0]->items ?? [] as $item) {
            if ($item instanceof Node\YarnPhrase || $item instanceof Node\Cue) {
                $kept[] = $item->span;
            }
        }
        $tokens = Tokens::of($this->lexer, $line);
        $translated = '';
        $done = 0;
        for ($at = 0; $at < $tokens->count(); $at += $words) {
            $name = $this->from->at($tokens, $at);
            $words = $name->tokens ?? 1;
            if (null !== $name && !self::isWithin($tokens->position($at), $kept) && !$name->isSame($this->to->at($tokens, $at))) {
                $translated .= mb_substr($line, $done, $tokens->position($at) - $done).$this->to->abbreviation($name->stitch);
                $done = $tokens->end($at + $words - 1);
            }
        }

        return $translated.mb_substr($line, $done);
    }

    /** @param list<Span> $spans */
    private static function isWithin(int $position, array $spans): bool
    {
        foreach ($spans as $span) {
            if ($span->holds($position)) {
                return true;
            }
        }

        return false;
    }
}

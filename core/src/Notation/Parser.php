<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Parse\Choices;
use Alternum\Core\Notation\Parse\Cursor;
use Alternum\Core\Notation\Parse\Heads;
use Alternum\Core\Notation\Parse\Lines;
use Alternum\Core\Notation\Parse\Phrases;
use Alternum\Core\Notation\Parse\YarnLists;
use Alternum\Core\Plan\Terms;

/**
 * Reads one typed line in the few ways in which it can be read. How many stitches lie below it does not know: "around" stays open,
 * and which of the readings is right is the reader's to judge.
 *
 * The parts stand in Parse: Heads, Sequence (one thing after another), Works (stitches), Repeats, Targets (into what), Times,
 * Yarns, Remarks, Counts, Closes, Sentences, Starts.
 */
final class Parser
{
    private const REMEMBERED = 8;
    private const REMEMBERED_LINES = 4000;
    /** Readings of one line at the most; fewer of a long one. */
    private const READINGS = 24;
    private const TOKENS = 600;

    private readonly Lexer $lexer;
    private readonly Vocabulary $vocabulary;

    /** @var array<string, Parsed> lines read before: an edit and what follows it read nearly the same ones */
    private array $known = [];

    private function __construct(
        Terms $terms,
        private readonly YarnNames $yarns,
        private readonly string $signature,
        private readonly bool $isOnOthers,
        private readonly Shorthand $shorthand,
    ) {
        $this->lexer = new Lexer();
        $this->vocabulary = Vocabulary::of($terms);
    }

    /**
     * The same one for the same words and yarns, as it remembers what it has read.
     *
     * @param bool           $isOnOthers the lines are those of a piece that begins on others, which its first round may name
     * @param Shorthand|null $shorthand  words that the lines explain themselves
     */
    public static function of(Terms $terms, ?YarnNames $yarns = null, bool $isOnOthers = false, ?Shorthand $shorthand = null): self
    {
        /** @var array<string, self> $made */
        static $made = [];
        $yarns ??= YarnNames::letters();
        $shorthand ??= Shorthand::none();
        $key = "{$terms->value} {$yarns->signature}".($isOnOthers ? ' on' : '').$shorthand->signature;
        if (!isset($made[$key]) && \count($made) >= self::REMEMBERED) {
            $made = [];
        }

        return $made[$key] ??= new self($terms, $yarns, "{$key} ", $isOnOthers, $shorthand);
    }

    public function line(string $line): Parsed
    {
        if (\count($this->known) >= self::REMEMBERED_LINES) {
            $this->known = [];
        }

        return $this->known[$line] ??= Remembered::of(Parsed::class, $this->signature.$line, function () use ($line): Parsed {
            $parsed = $this->read($line);
            if ('' === $parsed->remark || $parsed->isWorked() || 1 === preg_match('/^\s*#|\/\//', $line)) {
                return $parsed;
            }

            return $parsed->listing(YarnLists::of($this->cursor(Tokens::of($this->lexer, $line), new Choices())));
        });
    }

    private function read(string $line): Parsed
    {
        $text = ltrim(PlainText::of($line), " |\t");
        if ('' === trim($text, " \t-=*_~.|+:")) {
            return Parsed::remark('');
        }
        // "#1: sc around" numbers a round; "# 1: …" that is none is a remark after all.
        if ('#' === $text[0] && !str_starts_with($text, '##') && 1 !== preg_match('/^#(?:\s?\d{1,3}\s*[:.)]|\d{1,3}\s+[\w(])/', $text)) {
            return Parsed::remark(trim($text, "# \t"));
        }
        $tokens = Phrases::of($this->lexer, $this->shorthand->tokens($this->lexer, Tokens::of($this->lexer, $line)));
        if ([] !== YarnKey::of($line) || $this->shorthand->explains($line) || Lines::isLabelled($this->cursor($tokens, new Choices()))) {
            // "Note: …" is a remark as "# …" is.
            return Parsed::remark(trim((string) preg_replace('/^\s*notes?\s*:\s*/i', '', $line)), true);
        }
        $lines = [];
        $error = null;
        $most = max(1, min(self::READINGS, intdiv(self::TOKENS, max(1, $tokens->count()))));
        $script = [];
        do {
            $choices = new Choices($script);
            try {
                $lines[] = Lines::of($this->cursor($tokens, $choices), $choices);
            } catch (SyntaxError $failed) {
                $error = null === $error || $failed->position > $error->position ? $failed : $error;
            }
            $script = $choices->next();
        } while (null !== $script && --$most > 0);
        if ([] !== $lines || null === $error) {
            return Parsed::lines($lines);
        }
        if ('#' === $text[0]) {
            return Parsed::remark(trim($text, "# \t"));
        }
        $head = $this->headOf($tokens);
        $isProse = null === $head && Lines::isProse($this->cursor($tokens, new Choices()));

        return $isProse
            ? Parsed::remark(trim($line))
            : Parsed::failed(
                $error,
                $head,
                $this->countOf($tokens),
                null === $head
                    && 1 === preg_match('/^\W*\pL[\pL\s\'-]{1,40}\s*[-:,]?\s*(?:\(?\s*(?:make|x|×)?\s*\d{1,2}\s*(?:x|×|times|pieces)?\s*\)?)\W*$/iu', $line),
            );
    }

    private function headOf(Tokens $tokens): ?Head
    {
        try {
            return Heads::of($this->cursor($tokens, new Choices()));
        } catch (SyntaxError) {
            return null;
        }
    }

    private function countOf(Tokens $tokens): ?Count
    {
        try {
            return Lines::countOf($this->cursor($tokens, new Choices()));
        } catch (SyntaxError) {
            return null;
        }
    }

    private function cursor(Tokens $tokens, Choices $choices): Cursor
    {
        return new Cursor($tokens, $this->vocabulary, $this->yarns, $choices, $this->isOnOthers);
    }
}

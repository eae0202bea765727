<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\Tokens;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\YarnNames;
use Alternum\Core\Plan\Limits;

/**
 * A place in one line's tokens. Every part of the parser takes what it knows and moves the cursor on, or returns null and leaves
 * it where it was.
 */
final class Cursor
{
    public int $at = 0;

    public function __construct(
        public readonly Tokens $tokens,
        public readonly Vocabulary $vocabulary,
        public readonly YarnNames $yarns,
        private readonly Choices $choices,
    ) {
    }

    public function has(): bool
    {
        return $this->tokens->has($this->at);
    }

    public function value(int $ahead = 0): string
    {
        return $this->tokens->value($this->at + $ahead);
    }

    public function is(TokenType ...$types): bool
    {
        return $this->tokens->is($this->at, ...$types);
    }

    public function isAhead(int $ahead, TokenType ...$types): bool
    {
        return $this->tokens->is($this->at + $ahead, ...$types);
    }

    public function isWord(string ...$words): bool
    {
        return \in_array($this->tokens->value($this->at), $words, true);
    }

    /** Takes one of some words. */
    public function take(string ...$words): bool
    {
        $is = \in_array($this->tokens->value($this->at), $words, true);
        $this->at += $is ? 1 : 0;

        return $is;
    }

    /** Takes words in this order, all or none. */
    public function takePhrase(string ...$words): bool
    {
        foreach (array_values($words) as $i => $word) {
            if ($this->tokens->value($this->at + $i) !== $word) {
                return false;
            }
        }
        $this->at += \count($words);

        return true;
    }

    /** Takes as many of some words as there are. */
    public function skip(string ...$words): bool
    {
        $from = $this->at;
        while (\in_array($this->tokens->value($this->at), $words, true)) {
            ++$this->at;
        }

        return $this->at > $from;
    }

    public function takeType(TokenType ...$types): bool
    {
        $is = $this->tokens->is($this->at, ...$types);
        $this->at += $is ? 1 : 0;

        return $is;
    }

    public function skipTypes(TokenType ...$types): bool
    {
        $from = $this->at;
        while ($this->tokens->is($this->at, ...$types)) {
            ++$this->at;
        }

        return $this->at > $from;
    }

    public function number(int $ahead = 0): ?int
    {
        return $this->tokens->number($this->at + $ahead);
    }

    /** A number of stitches or repeats. */
    public function takeNumber(): ?int
    {
        $number = $this->tokens->number($this->at);
        if (null === $number) {
            return null;
        }
        $this->check($number, $this->at);
        ++$this->at;
        // "six (6) times" says it twice.
        if ($this->is(TokenType::Open) && $this->number(1) === $number && $this->isAhead(2, TokenType::Close) && 'times' === $this->value(3)) {
            $this->at += 3;
        }

        return $number;
    }

    /** @throws SyntaxError where it is nothing, or more than a round can hold */
    public function check(int $number, int $at): void
    {
        if ($number < 1) {
            throw $this->tokens->error($at, '0 stitches are none.', 'Leave it out, or write how many there are.');
        }
        if ($number > Limits::STITCHES_IN_ROUND) {
            throw $this->tokens->error($at, ($number >= Tokens::MOST ? 'This' : number_format($number, 0, '.', '')).' is more than a round can hold, which is '.number_format(Limits::STITCHES_IN_ROUND).' stitches.', 'Mend the number.');
        }
    }

    /** @param non-empty-list<Assumption> $options the likeliest first */
    public function choose(int $place, array $options): Assumption
    {
        return $this->choices->between($place, $options);
    }

    /** From a token up to here. */
    public function span(int $from): Span
    {
        return $this->tokens->span($from, $this->at);
    }

    /** @return null */
    public function back(int $to): mixed
    {
        $this->at = $to;

        return null;
    }

    public function error(string $message, string $mend, ?int $at = null): SyntaxError
    {
        return $this->tokens->error($at ?? $this->at, $message, $mend);
    }

    /** Whether a clause ends here: at the line's end, a sign between clauses, or a bracket. */
    public function isClauseEnd(int $ahead = 0): bool
    {
        return !$this->tokens->has($this->at + $ahead) || $this->isAhead($ahead, TokenType::Separator, TokenType::Stop, TokenType::Dash, TokenType::Bar, TokenType::Equals, TokenType::Open, TokenType::Close);
    }
}

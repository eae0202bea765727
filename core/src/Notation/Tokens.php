<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Doctrine\Common\Lexer\Token;

/** One line cut into tokens, and where each stands in it. Places are counted in tokens, positions in characters. */
final readonly class Tokens
{
    private const NUMBER_WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9,
        'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'once' => 1, 'twice' => 2, 'thrice' => 3,
    ];

    /** @param list<Token<TokenType, string>> $tokens */
    private function __construct(public string $text, private array $tokens)
    {
    }

    /** @param string $text as Lexer::normal() gives it */
    public static function of(Lexer $lexer, string $text): self
    {
        $lexer->setInput($text);
        $lexer->moveNext();
        $tokens = [];
        while (null !== $token = $lexer->lookahead) {
            $tokens[] = $token;
            $lexer->moveNext();
        }

        return new self($text, $tokens);
    }

    /** The tokens before a place. */
    public function before(int $at): self
    {
        return new self($this->text, \array_slice($this->tokens, 0, max(0, $at)));
    }

    public function count(): int
    {
        return \count($this->tokens);
    }

    public function has(int $at): bool
    {
        return isset($this->tokens[$at]);
    }

    /** @return string what stands there; '' past the end */
    public function value(int $at): string
    {
        return $this->tokens[$at]->value ?? '';
    }

    public function is(int $at, TokenType ...$types): bool
    {
        return \in_array($this->tokens[$at]->type ?? null, $types, true);
    }

    /** @param list<string> $values */
    public function isOneOf(int $at, array $values): bool
    {
        return isset($this->tokens[$at]) && \in_array($this->tokens[$at]->value, $values, true);
    }

    public function isWord(int $at): bool
    {
        return $this->is($at, TokenType::Word, TokenType::Joined);
    }

    public function isNumber(int $at): bool
    {
        return $this->is($at, TokenType::Number) || isset(self::NUMBER_WORDS[$this->value($at)]);
    }

    /** @return int at most 999,999,999 */
    public function number(int $at): int
    {
        $value = $this->value($at);

        return self::NUMBER_WORDS[$value] ?? (\strlen($value) > 9 ? 999_999_999 : (int) $value);
    }

    /** "once", "twice": numbers that are their own "times". */
    public function isAdverb(int $at): bool
    {
        return $this->isOneOf($at, ['once', 'twice', 'thrice']);
    }

    /** Whether nothing, not even a blank, parts a token from the one before it. */
    public function isClose(int $at): bool
    {
        $byte = ($this->tokens[$at]->position ?? 0) - 1;

        return $byte >= 0 && ' ' !== $this->text[$byte];
    }

    /** The token's first character, from 0; past the end, the character after the last token. */
    public function position(int $at): int
    {
        if (!isset($this->tokens[$at])) {
            return [] === $this->tokens ? mb_strlen(rtrim($this->text)) : $this->end(\count($this->tokens) - 1);
        }

        return mb_strlen(substr($this->text, 0, $this->tokens[$at]->position));
    }

    /** The character after the token. */
    public function end(int $at): int
    {
        return $this->position($at) + mb_strlen($this->value($at));
    }

    /** An error about one token. */
    public function error(int $at, string $message, string $mend): SyntaxError
    {
        return new SyntaxError($message, $mend, $this->position($at), max(1, mb_strlen($this->value($at))));
    }

    /** A token's words for a message, not too long. */
    public function said(int $at): string
    {
        $value = $this->value($at);

        return mb_strlen($value) > 20 ? mb_substr($value, 0, 20).'…' : $value;
    }
}

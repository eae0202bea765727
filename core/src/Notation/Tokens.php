<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Parse\Words;
use Alternum\Core\Plan\Message;

/** One line cut into tokens. Places are counted in tokens, positions in characters. Packed: a list for each of what a token has. */
final readonly class Tokens
{
    /** Single words that say a number. */
    public const NUMBER_WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12,
        'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20,
        'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60,
    ];
    public const ORDINAL_WORDS = [
        'first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8,
        'ninth' => 9, 'tenth' => 10,
    ];
    private const ROMAN = [
        'i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii', 'xiii', 'xiv', 'xv', 'xvi', 'xvii', 'xviii', 'xix', 'xx',
        'xxi', 'xxii', 'xxiii', 'xxiv', 'xxv', 'xxvi', 'xxvii', 'xxviii', 'xxix', 'xxx',
    ];
    /** So many tokens may be a head's. */
    private const HEAD = 4;
    /** No figure is read beyond this. */
    public const MOST = 999_999_999;

    /**
     * @param string          $line   as typed
     * @param string          $text   as Plain gives it
     * @param list<TokenType> $types
     * @param list<string>    $values in lower case
     * @param list<int>       $starts the first character of each
     * @param list<int>       $ends   the character after each
     */
    private function __construct(
        public string $line,
        public string $text,
        public array $types,
        public array $values,
        private array $starts,
        private array $ends,
    ) {
    }

    public static function of(Lexer $lexer, string $line): self
    {
        $text = PlainText::of($line);
        $lexer->setInput($lower = strtolower($text));
        $types = $values = $starts = $ends = [];
        $lexer->moveNext();
        while (null !== $token = $lexer->lookahead) {
            $types[] = $token->type ?? TokenType::Other;
            $values[] = $token->value;
            $starts[] = $token->position;
            $lexer->moveNext();
            $next = $lexer->lookahead->position ?? \strlen($lower);
            $ends[] = $token->position + \strlen(rtrim(substr($lower, $token->position, $next - $token->position)));
        }

        [$types, $values] = self::headed($types, $values);

        return new self(line: $line, text: $text, types: $types, values: $values, starts: $starts, ends: $ends);
    }

    /**
     * Puts what other languages call a round, and roman numbers, into the usual words and figures at a line's begin.
     *
     * @param list<TokenType> $types
     * @param list<string>    $values
     *
     * @return array{list<TokenType>, list<string>}
     */
    private static function headed(array $types, array $values): array
    {
        foreach (\array_slice($values, 0, self::HEAD) as $at => $value) {
            $isCounted = TokenType::Number === ($types[$at + 1] ?? null) || '.' === ($values[$at + 1] ?? '') && TokenType::Number === ($types[$at + 2] ?? null)
                || \in_array(TokenType::Number, [$types[$at - 1] ?? null, $types[$at - 2] ?? null], true);
            $values[$at] = $isCounted ? Words::FOREIGN[$value] ?? $value : $value;
            $isFirst = 0 === $at && \in_array($values[1] ?? '', ['.', ')'], true) && ':' !== ($values[3] ?? '');
            $roman = $isFirst || \in_array($values[$at - 1] ?? '', Words::ROUND, true) ? array_search($value, self::ROMAN, true) : false;
            if (false !== $roman) {
                [$types[$at], $values[$at]] = [TokenType::Number, (string) ($roman + 1)];
            }
        }

        return [array_values($types), array_values($values)];
    }

    /** The same with others in place of some of its tokens: the first stands where these begin, the last ends where these do. */
    public function with(int $at, int $count, self $others): self
    {
        $start = $this->position($at);
        $starts = array_fill(0, $others->count(), $start);
        $ends = array_fill(0, $others->count(), 0 === $count ? $start : $this->end($at + $count - 1));
        [$types, $values, $allStarts, $allEnds] = [$this->types, $this->values, $this->starts, $this->ends];
        array_splice($types, $at, $count, $others->types);
        array_splice($values, $at, $count, $others->values);
        array_splice($allStarts, $at, $count, $starts);
        array_splice($allEnds, $at, $count, $ends);

        return new self(line: $this->line, text: $this->text, types: $types, values: $values, starts: $allStarts, ends: $allEnds);
    }

    public function count(): int
    {
        return \count($this->types);
    }

    public function has(int $at): bool
    {
        return isset($this->types[$at]);
    }

    public function type(int $at): ?TokenType
    {
        return $this->types[$at] ?? null;
    }

    /** @return string what stands there, in lower case; '' past the end */
    public function value(int $at): string
    {
        return $this->values[$at] ?? '';
    }

    public function is(int $at, TokenType ...$types): bool
    {
        $here = $this->types[$at] ?? null;
        foreach ($types as $type) {
            if ($type === $here) {
                return true;
            }
        }

        return false;
    }

    public function isWord(int $at): bool
    {
        return TokenType::Word === ($this->types[$at] ?? null) || TokenType::Joined === ($this->types[$at] ?? null);
    }

    /** @return int|null the number at a place, in figures or words; null where there is none */
    public function number(int $at): ?int
    {
        $value = $this->values[$at] ?? '';

        return TokenType::Number === ($this->types[$at] ?? null) ? (\strlen($value) > 9 ? self::MOST : (int) $value) : self::NUMBER_WORDS[$value] ?? null;
    }

    /** @return int|null "3rd", "third" as 3 */
    public function ordinal(int $at): ?int
    {
        $value = $this->values[$at] ?? '';

        return TokenType::Ordinal === ($this->types[$at] ?? null) ? (\strlen($value) > 11 ? self::MOST : (int) $value) : self::ORDINAL_WORDS[$value] ?? null;
    }

    /** Whether it was typed as one capital letter. */
    public function isCapital(int $at): bool
    {
        return 1 === \strlen($this->values[$at] ?? '') && ctype_upper($this->text[$this->starts[$at]]);
    }

    /**
     * Whether one of some words stands from one token up to another.
     *
     * @param list<string> $words
     */
    public function isAmong(int $from, int $to, array $words): bool
    {
        for ($at = $from, $end = min($to, \count($this->values)); $at < $end; ++$at) {
            if (\in_array($this->values[$at], $words, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing, not even a blank, parts a token from the one before it. */
    public function isClose(int $at): bool
    {
        return $at > 0 && isset($this->starts[$at]) && $this->starts[$at] === $this->ends[$at - 1];
    }

    /** The token's first character, from 0; past the end, the character after the last token. */
    public function position(int $at): int
    {
        return $this->starts[$at] ?? ([] === $this->ends ? \strlen(rtrim($this->text)) : $this->ends[\count($this->ends) - 1]);
    }

    /** The character after the token. */
    public function end(int $at): int
    {
        return $this->ends[$at] ?? $this->position($at);
    }

    /** From one token up to, not including, another. */
    public function span(int $from, int $to): Span
    {
        return new Span($this->position($from), max($this->position($from), $this->end(max($from, $to - 1))));
    }

    /** What was typed from one token up to, not including, another. */
    public function typed(int $from, int $to): string
    {
        $span = $this->span($from, $to);

        return $to <= $from ? '' : mb_substr($this->line, $span->from, $span->length());
    }

    /** An error about one token. */
    public function error(int $at, Message $message): SyntaxError
    {
        return new SyntaxError($message, $this->position($at), max(1, $this->end($at) - $this->position($at)));
    }

    /** A token as typed, for a message; not too long. */
    public function said(int $at): string
    {
        $value = $this->typed($at, $at + 1);

        return mb_strlen($value) > 20 ? mb_substr($value, 0, 20).'…' : $value;
    }
}

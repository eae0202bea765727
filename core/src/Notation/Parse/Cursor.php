<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\NamedStitch;
use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\Tokens;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\YarnNames;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/**
 * A place in one line's tokens. Every part of the parser takes what it knows and moves the cursor on, or returns null and leaves
 * it where it was.
 */
final class Cursor
{
    /** Names that may be something else where they stand: a close, a chain to begin on, the first word of a sentence. */
    private const OTHERWISE = [
        'sl' => 1, 'ss' => 1, 'slip' => 1, 'slst' => 1, 'ch' => 1, 'chain' => 1, 'sk' => 1, 'skip' => 1, 'v' => 1, 'loop' => 1,
        'spike' => 1, 'reverse' => 1, 'front' => 1, 'back' => 1, 'skipping' => 1, 'missing' => 1, 'sl st' => 1,
    ];
    private const AFTER = [
        'even' => 1, 'evenly' => 1, 'until' => 1, 'till' => 1, 'plain' => 1, 'straight' => 1, 'for' => 1, '=' => 1,
        'together' => 1, 'tog' => 1,
    ];

    public int $at = 0;
    /** The first token after the line's head. */
    public int $begins = 0;
    /** The line may name the pieces that it is worked on: it is the first round of one that begins on others. */
    public bool $namesOthers = false;
    /** @var list<TokenType> */
    private readonly array $types;
    /** @var list<string> */
    private readonly array $values;
    /** @var array<string, bool> */
    private array $mentioned = [];
    /** @var array<int, NamedStitch|null> by the token at which it is named */
    private array $names = [];
    /** @var array<int, int>|null by the bracket that opens; null: not looked for yet */
    private ?array $closes = null;

    public function __construct(
        public readonly Tokens $tokens,
        public readonly Vocabulary $vocabulary,
        public readonly YarnNames $yarns,
        private readonly Choices $choices,
        public readonly bool $isOnOthers = false,
    ) {
        $this->types = $tokens->types;
        $this->values = $tokens->values;
    }

    public function has(): bool
    {
        return isset($this->types[$this->at]);
    }

    public function value(int $ahead = 0): string
    {
        return $this->values[$this->at + $ahead] ?? '';
    }

    public function is(TokenType $type, TokenType ...$others): bool
    {
        $here = $this->types[$this->at] ?? null;

        return $type === $here || ([] !== $others && \in_array($here, $others, true));
    }

    public function isAhead(int $ahead, TokenType $type, TokenType ...$others): bool
    {
        $here = $this->types[$this->at + $ahead] ?? null;

        return $type === $here || ([] !== $others && \in_array($here, $others, true));
    }

    public function isWord(string ...$words): bool
    {
        return \in_array($this->values[$this->at] ?? '', $words, true);
    }

    /** Takes one of some words. */
    public function take(string ...$words): bool
    {
        if (!\in_array($this->values[$this->at] ?? '', $words, true)) {
            return false;
        }
        ++$this->at;

        return true;
    }

    /** Takes words in this order, all or none. */
    public function takePhrase(string ...$words): bool
    {
        $at = $this->at;
        foreach ($words as $word) {
            if (($this->values[$at] ?? '') !== $word) {
                return false;
            }
            ++$at;
        }
        $this->at = $at;

        return true;
    }

    /** Takes as many of some words as there are. */
    public function skip(string ...$words): bool
    {
        $from = $this->at;
        while (\in_array($this->values[$this->at] ?? '', $words, true)) {
            ++$this->at;
        }

        return $this->at > $from;
    }

    public function takeType(TokenType ...$types): bool
    {
        if (!isset($this->types[$this->at]) || !\in_array($this->types[$this->at], $types, true)) {
            return false;
        }
        ++$this->at;

        return true;
    }

    public function skipTypes(TokenType ...$types): bool
    {
        $from = $this->at;
        while (isset($this->types[$this->at]) && \in_array($this->types[$this->at], $types, true)) {
            ++$this->at;
        }

        return $this->at > $from;
    }

    /** The stitch named here. */
    public function name(int $ahead = 0): ?NamedStitch
    {
        $at = $this->at + $ahead;
        if (!\array_key_exists($at, $this->names)) {
            $this->names[$at] = $this->vocabulary->at($this->tokens, $at);
        }

        return $this->names[$at];
    }

    public function number(int $ahead = 0): ?int
    {
        return $this->tokens->number($this->at + $ahead);
    }

    /** "six (6) times": the bracket is no count of stitches. */
    public function isSaidTwice(): bool
    {
        return null !== $this->number() && $this->isAhead(1, TokenType::Open) && $this->number(2) === $this->number() && $this->isAhead(3, TokenType::Close)
            && 'times' === $this->value(4);
    }

    /** A number of stitches or repeats. */
    public function takeNumber(): ?int
    {
        $number = $this->tokens->number($this->at);
        if (null === $number) {
            return null;
        }
        $this->check($number, $this->at);
        $this->at += $this->isSaidTwice() ? 4 : 1;

        return Sizes::of($this, $number);
    }

    /** @throws SyntaxError where it is nothing, or more than a round can hold */
    public function check(int $number, int $at): void
    {
        if ($number < 1) {
            throw $this->tokens->error($at, Message::of('number.none'));
        }
        if ($number > Limits::STITCHES_IN_ROUND) {
            throw $this->tokens->error(
                $at,
                $number >= Tokens::MOST
                    ? Message::of('number.farTooMany', most: Limits::STITCHES_IN_ROUND)
                    : Message::of('number.tooMany', number: $number, most: Limits::STITCHES_IN_ROUND),
            );
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

    public function error(Message $message, ?int $at = null): SyntaxError
    {
        return $this->tokens->error($at ?? $this->at, $message);
    }

    /** Whether no word or bracket stands here, so that nothing that begins with one can. */
    public function isBreak(): bool
    {
        return match ($this->types[$this->at] ?? null) {
            null, TokenType::Separator, TokenType::Stop, TokenType::Close, TokenType::Times, TokenType::Bar, TokenType::Equals => true,
            default => false,
        };
    }

    /** A stitch's name here, or a number and one: nothing else can be meant. */
    public function isPlainStitch(): bool
    {
        $type = $this->types[$this->at] ?? null;
        if (TokenType::Number !== $type && TokenType::Word !== $type && TokenType::Joined !== $type) {
            return false;
        }
        $ahead = TokenType::Number === $type ? 1 : 0;
        $name = $this->name($ahead);

        return null !== $name && !isset(self::OTHERWISE[$this->value($ahead)]) && !isset(self::AFTER[$this->value($ahead + $name->tokens)]);
    }

    /** "A 6" in a list: so many stitches in a yarn. */
    public function isLettered(): bool
    {
        return TokenType::Number === ($this->types[$this->at + 1] ?? null)
            && \in_array($this->types[$this->at + 2] ?? null, [TokenType::Separator, null], true) && $this->tokens->isCapital($this->at);
    }

    /** Whether one of some words stands anywhere in the line. */
    public function mentions(string ...$words): bool
    {
        foreach ($words as $word) {
            if ($this->mentioned[$word] ??= $this->tokens->isAmong(0, $this->tokens->count(), [$word])) {
                return true;
            }
        }

        return false;
    }

    /** The bracket that closes the one that opens at a token. */
    public function closeOf(int $open): ?int
    {
        if (null === $this->closes) {
            $this->closes = $opened = [];
            foreach ($this->types as $at => $type) {
                if (TokenType::Open === $type) {
                    $opened[] = $at;
                } elseif (TokenType::Close === $type && null !== $before = array_pop($opened)) {
                    $this->closes[$before] = $at;
                }
            }
        }

        return $this->closes[$open] ?? null;
    }

    /** Whether a clause ends here: at the line's end, a sign between clauses, or a bracket. */
    public function isClauseEnd(int $ahead = 0): bool
    {
        return !$this->tokens->has($this->at + $ahead)
            || $this->isAhead(
                $ahead, TokenType::Separator, TokenType::Stop, TokenType::Dash, TokenType::Bar, TokenType::Equals, TokenType::Open,
                TokenType::Close,
            );
    }
}

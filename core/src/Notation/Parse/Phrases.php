<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Lexer;
use Alternum\Core\Notation\Tokens;
use Alternum\Core\Notation\TokenType;

/**
 * Other words for what the parser has words for, put into these before it reads: one line of SAME for each. The characters that a phrase stands on
 * stay those of what it says.
 */
final class Phrases
{
    /**
     * What is said, its alternatives parted by a stroke, and how the parser says it; '' where it says nothing of the stitches. A "^" before it: only
     * at the beginning of a clause; a "$" after it: only at the end of one; "!" and words: not after these; "@" and words: only after these.
     */
    private const SAME = [
        ['^no increasing|increases|increase|decreasing|decreases|decrease|shaping$', ''],
        ['^to close|finish ,', ''],
        ['to close|finish$ @sc dc hdc tr', ''],
        ['invisible|seamless|invisibly join', 'join'],
        ['standing sc|dc|hdc|tr !with a', '2'],
        ['in any st|stitch', ''],
        ['every st|stitch !in into of to for around on across until till', 'in each st'],
        ['in same st|stitch|sc|dc and in each', 'in each'],
        ['in the same st|stitch|sc|dc and in each', 'in each'],
        ['same place|spot|hole', 'same st'],
        ['first ch|chain made', 'first ch'],
        ['blsc', 'blo sc'],
        ['flsc', 'flo sc'],
        ['scblo', 'sc blo'],
        ['scflo', 'sc flo'],
        ['working even @sc', ''],
        ['each|every|per round|rnd|row @sc hdc dc', ''],
        ['double magic', 'magic'],
        ['per stitch|st', 'in each st'],
        ['double the stitches|sts', 'double each st'],
        ['^colour|color :', 'colour'],
        ['inside$ @sc hdc dc tr crochet crochets', 'in ring'],
        ['continue|continuing around|across', 'repeat around'],
        ['continue|continuing pattern around|across', 'repeat around'],
        ['continue|continuing in pattern around|across', 'repeat around'],
        ['continue|continuing this|like this|so around|across', 'repeat around'],
        ['in same st|stitch and each', 'in each'],
        ['in the same st|stitch and each', 'in each'],
        ['in same st|stitch as join|joining and in each', 'in each'],
    ];

    /** @var array<string, list<array{list<list<string>>, string, bool, bool, array<string>, array<string>}>>|null by the first word */
    private static ?array $phrases = null;

    public static function of(Lexer $lexer, Tokens $tokens): Tokens
    {
        $phrases = self::$phrases ??= self::phrases();
        for ($at = 0; $tokens->has($at); ++$at) {
            foreach ($phrases[$tokens->value($at)] ?? [] as [$words, $same, $isFirst, $isLast, $notAfter, $after]) {
                $before = $tokens->value($at - 1);
                $isThere = !\in_array($before, $notAfter, true) && ([] === $after || \in_array($before, $after, true));
                if (!$isThere || !self::stands($tokens, $at, $words, $isFirst, $isLast)) {
                    continue;
                }
                $with = '' === $same ? ',' : (ctype_digit($same) ? $tokens->value($at + (int) $same - 1) : $same);
                // "(no increases)" goes with its brackets.
                $isWrapped = '' === $same && $tokens->is($at - 1, TokenType::Open) && $tokens->is($at + \count($words), TokenType::Close);
                $tokens = $tokens->with($isWrapped ? $at - 1 : $at, \count($words) + ($isWrapped ? 2 : 0), Tokens::of($lexer, $with));
                break;
            }
        }

        return self::numbers($lexer, self::led($lexer, self::foundation($lexer, self::counts($lexer, $tokens))));
    }

    /** "(24, 5 rounds)" says two things. */
    private static function counts(Lexer $lexer, Tokens $tokens): Tokens
    {
        for ($at = 0; $tokens->has($at); ++$at) {
            if ($tokens->is($at, TokenType::Open) && $tokens->is($at + 1, TokenType::Number) && $tokens->is($at + 2, TokenType::Separator)
                && $tokens->is($at + 3, TokenType::Number) && \in_array($tokens->value($at + 4), ['rounds', 'rnds', 'rows'], true)
                && $tokens->is($at + 5, TokenType::Close)) {
                return $tokens->with($at + 2, 1, Tokens::of($lexer, ') ('));
            }
        }

        return $tokens;
    }

    /** "12 fsc", "foundation sc 12": chains with the round worked along them, which come out alike. */
    private static function foundation(Lexer $lexer, Tokens $tokens): Tokens
    {
        for ($at = 0; $tokens->has($at); ++$at) {
            $words = match (true) {
                'fsc' === $tokens->value($at) => 1,
                'foundation' === $tokens->value($at) && 'sc' === $tokens->value($at + 1) => 2,
                'foundation' === $tokens->value($at) && 'single' === $tokens->value($at + 1) && 'crochet' === $tokens->value($at + 2) => 3,
                default => 0,
            };
            $before = $tokens->number($at - 1);
            $number = $before ?? $tokens->number($at + $words);
            if (0 === $words || null === $number) {
                continue;
            }
            $isJoined = $tokens->isAmong($at, $tokens->count(), ['join', 'joined', 'ring', 'circle', 'tube']);
            $said = $isJoined ? "ch {$number}, sl st in first ch, {$number} sc" : 'ch '.($number + 1).", {$number} sc";

            return $tokens->with(null === $before ? $at : $at - 1, $words + 1, Tokens::of($lexer, $said));
        }

        return $tokens;
    }

    /** "6 times: sc, inc" is "6 (sc, inc)". */
    private static function led(Lexer $lexer, Tokens $tokens): Tokens
    {
        for ($at = 0; $tokens->has($at); ++$at) {
            $isLed = 'times' === $tokens->value($at + 1) && null !== $tokens->number($at) && self::ends($tokens, $at - 1);
            if (!$isLed || !(':' === $tokens->value($at + 2) || $tokens->is($at + 2, TokenType::Dash))) {
                continue;
            }
            $end = $at + 3;
            while ($tokens->has($end) && '.' !== $tokens->value($end)
                && !($tokens->is($end, TokenType::Open) && null !== $tokens->number($end + 1) && !$tokens->has($end + 3))) {
                ++$end;
            }

            return $tokens->with($end, 0, Tokens::of($lexer, ')'))->with($at + 1, 2, Tokens::of($lexer, '('));
        }

        return $tokens;
    }

    /** "2 1 1 around": so many in one stitch after another. */
    private static function numbers(Lexer $lexer, Tokens $tokens): Tokens
    {
        for ($at = 0; $tokens->has($at); ++$at) {
            $end = $at;
            while ($tokens->is($end, TokenType::Number) && (int) $tokens->number($end) < 3) {
                ++$end;
            }
            $isGroup = $end > $at + 1 && self::ends($tokens, $at - 1) && \in_array($tokens->value($end), ['around', 'x', '*', ...Words::REPEAT], true)
                && $tokens->isAmong($at, $end, ['2']);
            if ($isGroup) {
                $said = array_map(static fn (int $at): string => '2' === $tokens->value($at) ? 'inc' : 'sc', range($at, $end - 1));

                return $tokens->with($at, $end - $at, Tokens::of($lexer, '('.implode(', ', $said).')'));
            }
            $at = max($at, $end - 1);
        }

        return $tokens;
    }

    private static function ends(Tokens $tokens, int $at): bool
    {
        return !$tokens->has($at)
            || $tokens->is($at, TokenType::Separator, TokenType::Stop, TokenType::Dash, TokenType::Bar, TokenType::Equals, TokenType::Open, TokenType::Close);
    }

    /**
     * @param list<list<string>> $words
     */
    private static function stands(Tokens $tokens, int $at, array $words, bool $isFirst, bool $isLast): bool
    {
        foreach ($words as $i => $word) {
            if (!\in_array($tokens->value($at + $i), $word, true)) {
                return false;
            }
        }

        return !($isFirst && !self::ends($tokens, $at - 1)) && !($isLast && !self::ends($tokens, $at + \count($words)));
    }

    /** @return array<string, list<array{list<list<string>>, string, bool, bool, array<string>, array<string>}>> */
    private static function phrases(): array
    {
        $phrases = [];
        foreach (self::SAME as [$said, $same]) {
            [$said, $notAfter] = [...explode(' !', $said), ''];
            [$said, $after] = [...explode(' @', $said), ''];
            $isFirst = str_starts_with($said, '^');
            $isLast = str_ends_with($said, '$');
            $words = array_map(static fn (string $word): array => explode('|', $word), explode(' ', trim($said, '^$')));
            foreach ($words[0] as $first) {
                $phrases[$first][] = [$words, $same, $isFirst, $isLast, self::words($notAfter), self::words($after)];
            }
        }

        return $phrases;
    }

    /** @return list<string> */
    private static function words(string $words): array
    {
        return '' === $words ? [] : explode(' ', $words);
    }
}

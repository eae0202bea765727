<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Yarn;

/** The yarns that words can name: any by its letter, a plan's own by their names, and colours by the usual words. */
final readonly class YarnNames
{
    private const BEFORE = ['yarn', 'colour', 'color', 'shade', 'the', 'col', 'ball', 'thread'];
    private const COLOURS = [
        'white', 'black', 'grey', 'gray', 'red', 'orange', 'yellow', 'green', 'blue', 'purple', 'violet', 'pink', 'brown', 'beige',
        'cream', 'ivory', 'ecru', 'tan', 'teal', 'turquoise', 'aqua', 'mint', 'lime', 'olive', 'navy', 'gold', 'golden', 'silver',
        'peach', 'coral', 'salmon', 'rust', 'maroon', 'burgundy', 'lilac', 'lavender', 'mauve', 'magenta', 'rose', 'mustard',
        'ochre', 'charcoal', 'chalk', 'sand', 'natural', 'khaki', 'indigo', 'plum', 'scarlet', 'crimson', 'copper', 'bronze',
        'sage', 'cyan', 'denim', 'camel', 'slate', 'taupe', 'fawn', 'fuchsia', 'apricot', 'terracotta', 'jade', 'emerald', 'sky',
        'stone', 'moss', 'petrol', 'nude', 'skin', 'flesh', 'offwhite',
    ];
    private const SHADES = [
        'light', 'dark', 'pale', 'deep', 'bright', 'medium', 'mid', 'off', 'dusty', 'baby', 'royal', 'navy', 'sky', 'forest',
        'brick', 'flag', 'warm', 'soft', 'hot', 'neon', 'pastel', 'very', 'sea', 'moss', 'lime', 'mint', 'rose', 'steel', 'ice',
        'golden',
    ];
    /** What "colour" and "yarn" are said before, that no yarn is called. */
    private const NONE = [
        'in', 'change', 'changes', 'changing', 'to', 'with', 'for', 'and', 'is', 'table', 'chart', 'key', 'list', 'order', 'sequence', 'pattern',
        'guide', 'scheme', 'plan', 'stripes', 'stripe', 'placement', 'needed', 'used', 'weight', 'names', 'name', 'as', 'of', 'by', 'are', 'over',
        'tail', 'needle', 'end', 'ends',
    ];
    private const CALLED = ['mc' => 1, 'cc' => 1, 'main' => 2, 'contrast' => 2, 'contrasting' => 2, 'background' => 2, 'second' => 2];

    /**
     * @param list<array{list<string>, string}> $names     words and letter, the longest name first
     * @param list<string>                      $letters   of the plan's yarns
     * @param bool                              $isPlan    whether these are all that there are
     * @param string                            $signature the same for the same names
     */
    private function __construct(private array $names, private array $letters, public bool $isPlan, public string $signature)
    {
    }

    /** No plan's yarns: the words stand by themselves. */
    public static function letters(): self
    {
        return new self([], [], false, '');
    }

    /** @param list<Yarn> $yarns */
    public static function of(array $yarns): self
    {
        $names = [];
        foreach ($yarns as $yarn) {
            $tokens = Tokens::of(new Lexer(), $yarn->name);
            $words = [];
            for ($at = 0; $tokens->has($at); ++$at) {
                if ($tokens->isWord($at) || $tokens->is($at, TokenType::Number)) {
                    $words[] = $tokens->value($at);
                }
            }
            if ([] !== $words) {
                $names[] = [$words, $yarn->key];
            }
        }
        usort($names, static fn (array $one, array $other): int => \count($other[0]) <=> \count($one[0]));

        $letters = array_map(static fn (Yarn $yarn): string => $yarn->key, $yarns);

        return new self(
            $names,
            $letters,
            true,
            implode('', $letters).' '.implode('; ', array_map(static fn (array $name): string => $name[1].' '.implode(' ', $name[0]), $names)).'.',
        );
    }

    /** Whether a yarn's name may begin with a word. */
    public function mayBegin(string $word): bool
    {
        if (1 === \strlen($word)) {
            return ctype_alpha($word);
        }
        foreach ($this->names as [$words]) {
            if ($words[0] === $word) {
                return true;
            }
        }

        return isset(self::CALLED[$word]) || \in_array($word, self::COLOURS, true) || \in_array($word, self::SHADES, true);
    }

    /** Whether words are a colour's, or a yarn's usual name: "light blue", "MC". */
    public static function isColour(string $name): bool
    {
        $words = explode(' ', strtr(strtolower($name), '-', ' '));

        return \in_array(end($words), self::COLOURS, true)
            || 1 === preg_match('/^(?:mc|cc ?\d?|(?:main|contrast(?:ing)?|background) colou?r)$/', strtolower($name));
    }

    /** What a word calls: a yarn's letter or its name, or a colour, as typed; null: none of these. */
    public function named(string $word): ?string
    {
        return match (true) {
            1 === \strlen($word) => ctype_upper($word) && ($this->has($word) || !$this->isPlan) ? $word : null,
            1 === (self::CALLED[strtolower($word)] ?? 0), \in_array(strtolower($word), self::COLOURS, true) => $word,
            default => \in_array([strtolower($word)], array_column($this->names, 0), true) ? $word : null,
        };
    }

    /** Whether the plan has a yarn of this letter. */
    public function has(string $letter): bool
    {
        return \in_array($letter, $this->letters, true);
    }

    /** @return array{string, int}|null the letter, or the name as typed, and how many tokens name it */
    public function at(Tokens $tokens, int $at): ?array
    {
        $begin = $at;
        while (\in_array($tokens->value($at), self::BEFORE, true)) {
            ++$at;
        }
        $isSaid = $at > $begin && 'the' !== $tokens->value($at - 1);
        foreach ($this->names as [$words, $letter]) {
            foreach ($words as $i => $word) {
                if ($word !== $tokens->value($at + $i)) {
                    continue 2;
                }
            }

            return [$letter, $at - $begin + \count($words) + self::after($tokens, $at + \count($words))];
        }
        $letter = $this->letter($tokens, $at, $isSaid);
        if (null !== $letter) {
            return [$letter, $at - $begin + 1];
        }
        $words = $this->called($tokens, $at);
        $after = 0;
        if (0 === $words) {
            $words = $this->coloured($tokens, $at);
            $after = $words > 0 ? self::after($tokens, $at + $words) : 0;
        }
        if (0 === $words && $isSaid && ($tokens->is($at, TokenType::Number) || $tokens->isWord($at))) {
            // "colour 2", "yarn lime": said to be one.
            $words = null === $tokens->number($at)
                && !\in_array($tokens->value($at), self::NONE, true)
                    && !$tokens->is($at + 1, TokenType::Word)
                ? 1
                : ($tokens->is($at, TokenType::Number) ? 1 : 0);
        }

        return 0 === $words ? null : [$tokens->typed($at, $at + $words), $at - $begin + $words + $after];
    }

    /** @return int 1 where "yarn" stands after a name: "cream yarn" is called cream */
    private static function after(Tokens $tokens, int $at): int
    {
        return \in_array($tokens->value($at), ['yarn', 'thread', 'colour', 'color'], true) ? 1 : 0;
    }

    private function letter(Tokens $tokens, int $at, bool $isSaid): ?string
    {
        $value = $tokens->value($at);
        if (1 !== \strlen($value) || !ctype_alpha($value) || ($tokens->is($at + 1, TokenType::Other) && '/' !== $tokens->value($at + 1))) {
            return null;
        }
        if (\in_array($value, ['x', 'v'], true) && !$isSaid && !$this->has(strtoupper($value))) {
            // Where no yarn has the letter, X and V name stitches.
            return null;
        }
        // A small "a" is an article, unless it stands where only a yarn can.
        $isLetter = $tokens->isCapital($at) || $isSaid || ('a' !== $value && 'x' !== $value) || ':' === $tokens->value($at + 1)
            || $tokens->is($at + 1, TokenType::Close);

        return $isLetter ? strtoupper($value) : null;
    }

    /** @return int how many tokens say "MC", "CC2", "main colour" */
    private function called(Tokens $tokens, int $at): int
    {
        $words = self::CALLED[$tokens->value($at)] ?? 0;
        if (2 === $words) {
            return \in_array($tokens->value($at + 1), ['colour', 'color', 'yarn', 'shade'], true) ? 2 : 0;
        }

        return $words + (1 === $words && $tokens->is($at + 1, TokenType::Number) && $tokens->isClose($at + 1) ? 1 : 0);
    }

    /** @return int how many tokens name a colour: "cream", "light blue", "off-white" */
    private function coloured(Tokens $tokens, int $at): int
    {
        $end = $at;
        while (\in_array($tokens->value($end), self::SHADES, true) || ($end > $at && $tokens->is($end, TokenType::Dash) && $tokens->isClose($end))) {
            ++$end;
        }
        while ($tokens->isWord($end) && \in_array($tokens->value($end), self::COLOURS, true)) {
            ++$end;
        }

        return $end > $at && \in_array($tokens->value($end - 1), self::COLOURS, true) ? $end - $at : 0;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Yarn;

/** The yarns that words can name: any by its letter, and a plan's own by their names. */
final readonly class YarnNames
{
    private const BEFORE = ['yarn', 'colour', 'color', 'the'];

    /**
     * @param list<array{list<string>, string}> $names     words and letter, the longest name first
     * @param bool                              $isPlan    whether these are all that there are
     * @param string                            $signature the same for the same names
     */
    private function __construct(private array $names, public bool $isPlan, public string $signature)
    {
    }

    /** Letters only: the words stand by themselves. */
    public static function letters(): self
    {
        return new self([], false, '');
    }

    /** @param list<Yarn> $yarns */
    public static function of(array $yarns): self
    {
        $names = [];
        foreach ($yarns as $yarn) {
            preg_match_all('/[a-z]+(?:\'[a-z]+)?|\d+/', Lexer::normal($yarn->name), $words);
            if ([] !== $words[0]) {
                $names[] = [$words[0], $yarn->key];
            }
        }
        usort($names, static fn (array $one, array $other): int => \count($other[0]) <=> \count($one[0]));

        return new self($names, true, implode('; ', array_map(static fn (array $name): string => $name[1].' '.implode(' ', $name[0]), $names)).'.');
    }

    /** @return array{string, int}|null the letter, and how many tokens name it */
    public function at(Tokens $tokens, int $at): ?array
    {
        $begin = $at;
        while ($tokens->isOneOf($at, self::BEFORE)) {
            ++$at;
        }
        foreach ($this->names as [$words, $letter]) {
            $isNamed = true;
            foreach ($words as $i => $word) {
                $isNamed = $isNamed && $word === $tokens->value($at + $i);
            }
            if ($isNamed) {
                return [$letter, $at - $begin + \count($words)];
            }
        }

        return 1 === preg_match('/^[a-z]$/D', $tokens->value($at)) ? [strtoupper($tokens->value($at)), $at - $begin + 1] : null;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\TokenType;

/** Reads what a yarn is called: its letter, its name in the plan, a colour; or words that no yarn has for a name yet. */
final class YarnName
{
    /** Words that are no yarn's name, as something else is meant by them. */
    public const NONE = [
        'eye', 'eyes', 'nose', 'arm', 'arms', 'leg', 'legs', 'ear', 'ears', 'head', 'body', 'tail', 'wing', 'wings', 'marker',
        'stitch', 'stitches', 'round', 'next', 'first', 'safety', 'the', 'a', 'an', 'stuffing', 'piece', 'pieces', 'sl', 'ss',
        'sc', 'each', 'same', 'last', 'ring', 'mr', 'mc', 'magic', 'to', 'beginning', 'working', 'in', 'it', 'all', 'both', 'your',
        'end', 'ends', 'around', 'round', 'rnd', 'row', 'long', 'another', 'one', 'two', 'three', 'four', 'five', 'six', 'every',
        'this', 'that', 'next', 'blo', 'flo', 'front', 'back', 'right', 'wrong', 'contrasting', 'small', 'hook', 'increasing',
        'decreasing', 'even', 'as', 'for', 'until', 'pattern', 'chain', 'ch', 'loop', 'of', 'st', 'sts', 'dc', 'hdc', 'tr', 'new',
        'off',
    ];

    /** A letter, a name of the plan, a colour. */
    public static function known(Cursor $c): ?string
    {
        $found = $c->yarns->at($c->tokens, $c->at);
        if (null === $found) {
            return null;
        }
        $c->at += $found[1];

        return self::together($c, $found[0]);
    }

    /** "A and B held together", worked as one: a yarn of its own, "A and B". */
    private static function together(Cursor $c, string $name): string
    {
        $from = $c->at;
        $other = $c->take('and', '&', '+') ? $c->yarns->at($c->tokens, $c->at) : null;
        $c->at += $other[1] ?? 0;
        $isHeld = $c->skip('held', 'together', 'double', 'doubled', 'as', 'one', 'strand')
            && $c->tokens->isAmong($from, $c->at, ['together', 'double', 'doubled']);
        if (!$isHeld) {
            $c->back($from);
        }

        return $isHeld && null !== $other ? "{$name} and {$other[0]}" : $name;
    }

    /** A name that no yarn has yet: the words up to where something else begins. */
    public static function any(Cursor $c): ?string
    {
        $name = self::known($c);
        if (null !== $name) {
            // "with B, Flag red:", "with B Flag red:": the name after a letter is for people.
            if (1 === \strlen($name) && !$c->isClauseEnd() && !$c->isWord('then') && self::colonAhead($c) > 0 && !self::namesLoop($c, 0)) {
                $c->at += self::colonAhead($c);
            } elseif (',' === $c->value() && self::colonAhead($c, 1) > 0 && null === $c->number(1) && !self::namesLoop($c, 1)
                && !$c->tokens->isAmong($c->at, $c->at + 1 + self::colonAhead($c, 1), ['in', 'around', 'each', 'next', 'across'])) {
                $c->at += 1 + self::colonAhead($c, 1);
            }

            return $name;
        }
        $from = $c->at;
        $c->skip('yarn', 'colour', 'color', 'the');
        $begin = $c->at;
        while ($c->at - $begin < 4 && ($c->tokens->isWord($c->at) || ($c->is(TokenType::Dash) && $c->tokens->isClose($c->at) && $c->at > $begin))
            && null === $c->number() && !\in_array($c->value(), self::NONE, true) && null === $c->name()
                && !$c->isWord('and', 'then', 'at', 'with', ...Words::REPEAT)) {
            ++$c->at;
        }
        if ($c->at === $begin || !($c->isClauseEnd() || $c->isWord('and', 'then', 'in', 'at', 'to', 'for', 'on'))) {
            return $c->back($from);
        }

        return $c->tokens->typed($begin, $c->at);
    }

    /** "with B, BLO:": how the hook goes in is no name. */
    private static function namesLoop(Cursor $c, int $ahead): bool
    {
        $from = $c->at + $ahead;

        return $c->tokens->isAmong($from, $from + self::colonAhead($c, $ahead), ['blo', 'flo', 'bl', 'fl', 'loop', 'loops']);
    }

    /** @return int how many words stand before the colon that ends a name; 0 where there is none near */
    private static function colonAhead(Cursor $c, int $ahead = 0): int
    {
        $words = 0;
        while ($words < 12 && $c->tokens->has($c->at + $ahead + $words) && 'then' !== $c->value($ahead + $words)
            && !$c->isAhead($ahead + $words, TokenType::Separator, TokenType::Stop, TokenType::Open, TokenType::Close, TokenType::Star, TokenType::Dash)) {
            ++$words;
        }

        return $words > 0 && (':' === $c->value($ahead + $words) || 'then' === $c->value($ahead + $words)) ? $words : 0;
    }

    /** @return list<string> "then B then A": one for each stitch of an increase after its first */
    public static function then(Cursor $c): array
    {
        $names = [];
        while ($c->take('then') && null !== $name = self::any($c)) {
            $names[] = $name;
        }

        return $names;
    }
}

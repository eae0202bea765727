<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Doctrine\Common\Lexer\AbstractLexer;

/**
 * Cuts one line into tokens, in lower case. Takes what Plain gives, so a position is a character of the typed line.
 *
 * @extends AbstractLexer<TokenType, string>
 */
final class Lexer extends AbstractLexer
{
    protected function getCatchablePatterns(): array
    {
        return [
            '(?:sc|hdc|htr|dc|dtr|tr)\s?[2-9]\s?tog(?:ether)?\b',
            '(?:sc|hdc|htr|dc|dtr|tr)2inc\b',
            '(?:h\.\s?)?[sd]\.\s?c\b\.?|[hd]\.\s?tr\b\.?|s\.\s?s\b\.?',
            '(?:invisible|invis|inv|sl|slip|hdc|sc|dc|htr|tr|inc|dec)-(?:decrease|dec|stitch|st|increase|inc)\b',
            '\d*(?:1st|2nd|3rd)\b|\d+th\b',
            '\d+',
            'x(?=\s*\d)',
            'w\/(?!o)',
            '(?:inc|dec|sc|dc|hdc)(?=x\s*\d)',
            '[a-z\x7f]+(?:\'[a-z]+)?',
            '\*+',
            '[-=]+>|=+',
            '[(\[{]|<(?=\s*\d)',
            '[)\]}>]',
            '-+|\.{2,}',
            '[,;]',
            '[.:]',
            '\|+',
            '[^\sa-z0-9]',
        ];
    }

    protected function getNonCatchablePatterns(): array
    {
        return ['\s+'];
    }

    protected function getModifiers(): string
    {
        return '';
    }

    protected function getType(string &$value): TokenType
    {
        $first = $value[0];
        if ($first >= 'a' && $first <= "\x7f" && '|' !== $first && '{' !== $first && '}' !== $first && '~' !== $first) {
            if ('x' === $value) {
                return TokenType::Times;
            }
            if ('w/' === $value) {
                $value = 'with';

                return TokenType::Word;
            }
            if (1 === preg_match('/\d/', $value)) {
                $value = (string) preg_replace('/\s|ether$/', '', $value);

                return TokenType::Joined;
            }
            $value = str_contains($value, '.') ? (string) preg_replace('/[\s.]/', '', $value) : strtr($value, '-', ' ');

            return TokenType::Word;
        }

        return match ($first) {
            '(', '[', '{', '<' => TokenType::Open,
            ')', ']', '}' => TokenType::Close,
            '>' => TokenType::Close,
            '*' => TokenType::Star,
            '=' => TokenType::Equals,
            '-' => str_ends_with($value, '>') ? TokenType::Equals : TokenType::Dash,
            ',', ';' => TokenType::Separator,
            '.', ':' => \strlen($value) > 1 ? TokenType::Dash : TokenType::Stop,
            '|' => TokenType::Bar,
            default => !ctype_digit($first) ? TokenType::Other : (ctype_digit($value) ? TokenType::Number : TokenType::Ordinal),
        };
    }
}

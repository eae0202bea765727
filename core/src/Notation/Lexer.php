<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Doctrine\Common\Lexer\AbstractLexer;

/**
 * Cuts one typed line into tokens. Positions are bytes of the text that normal() gives, which has as many characters
 * as the line has.
 *
 * @extends AbstractLexer<TokenType, string>
 */
final class Lexer extends AbstractLexer
{
    /** Signs that mean the same, each one character for one, so that columns stay. */
    private const SAME = [
        "\u{00A0}" => ' ', "\u{2007}" => ' ', "\u{2009}" => ' ', "\u{200A}" => ' ', "\u{202F}" => ' ', "\t" => ' ', "\r" => ' ', "\n" => ' ',
        "\u{FEFF}" => ' ', "\u{200B}" => ' ', "\u{200E}" => ' ', "\u{200F}" => ' ', "\u{202A}" => ' ', "\u{202B}" => ' ',
        "\u{202C}" => ' ', "\u{202D}" => ' ', "\u{202E}" => ' ', "\u{2066}" => ' ', "\u{2067}" => ' ', "\u{2068}" => ' ', "\u{2069}" => ' ',
        "\u{2010}" => '-', "\u{2011}" => '-', "\u{2012}" => '-', "\u{2013}" => '-', "\u{2014}" => '-', "\u{2212}" => '-',
        "\u{00D7}" => 'x', "\u{2715}" => 'x', "\u{2716}" => 'x', "\u{FF0C}" => ',', '{' => '(', '}' => ')', "\u{2217}" => '*', "\u{22C6}" => '*', "\u{2022}" => ' ',
    ];

    /** Lower case, with plain dashes, spaces and multiplication signs. */
    public static function normal(string $line): string
    {
        return strtolower(strtr($line, self::SAME));
    }

    protected function getCatchablePatterns(): array
    {
        return [
            '(?:sc|hdc|htr|dc|dtr|tr)\s?[23]\s?tog\b',
            '(?:inv|sl)-(?:dec|st)\b',
            '1st\b|2nd\b|3rd\b|\d+th\b',
            '\d+',
            'x(?=\s*\d)|\*',
            '[a-z]+(?:\'[a-z]+)?',
            '[(\[]',
            '[)\]]',
            '-',
            '[,;]',
            '[.:]',
            '[^\sa-z0-9()\[\],;.:-]+',
        ];
    }

    protected function getNonCatchablePatterns(): array
    {
        return ['\s+'];
    }

    protected function getModifiers(): string
    {
        return 'u';
    }

    protected function getType(string &$value): TokenType
    {
        return match (true) {
            '(' === $value, '[' === $value => TokenType::Open,
            ')' === $value, ']' === $value => TokenType::Close,
            'x' === $value, '*' === $value => TokenType::Times,
            '-' === $value => TokenType::Dash,
            ',' === $value, ';' === $value => TokenType::Separator,
            '.' === $value, ':' === $value => TokenType::Stop,
            ctype_digit($value) => TokenType::Number,
            ctype_digit($value[0]) => TokenType::Ordinal,
            str_contains($value, 'tog') && 1 === preg_match('/\d/', $value) => TokenType::Joined,
            ctype_alpha($value[0]) => TokenType::Word,
            default => TokenType::Other,
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/**
 * A typed line in plain signs: one ASCII byte for each of its characters, so that a place in the one is the same place in the other.
 *
 * Signs that mean the same become one sign, letters that look alike become the Latin ones, accents fall away.
 */
final class PlainText
{
    /** Stands for a letter of another script. */
    public const LETTER = "\x7f";
    /** Stands for any other sign. */
    public const SIGN = '?';

    private const SAME = [
        "\t" => '|', "\r" => ' ', "\n" => ' ', "\u{00A0}" => ' ', "\u{FEFF}" => ' ', "\u{200B}" => ' ', "\u{200C}" => ' ', "\u{200D}" => ' ',
        "\u{2060}" => ' ', "\u{00AD}" => ' ',
        "\u{200E}" => ' ', "\u{200F}" => ' ', "\u{202A}" => ' ', "\u{202B}" => ' ', "\u{202C}" => ' ', "\u{202D}" => ' ', "\u{202E}" => ' ',
        "\u{2066}" => ' ', "\u{2067}" => ' ', "\u{2068}" => ' ', "\u{2069}" => ' ',
        "\u{2010}" => '-', "\u{2011}" => '-', "\u{2012}" => '-', "\u{2013}" => '-', "\u{2014}" => '-', "\u{2015}" => '-', "\u{2212}" => '-',
        "\u{FE58}" => '-', "\u{FE63}" => '-', "\u{2043}" => '-',
        "\u{00D7}" => 'x', "\u{2715}" => 'x', "\u{2716}" => 'x', "\u{2A2F}" => 'x', "\u{2573}" => 'x', "\u{2217}" => '*', "\u{22C6}" => '*',
        "\u{2731}" => '*', "\u{273B}" => '*', "\u{2605}" => '*', "\u{2606}" => '*',
        "\u{2022}" => ' ', "\u{25CF}" => ' ', "\u{25E6}" => ' ', "\u{25AA}" => ' ', "\u{25A0}" => ' ', "\u{25BA}" => ' ', "\u{25B8}" => ' ',
        "\u{2023}" => ' ', "\u{00B7}" => ' ', "\u{27A4}" => ' ', "\u{2713}" => ' ', "\u{2714}" => ' ', "\u{2610}" => ' ', "\u{2611}" => ' ',
        "\u{25A1}" => ' ', "\u{2116}" => '#', "\u{00B0}" => '.', "\u{00BA}" => '.', "\u{00AA}" => '.',
        "\u{2026}" => '-', "\u{2192}" => '=', "\u{21D2}" => '=', "\u{27A1}" => '=', "\u{279C}" => '=', "\u{2794}" => '=', "\u{FE0F}" => ' ',
        "\u{2020}" => '*', "\u{2021}" => '*',
        "\u{2018}" => "'", "\u{2019}" => "'", "\u{201C}" => '"', "\u{201D}" => '"', "\u{3001}" => ',', "\u{3002}" => '.', "\u{3010}" => '[',
        "\u{3011}" => ']', "\u{300C}" => '[', "\u{300D}" => ']', "\u{27E8}" => '<', "\u{27E9}" => '>', "\u{2502}" => '|',
        'а' => 'a', 'е' => 'e', 'о' => 'o', 'р' => 'p', 'с' => 'c', 'х' => 'x', 'у' => 'y', 'к' => 'k', 'і' => 'i', 'ѕ' => 's', 'ԁ' => 'd', 'һ' => 'h',
        'т' => 't', 'п' => 'n', 'м' => 'm',
        'А' => 'A', 'В' => 'B', 'С' => 'C', 'Е' => 'E', 'Н' => 'H', 'К' => 'K', 'М' => 'M', 'О' => 'O', 'Р' => 'P', 'Т' => 'T', 'Х' => 'X', 'І' => 'I',
        'Ѕ' => 'S',
        'ο' => 'o', 'α' => 'a', 'ν' => 'v', 'χ' => 'x', 'ρ' => 'p', 'Α' => 'A', 'Β' => 'B', 'Ε' => 'E', 'Χ' => 'X', 'Ρ' => 'P', 'ı' => 'i', 'ø' => 'o',
        'ł' => 'l', 'ß' => 's', 'æ' => 'a', 'œ' => 'o', 'đ' => 'd',
    ];

    private const SMILE = '/(?<=\s)[:;]-?[)D](?=\s|$)/';
    /** What HTML writes for a sign, and tags of its own. */
    private const MARKUP = '/&(times|nbsp|amp|ndash|mdash|minus|hellip|lt|gt|thinsp|ensp|emsp|#0*215|#0*160|#8211|#8212|#xd7|#xa0);|<\/?(?:br|p|b|i|'
        .'li|ul|ol|strong|em|td|tr|th|span|div)\s*\/?>/i';
    private const SIGNS = [
        'times' => 'x', '#215' => 'x', '#xd7' => 'x', 'amp' => '&', 'ndash' => '-', 'mdash' => '-', 'minus' => '-', '#8211' => '-',
        '#8212' => '-', 'lt' => '<', 'gt' => '>', 'hellip' => '-',
    ];

    public static function of(string $line): string
    {
        if (1 === preg_match('/[^\x20-\x7e]/', $line)) {
            $line = strtr($line, self::SAME);
            $line = preg_replace_callback(
                '/[^\x20-\x7e]/u',
                static fn (array $sign): string => self::sign($sign[0]),
                $line,
            ) ?? (string) preg_replace('/[^\x20-\x7e]/', self::SIGN, $line);
        }
        if (str_contains($line, ')') || str_contains($line, 'D')) {
            $line = (string) preg_replace_callback(self::SMILE, static fn (array $smile): string => str_repeat(' ', \strlen($smile[0])), $line);
        }
        if (str_contains($line, '&') || str_contains($line, '<')) {
            $line = (string) preg_replace_callback(
                self::MARKUP,
                static fn (array $markup): string => str_pad(self::SIGNS[ltrim(strtolower($markup[1] ?? ''), '0')] ?? ' ', \strlen($markup[0])),
                $line,
            );
        }

        return $line;
    }

    private static function sign(string $sign): string
    {
        $plain = \Normalizer::normalize($sign, \Normalizer::FORM_KD);
        $first = \is_string($plain) && '' !== $plain ? $plain[0] : '';

        return match (true) {
            '' !== $first && \ord($first) >= 0x20 && \ord($first) < 0x7F => $first,
            1 === preg_match('/^\pZ|^\p{Cc}|^\p{Cf}/u', $sign) => ' ',
            1 === preg_match('/^\p{Mn}/u', $sign) => ' ',
            1 === preg_match('/^\pL/u', $sign) => self::LETTER,
            default => self::SIGN,
        };
    }
}

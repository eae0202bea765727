<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Joins lines over which a round is wrapped: one that ends in the middle of its stitches, and those without a head that follow it. */
final class Wrapping
{
    private const MOST = 8;
    /** How a line begins that is no continuation: a head, a bullet, a remark, a heading. */
    private const HEAD = '/^[\s*_|#>-]*(?:[(\[]?\s*(?:r|rd|rnd|round|row|rw)s?[.\s#]*\d|\d+(?:\s*[-~]\s*\d+)?\s*[).:\]|]|\d+(?:st|nd|rd|th)\s+(?:r|'
        .'rnd|round|row)|next\b|last (?:round|rnd|row)|foundation|repeat|work|continue|#|\/\/)/i';

    /**
     * @param list<string> $lines
     *
     * @return list<Source>
     */
    public static function of(array $lines): array
    {
        $sources = [];
        for ($i = 0, $end = \count($lines); $i < $end; ++$i) {
            $source = Source::line($i + 1, $lines[$i]);
            while ($i + 1 < $end && $source->lines() < self::MOST && mb_strlen($source->text) < 2000 && self::goesOn($source->text, $lines[$i + 1])) {
                $source = $source->with($lines[++$i]);
            }
            $sources[] = $source;
        }

        return $sources;
    }

    private static function goesOn(string $text, string $next): bool
    {
        $text = rtrim($text);
        if ('' === $text || '#' === ltrim($text)[0] || '' === trim($next) || 1 === preg_match(self::HEAD, $next)) {
            return false;
        }
        $last = $text[-1];
        if (1 !== preg_match('/\d/', $text) && 1 !== preg_match('/\b(?:sc|dc|inc|dec|hdc|htr|tr)\b/i', $text)) {
            return false;
        }

        return \in_array($last, [',', ';', '(', '[', '+', '&'], true)
            || 1 === preg_match('/\b(?:and|then|in|into|next|the|each|of|to|rep from|repeat from)$/i', $text)
            || (self::isOpen($text) && 1 === preg_match('/[)\]]|\*/', $next))
            || (1 === preg_match(self::HEAD, $text)
                && 1 === preg_match('/^\s*(?:\(\d+(?:\s*sts?)?\)|\[\d+(?:\s*sts?)?\]|rep(?:eat)? (?:from|around|\*)|around\b)/i', $next)
                    && 1 !== preg_match('/\(\d+[^)]*\)|\[\d+[^\]]*\]/', $text));
    }

    private static function isOpen(string $text): bool
    {
        return substr_count($text, '(') + substr_count($text, '[') > substr_count($text, ')') + substr_count($text, ']')
            && 1 !== preg_match('/x\s*\d|\(\d+\)$/i', $text);
    }
}

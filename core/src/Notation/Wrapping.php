<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Limits;

/**
 * Joins lines over which a round is wrapped: one that ends in the middle of its stitches, and those without a head that follow it. Parts a line that
 * holds several: "R1: 6 sc in MR (6). R2: inc x6 (12)".
 */
final class Wrapping
{
    private const MOST = 8;
    /** How a line begins that is no continuation: a head, a bullet, a remark, a heading. */
    private const HEAD = '/^[\s*_|#>-]*(?:[(\[]?\s*(?:r|rd|rnd|round|row|rw)s?[.\s#]*\d|\d+(?:\s*[-~]\s*\d+)?\s*[).:\]|]|\d+(?:st|nd|rd|th)\s+(?:r|'
        .'rnd|round|row)|next\b|last (?:round|rnd|row)|foundation|repeat|work|continue|#|\/\/)/i';

    /** A head with nothing after it, "Round 4". */
    private const ALONE = '/^[\s*_>#-]*(?:r|rd|rnd|round|row|rw|tour|rang|runde|reihe)s?[.\s#]*\d{1,3}(?:\s*[-~–]\s*(?:r|rnd)?\d{1,3})?\s*[:.)–-]?[\s*_]*$/iu';
    /** A head within a line: its word, or none after the end of a sentence; its number; the sign after it. */
    private const PARTED = '/(?<=[\s.;,|)\]\/])(?:[(\[]?(?<word>r|rd|rnd|round|row|rw|tour|rang|runde|reihe)s?[.\s#]*|(?<=^ |[.)\]] ))(?<first>\d{1,3})'
        .'(?:\s*[-~–]\s*(?:r|rnd)?(?<last>\d{1,3}))?[)\]]?\s*(?<sign>[:.)]|[-–]\s)(?=\s*\S)/iu';
    /** After these a round is only spoken of. */
    private const SPOKEN = '/(?:^\s*(?:#|\/\/)|\b(?:rep|repeat|as|of|to|in|at|for|until|till|from|after|before|on|and|or|by|with|per|see)\s*|[&+-]\s*)$/i';

    /**
     * @param list<string> $lines
     *
     * @return list<Source>
     */
    public static function of(array $lines): array
    {
        $sources = [];
        for ($i = 0, $end = \count($lines); $i < $end; ++$i) {
            $parts = self::parts($lines[$i]);
            foreach (\array_slice($parts, 0, -1, true) as $from => $text) {
                $sources[] = Source::part($i + 1, $text, $from);
            }
            $from = array_key_last($parts);
            $source = 0 === $from ? Source::line($i + 1, $lines[$i]) : Source::part($i + 1, $parts[$from], $from);
            while ($i + 1 < $end && $source->lines() < self::MOST && mb_strlen($source->text) < 2000 && self::goesOn($source->text, $lines[$i + 1])) {
                $source = $source->with($lines[++$i]);
            }
            $sources[] = $source;
        }

        return $sources;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> the same with every round on lines of its own
     */
    public static function apart(array $lines): array
    {
        return array_merge(...array_map(static fn (string $line): array => array_values(array_map(rtrim(...), self::parts($line))), $lines));
    }

    /** @return non-empty-array<int, string> the rounds that a line holds, by the character at which each begins */
    private static function parts(string $line): array
    {
        $found = \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE | \PREG_UNMATCHED_AS_NULL;
        if (mb_strlen($line) > Limits::LINE || preg_match_all(self::PARTED, " {$line}", $heads, $found) < 2) {
            return [$line];
        }
        $begins = [];
        $next = $sign = null;
        foreach ($heads as $head) {
            $before = substr(" {$line}", 0, (int) $head[0][1]);
            $here = (null === $head['word'][0] ? 'number' : 'word').$head['sign'][0];
            $isNext = null === $next ? 1 === preg_match('/^[\s*_|>#-]*$/', $before) : (int) $head['first'][0] === $next && $here === $sign;
            if (null === $next && !$isNext) {
                break;
            }
            if ($isNext && (null === $next || 1 !== preg_match(self::SPOKEN, $before))) {
                $begins[] = null === $next ? 0 : mb_strlen($before) - 1;
                [$next, $sign] = [(int) ($head['last'][0] ?? $head['first'][0]) + 1, $here];
            }
        }
        $parts = [];
        foreach ($begins as $i => $begin) {
            $parts[$begin] = mb_substr($line, $begin, isset($begins[$i + 1]) ? $begins[$i + 1] - $begin : null);
        }

        // "R1-2: A; R3: B" is a list of yarns.
        $worked = preg_grep('/[:.)–-]\s.*(?:\d|\b(?:sc|dc|inc|dec|around|each|as|work)\b)/iu', $parts);

        return \count($parts) > 1 && [] !== $worked ? $parts : [$line];
    }

    private static function goesOn(string $text, string $next): bool
    {
        $text = rtrim($text);
        if ('' === $text || '#' === ltrim($text)[0] || '' === trim($next) || 1 === preg_match(self::HEAD, $next)) {
            return false;
        }
        if (1 === preg_match(self::ALONE, $text)) {
            return true;
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

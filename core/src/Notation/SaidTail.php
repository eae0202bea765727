<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** The length of a tail as the maker’s words have it: "leave a 12-inch tail". */
final readonly class SaidTail
{
    private const CM_IN_INCH = 2.54;
    private const LENGTH = '(?<length>\d{1,3}(?:\.\d+)?)\s*-?\s*(?<unit>cm|in(?:ch(?:es)?)?\b|")';

    /** @param string $words the length in the maker’s own unit: "12 in" */
    private function __construct(public float $cm, public string $words)
    {
    }

    /** @return self|null null where the words name no tail, or none of its length */
    public static function in(string $text): ?self
    {
        $isSaid = 1 === preg_match('/\b(?:tail|end)\b[^.]*?'.self::LENGTH.'/i', $text, $match)
            || 1 === preg_match('/'.self::LENGTH.'[^.]*?\b(?:tail|end)\b/i', $text, $match);
        if (!$isSaid) {
            return null;
        }
        $isCm = 'cm' === strtolower($match['unit']);

        return new self(round((float) $match['length'] * ($isCm ? 1.0 : self::CM_IN_INCH), 1), $match['length'].($isCm ? ' cm' : ' in'));
    }
}

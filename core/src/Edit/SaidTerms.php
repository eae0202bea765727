<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Terms;

/** In which country's words a pattern says that it is written: "(UK terms)", "This pattern uses US crochet terminology." */
final class SaidTerms
{
    private const WORDS = ['us' => 'U\.?S\.?(?:A\.?)?|American', 'uk' => 'U\.?K\.?|British|English'];
    /** Where the words stand that may say so: above the first round. */
    private const FIRST = '/^\W*(?:r|rd|rnd|round|row)[.\s#]*\d/iu';

    /** @return Terms|null null: it does not say, or names both */
    public static function in(string $text): ?Terms
    {
        $said = [];
        $lines = preg_split('/\r\n|\n|\r/', $text);
        foreach (false === $lines ? [] : $lines as $line) {
            if (1 === preg_match(self::FIRST, $line)) {
                break;
            }
            foreach (self::WORDS as $terms => $words) {
                $what = '(?:crochet\s+)?(?:terms?|terminology|abbreviations?|notation|stitch names)';
                $before = "\\b(?:{$words})[\\s-]*{$what}\\b";
                $after = "\\b{$what}\\s*(?:[:=]|are|is|in)?\\s*(?:{$words})(?!\\w)";
                $is = 1 === preg_match("/{$before}|{$after}|\\((?:{$words})\\)/iu", $line);
                $said += $is ? [$terms => true] : [];
            }
        }

        return 1 === \count($said) ? Terms::from((string) array_key_first($said)) : null;
    }
}

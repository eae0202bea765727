<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Message;

/** How many stitches words leave for what stands after them: "sc around to the last 3 sts, 3 sc", "inc until 2 sts remain". */
final class SaidRest
{
    private const LAST = '/\b(?:to|til|till|until|thru|through)\b[^,;.]{0,24}?\b(?:last|final)\s+(?<stitches>\d{1,4}|[a-z]+)/i';
    private const REMAIN = '/\b(?:to|til|till|until)\b[^,;.]{0,24}?\b(?<stitches>\d{1,4}|[a-z]+)\s*(?:sts?|stitch(?:es)?|ch(?:ain)?s?)?\s*'
        .'(?:are\s+)?(?:remain|left|before)/i';

    /**
     * @param Trial  $trial the line as it is worked
     * @param string $text  the same as typed: its nodes' spans are characters of it
     *
     * @return Fault|null where what stands after them uses another number of stitches
     */
    public static function in(Trial $trial, string $text): ?Fault
    {
        $used = 0;
        $open = null;
        foreach ($trial->line->items as $item) {
            if (Expander::isOpen($item)) {
                $open = $item;
                $used = 0;
            } else {
                $used += Expander::item($item)->uses();
            }
        }
        if (null === $open || null !== Unworked::in($trial->line)) {
            return null;
        }
        $words = mb_substr($text, $open->span->from, $open->span->length());
        $isOfBelow = 1 === preg_match(self::LAST, $words, $match);
        if (!$isOfBelow && 1 !== preg_match(self::REMAIN, $words, $match)) {
            return null;
        }
        $word = strtolower($match['stitches']);
        $said = match (true) {
            \in_array($word, ['st', 'sts', 'stitch'], true) => 1,
            ctype_digit($word) => (int) $word,
            default => Tokens::NUMBER_WORDS[$word] ?? $used,
        };
        // "dec until 6 sts remain" is also how many a round has that shrinks.
        $isMade = !$isOfBelow && $said === $trial->makes;

        return $said === $used || $isMade ? null : Fault::at($open->span, Message::of('around.otherRest', said: $said, used: $used));
    }
}

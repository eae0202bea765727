<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Line;

/** What a line says that it leaves of the round below: "leave the last 2 sts unworked". */
final readonly class Unworked
{
    /**
     * @param int  $stitches 0: some, it does not say how many
     * @param Span $span     of the words that say so
     */
    private function __construct(public int $stitches, public Span $span)
    {
    }

    /** @return self|null null: it says nothing of it */
    public static function in(Line $line): ?self
    {
        foreach ($line->items as $item) {
            if ($item instanceof Cue && 1 === preg_match('/\bunworked\b/i', $item->text)) {
                return new self(self::number($item->text), $item->span);
            }
        }

        return null;
    }

    /** Whether a round that leaves so many stitches does what its words say. */
    public function allows(int $left): bool
    {
        return 0 === $this->stitches || $left === $this->stitches;
    }

    private static function number(string $text): int
    {
        if (1 === preg_match('/\b(\d{1,4}|one|two|three|four|five|six) (?:sts?|stitch|stitches)\b/i', $text, $said)) {
            return Tokens::NUMBER_WORDS[strtolower($said[1])] ?? (int) $said[1];
        }

        return (int) preg_match('/\b(?:last|final|next) (?:st|stitch)\b/i', $text);
    }
}

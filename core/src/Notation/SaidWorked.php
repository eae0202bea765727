<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Worked;

/** How a pasted piece is worked, as the words of its rounds show and those beside them say: in a spiral, in joined rounds, in rows. */
final class SaidWorked
{
    private const CLOSING = '(?:join(?:ed)?|clos(?:e|ed)|sl\.? ?sts?|ss|slip[ -]?stitch)';
    private const SPIRAL = '/\bspirals?\b|\bcontinuous rounds\b|\b(?:do not|don.?t|never|without|not)(?: be)? (?:join(?:ed|ing)?|closed)\b/i';
    private const JOINED = '/\bjoined rounds\b|\b'.self::CLOSING.'\b[^.]{0,60}\b(?:each|every|all|the end of the) (?:rounds?|rnds?)\b'
        .'|\b(?:each|every|all) (?:rounds?|rnds?)\b[^.]{0,40}\b'.self::CLOSING.'\b|\b(?:rounds|rnds) (?:are|will be|must be) '.self::CLOSING.'\b/i';
    private const ROWS = '/\b(?:work|made|crochet)(?:ed|ing)?\b[^.]{0,30}\b(?:in rows|flat|back and forth)\b|^\W*(?:in rows|back and forth)\b|^rows$/i';
    /** As a heading says it: "in rows", "worked flat, in rows". */
    private const HOW = '(?:(?:worked )?(?:in )?(?:(?:a |continuous )?spiral|joined rounds|rows)|worked flat)';
    private const PHRASE = '/\b'.self::HOW.'(?:[\s,;]+'.self::HOW.')*\b/i';
    private const TURNS = '/^\W*rows?\W*\d|\bch(?:ain)? ?\d,?(?: and)? turn\b|\bturn(?: work)?(?:,|;| and)? ch(?:ain)? ?\d/i';
    /** Once it may lead on to the other side of a chain. */
    private const ENDS_TURNED = '/[,.;]\s*turn\W*(?:\d+\W*)?$/i';

    /**
     * @param list<string> $lines     a piece's own
     * @param Worked|null  $otherwise what the pattern says of all its pieces; null: nothing
     */
    public static function of(array $lines, Parser $parser, ?Worked $otherwise): Worked
    {
        $turns = $joins = $rounds = 0;
        $hasRing = false;
        $said = null;
        foreach ($lines as $typed) {
            if (mb_strlen($typed) > Limits::LINE) {
                continue;
            }
            $line = $parser->line($typed)->lines[0] ?? null;
            $hasRing = $hasRing || null !== $line && self::isRing($line);
            $rounds += true === $line?->isWorked() ? $line->head->rounds ?? 1 : 0;
            if (true === $line?->closes()) {
                $joins += $line->head->rounds ?? 1;
            } else {
                $turns += 2 * (int) preg_match(self::TURNS, $typed) + (int) preg_match(self::ENDS_TURNED, $typed);
            }
            $said ??= true === $line?->isWorked() ? null : self::in($typed);
        }
        $said ??= $otherwise;

        return match (true) {
            !$hasRing && ($turns > 1 || Worked::Rows === $said) => Worked::Rows,
            Suspicion::areJoined($joins, $rounds), 1 === $joins && 1 === $rounds => Worked::Joined,
            Worked::Joined === $said => $said,
            default => Worked::Spiral,
        };
    }

    /** @return string|null the words of a heading that say it, for in(): "in rows"; null: none do */
    public static function phrase(string $heading): ?string
    {
        return 1 === preg_match(self::PHRASE, $heading, $match) ? $match[0] : null;
    }

    /** What a sentence or a heading's phrase says of all rounds: "Join each round with a sl st."; null: nothing. */
    public static function in(string $sentence): ?Worked
    {
        return match (true) {
            1 === preg_match(self::SPIRAL, $sentence) => Worked::Spiral,
            1 === preg_match(self::JOINED, $sentence) => Worked::Joined,
            1 === preg_match(self::ROWS, $sentence) => Worked::Rows,
            default => null,
        };
    }

    private static function isRing(Line $line): bool
    {
        return [] !== array_filter($line->items, static fn (object $item): bool => $item instanceof Foundation && (0 === $item->chains || $item->joined));
    }
}

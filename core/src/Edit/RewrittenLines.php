<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Layer\RoundRange;

/** Typed lines with some of their rounds written anew: a line that says several rounds is parted where they differ. */
final class RewrittenLines
{
    /**
     * @param list<string>       $typed
     * @param array<int, string> $anew  the stitches of those rounds that change, by their number
     *
     * @return list<string> what was said after the stitches of a line that changed stays as a remark
     */
    public static function of(array $typed, Reading $reading, array $anew, Printer $printer): array
    {
        $lines = [];
        foreach ($typed as $i => $text) {
            $span = $reading->spans[$i] ?? new RoundRange(1, 0);
            $line = $reading->syntax->lines()[$i];
            if (null === $line || $span->isEmpty() || [] === array_intersect(range($span->from, $span->to), array_keys($anew))) {
                $lines[] = $text;
                continue;
            }
            for ($first = $span->from; $first <= $span->to; $first = $last + 1) {
                $last = $first;
                while ($last < $span->to && ($anew[$last + 1] ?? null) === ($anew[$first] ?? null)) {
                    ++$last;
                }
                $lines[] = $printer->line($first, $last, $anew[$first] ?? $printer->stitches($line), $reading->rounds[$first - 1]->makes);
            }
            $rest = trim(mb_substr($text, self::said($line)), " \t.,;");
            if ('' !== $rest) {
                $lines[] = str_starts_with($rest, '#') ? $rest : "# {$rest}";
            }
        }

        return $lines;
    }

    /** The character after the line's stitches and counts. */
    private static function said(Line $line): int
    {
        return max([$line->end(), ...array_map(static fn (Count $count): int => $count->span->end, $line->counts)]);
    }
}

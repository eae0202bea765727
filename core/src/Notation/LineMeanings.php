<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** What the stretches of one typed line of a piece were taken for, in the reading that was right there. */
final class LineMeanings
{
    /**
     * @param int $line from 1
     *
     * @return list<Meaning> in characters of that line
     */
    public static function of(Plan $plan, Piece $piece, int $line): array
    {
        $reading = PieceReading::of($plan, $piece);
        $shorthand = Shorthand::of($piece->rounds, Vocabulary::of($plan->terms));
        $parser = Parser::of($plan->terms, YarnNames::of($plan->yarns), $reading->on > 0, $shorthand);
        $here = [];
        foreach (Wrapping::of($piece->rounds) as $source) {
            if ($line >= $source->line && $line < $source->line + $source->lines()) {
                $meanings = Meanings::of($source->text, $parser->line($source->text), $reading->syntax->lines()[$source->line - 1] ?? null);
                array_push($here, ...self::within($meanings, $source, $line, mb_strlen($piece->rounds[$line - 1])));
            }
        }

        return $here;
    }

    /**
     * @param list<Meaning> $meanings of a round that may be wrapped over several lines
     *
     * @return list<Meaning>
     */
    private static function within(array $meanings, Source $source, int $line, int $length): array
    {
        $begin = $source->begin($line);
        $here = [];
        foreach ($meanings as $meaning) {
            $from = max(0, $meaning->span->from - $begin);
            $end = min($length, $meaning->span->end - $begin);
            if ($end > $from) {
                $here[] = new Meaning(new Span($from, $end), $meaning->kind, $meaning->about);
            }
        }

        return $here;
    }
}

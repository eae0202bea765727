<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Lift;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Stated;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Layer\RoundRange;

/** Typed lines with the stitches of some of their rounds written anew: a line that says several rounds is parted where they differ. */
final readonly class RewrittenLines
{
    /**
     * @param array<int, string> $anew  the stitches of those rounds that change, by their number
     * @param array<int, int>    $makes how many those make that make others than before
     */
    private function __construct(private Reading $reading, private array $anew, private Printer $printer, private array $makes)
    {
    }

    /**
     * @param list<string>       $typed
     * @param array<int, string> $anew  the stitches of those rounds that change, by their number
     * @param array<int, int>    $makes how many those make that make others than before
     *
     * @return list<string> what a changed line says before its stitches is said before the first of its rounds, what it says after them after the last
     */
    public static function of(array $typed, Reading $reading, array $anew, Printer $printer, array $makes = []): array
    {
        $self = new self($reading, $anew, $printer, $makes);
        $lines = [];
        foreach ($typed as $i => $text) {
            $span = $reading->spans[$i] ?? new RoundRange(1, 0);
            $line = $reading->syntax->lines()[$i];
            $isSame = null === $line || $span->isEmpty() || [] === array_intersect(range($span->from, $span->to), array_keys($anew));
            array_push($lines, ...$isSame ? [$text] : $self->parted($text, $line, $span));
        }

        return $lines;
    }

    /** @return list<string> */
    private function parted(string $text, Line $line, RoundRange $span): array
    {
        $rounds = $this->reading->rounds;
        $worked = $this->reading->syntax->worked();
        $lead = self::lead($text, $line);
        $lines = [];
        for ($first = $span->from; $first <= $span->to; $first = $last + 1) {
            $last = $first;
            while ($last < $span->to && ($this->anew[$last + 1] ?? null) === ($this->anew[$first] ?? null)
                && $rounds[$last]->codes === $rounds[$first - 1]->codes) {
                ++$last;
            }
            $stitches = $this->anew[$first] ?? $this->printer->stitches($worked[$first - 1]->bare());
            $makes = $this->makes[$first] ?? $rounds[$first - 1]->makes;
            $lines[] = $this->printer->line($first, $last, ('' === $lead ? '' : "{$lead} ").$stitches, $makes)
                .($last < $span->to ? self::closing($text, $line) : '');
            $lead = self::lead($text, $line, false);
        }
        $rest = self::rest($text, $line);
        if (str_starts_with($rest, '#') || str_starts_with($rest, '//')) {
            return [...$lines, '# '.ltrim($rest, '#/ ')];
        }
        $sign = mb_strtolower(mb_substr($rest, 0, 1)) === mb_substr($rest, 0, 1) ? ', ' : '. ';

        return '' === $rest ? $lines : [...\array_slice($lines, 0, -1), end($lines).$sign.$rest];
    }

    /**
     * What is said before the stitches: "with B:", "ch 1,".
     *
     * @param bool $withCues what is done once is said before the first of its rounds alone
     */
    private static function lead(string $text, Line $line, bool $withCues = true): string
    {
        $first = $line->stitches()[0]->span->from ?? 0;
        $lead = '';
        foreach ($line->items as $item) {
            $isBefore = $item->span->from < $first && $item->span->end <= $first;
            if ($isBefore && ($withCues || !$item instanceof Cue)) {
                $lead .= rtrim(mb_substr($text, $item->span->from, $item->span->length()), ' :,').', ';
            }
        }

        return rtrim($lead);
    }

    /** What closes and lifts each of its rounds, where it is said after their stitches. */
    private static function closing(string $text, Line $line): string
    {
        $closing = '';
        foreach ($line->items as $item) {
            if ($item->span->from >= $line->end() && ($item instanceof Close || $item instanceof Lift)) {
                $closing .= ', '.rtrim(mb_substr($text, $item->span->from, $item->span->length()), ' .,;');
            }
        }

        return $closing;
    }

    /** What is said after the stitches, without the number that they make and that of the rounds. */
    private static function rest(string $text, Line $line): string
    {
        $numbers = array_filter($line->beside, static fn (Node $node): bool => $node instanceof Stated && !$node->isAbout);
        $from = max([$line->end(), ...array_map(static fn (Node $again): int => $again->span->end, $line->again)]);
        $rest = '';
        $spans = array_map(static fn (Node $node): array => [$node->span->from, $node->span->end], [...$line->counts, ...$numbers]);
        sort($spans);
        foreach ([...$spans, [mb_strlen($text), 0]] as [$begin, $end]) {
            $rest .= $begin > $from ? rtrim(mb_substr($text, $from, $begin - $from), " \t.,;-–—=") : '';
            $from = max($from, $end);
        }

        return trim($rest, " \t.,;-–—=");
    }
}

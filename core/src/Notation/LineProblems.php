<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;

/** What is told of a piece's lines, each at its place. */
final class LineProblems
{
    /** @var list<Problem> */
    private array $problems = [];
    /** @var array<string, true> names that no yarn has, told at the first place that names each */
    private array $missing = [];

    public function __construct(private readonly YarnNames $yarns, private readonly Worked $worked)
    {
    }

    /** @return list<Problem> */
    public function problems(): array
    {
        return $this->problems;
    }

    public function tell(Source $source, Fault $fault, int $round, bool $asNote = false): void
    {
        $problem = self::problem($source, $fault, $round);
        $this->problems[] = $asNote ? $problem->asNote() : $problem;
    }

    private static function problem(Source $source, Fault $fault, int $round): Problem
    {
        [$line, $column] = $source->at($fault->span->from);
        $problem = Problem::inLine($line, $column, max(1, $fault->span->length()), $round, $fault->message);
        // A mend's characters are those of one line.
        $fixes = array_map(static fn (Fix $fix): Fix => $fix->moved(-$source->begin($source->line)), $fault->fixes);
        $problem = 1 === $source->lines() ? $problem->fixedBy(...$fixes) : $problem;

        return [] === $fault->readings ? $problem : $problem->asking($fault->readings);
    }

    /**
     * A name that no yarn of the plan has is told, at its first place.
     *
     * @param list<string> $named
     * @param Trial|null   $trial of the line in which stitches are worked beside them
     */
    public function yarns(Source $source, int $round, array $named, ?Trial $trial = null): void
    {
        if (null !== $trial) {
            $this->unread($source, $round, $trial);
        }
        foreach (array_unique($named) as $yarn) {
            if (Expansion::BACK !== $yarn && $this->yarns->isPlan && !$this->yarns->has($yarn) && !isset($this->missing[$yarn])) {
                $this->missing[$yarn] = true;
                $this->problems[] = self::problem($source, UnknownYarn::of($yarn, $source), $round)->mendedByYarn($yarn);
            }
        }
    }

    /** Words on a line of their own that speak of a yarn and were not read. */
    public function cue(Source $source, int $round, Node\Cue $cue): void
    {
        $fault = UnreadYarn::in($cue, $this->yarns) ?? UnreadShaping::in($cue);
        if (null !== $fault) {
            $this->tell($source, $fault, $round);
        }
    }

    /** Words beside a round's stitches that speak of a yarn and were not read, or of another number of stitches than they leave. */
    private function unread(Source $source, int $round, Trial $trial): void
    {
        $faults = [];
        foreach ($trial->line->cues() as $cue) {
            $faults[] = UnreadYarn::in($cue, $this->yarns);
        }
        $faults[] = SaidRest::in($trial, $source->text);
        $faults[] = Worked::Rows === $this->worked ? null : self::turnWithin($trial->line, $source->text);
        foreach (array_filter($faults) as $fault) {
            $this->tell($source, $fault, $round);
        }
    }

    /** "6 sc, turn, 6 sc": the rounds of a piece go around, and what is worked back and forth within one is not counted. */
    private static function turnWithin(Line $line, string $text): ?Fault
    {
        // "Turn and work along the other side of the chain"
        $isAlong = [] !== array_filter(
            $line->items,
            static fn (Node\Node $item): bool => $item instanceof Node\OtherSide || $item instanceof Node\Foundation && !$item->isPoint(),
        );
        foreach ($isAlong ? [] : $line->beside as $node) {
            $isTurn = 1 === preg_match('/^turn\b/i', mb_substr($text, $node->span->from, 8));
            $works = array_filter($isTurn ? $line->items : [], static fn (Node\Node $item): bool => $item instanceof Node\Work || $item instanceof Node\Repeat);
            $before = array_filter($works, static fn (Node\Node $item): bool => $item->span->end <= $node->span->from);
            if ([] !== $before && \count($before) < \count($works)) {
                return Fault::at($node->span, Message::of('round.turns'));
            }
        }

        return null;
    }

    /** A head whose number is not the round's. */
    public function numbering(Source $source, Head $head, int $next): void
    {
        [$line, $column] = $source->at($head->numbers->from);
        $this->problems[] = Problem::inLine(
            $line,
            $column,
            max(1, $head->numbers->length()),
            $next,
            Message::of($head->from > $next ? 'head.missing' : 'head.number', worked: $this->worked->value, said: (int) $head->from, is: $next),
        )->ofNumbering();
    }
}

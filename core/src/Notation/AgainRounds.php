<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\AgainKind;
use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** Works out the rounds that a sentence stands for: "repeat round 3 three more times", "work 5 rounds even". */
final readonly class AgainRounds
{
    /**
     * @param list<Round> $rounds those before
     * @param list<Line>  $lines  as each of them was worked
     */
    public function __construct(private array $rounds, private array $lines)
    {
    }

    /**
     * @param int|null $said how many rounds the line's head or its words say; null: none
     *
     * @return list<Line> one for each round
     *
     * @throws SyntaxError where it cannot be told what to work
     */
    public function of(Again $again, ?int $said): array
    {
        if (AgainKind::Elsewhere === $again->kind || $again->open && ($said ?? 1) < 2) {
            throw self::error($again, Message::of(AgainKind::Elsewhere === $again->kind ? 'again.elsewhere' : 'again.howMany'));
        }
        if ([] === $this->rounds) {
            throw self::error($again, Message::of('again.nothing'));
        }

        return match ($again->kind) {
            AgainKind::Even => $this->even($again, $said),
            AgainKind::Onward => $this->onward($again, $said),
            default => $this->same($again, $said),
        };
    }

    /** @return list<Line> */
    private function same(Again $again, ?int $said): array
    {
        $done = \count($this->rounds);
        $from = $again->from ?? $done + 1 + ($again->to ?? -1);
        $to = null === $again->from ? $done : $again->to ?? $from;
        if ($from < 1 || $to > $done) {
            throw self::error($again, Message::of('again.noRound', round: $from < 1 ? $from : $to, done: $done));
        }
        $cycle = \array_slice($this->lines, $from - 1, $to - $from + 1);
        foreach ($cycle as $i => $line) {
            $cycle[$i] = new Line(
                head: null,
                items: array_values(array_filter($line->items, static fn (Node\Node $item): bool => !$item instanceof Node\Cue)),
                span: $again->span,
                counts: [],
                beside: [],
                again: [],
                assumed: $line->assumed,
            );
        }
        $count = \count($cycle);
        if (null !== $again->untilStitches) {
            return $this->until($again, $cycle, $from - 1);
        }
        $rounds = match (true) {
            null !== $again->untilRounds => $again->untilRounds - $done,
            null !== $again->times && (null === $said || $said <= 1 || $said === $again->times * $count) => $again->times * $count,
            null !== $again->times => throw self::error(
                $again,
                Message::of('head.otherRounds', head: $said, said: $again->times * $count),
            ),
            null !== $said && $said > 1 => $said,
            default => $count,
        };

        return $this->cycled($again, $cycle, $rounds);
    }

    /**
     * @param list<Line> $cycle
     *
     * @return list<Line>
     */
    private function cycled(Again $again, array $cycle, int $rounds): array
    {
        if ($rounds < 1 || $rounds > Limits::ROUNDS) {
            throw self::error(
                $again,
                $rounds < 1 ? Message::of('again.already') : Message::of('again.tooMany', most: Limits::ROUNDS),
            );
        }
        $lines = [];
        for ($i = 0; $i < $rounds; ++$i) {
            $lines[] = $cycle[$i % \count($cycle)];
        }

        return $lines;
    }

    /**
     * Until a round makes so many.
     *
     * @param list<Line> $cycle
     * @param int        $at    the first of the rounds that are worked again, from 0
     *
     * @return list<Line>
     */
    private function until(Again $again, array $cycle, int $at): array
    {
        $made = $this->rounds[\count($this->rounds) - 1]->makes;
        $lines = [];
        while ($made !== $again->untilStitches && \count($lines) < Limits::ROUNDS) {
            $line = $cycle[\count($lines) % \count($cycle)];
            // "inc x6", worked on six, is an increase in each: on twelve it goes around once more, but hardly again.
            $around = [] === $lines ? self::allAround($line, $this->rounds[$at]->below) : null;
            $line = $around ?? $line;
            try {
                $next = Stitch::sumMakes(Expander::of($line, $made)->stitches->codes);
            } catch (SyntaxError) {
                break;
            }
            if ($next === $made && 1 === \count($cycle)) {
                break;
            }
            $made = $next;
            $lines[] = $line;
        }
        if ($made !== $again->untilStitches || [] === $lines) {
            throw self::error($again, Message::of('again.never', stitches: (int) $again->untilStitches));
        }

        return $lines;
    }

    /** A round of one stitch, or one group, as often as there was room for. */
    private static function allAround(Line $line, int $below): ?Line
    {
        $stitches = $line->stitches();
        $only = $stitches[0] ?? null;
        if (1 !== \count($stitches) || !($only instanceof Work || $only instanceof Node\Repeat) || null === $only->times) {
            return null;
        }
        try {
            $uses = Expander::item($only)->uses();
        } catch (SyntaxError) {
            return null;
        }

        return $uses !== $below ? null : $line->withItems(array_map(
            static fn (Node\Node $item): Node\Node => $item === $only ? $only->withTimes(null, $only->span) : $item,
            $line->items,
        ));
    }

    /** @return list<Line> */
    private function even(Again $again, ?int $said): array
    {
        $last = $this->rounds[\count($this->rounds) - 1];
        $tops = [];
        for ($i = 0, $end = \strlen($last->codes); $i < $end; ++$i) {
            foreach (str_split(Stitch::ofCode($last->codes[$i])->tops()) as $top) {
                $tops[$top] = ($tops[$top] ?? 0) + 1;
            }
        }
        arsort($tops);
        $most = Stitch::ofCode((string) (array_key_first($tops) ?? 's'));
        $plain = \in_array($most, [Stitch::Extended, Stitch::HalfDouble, Stitch::Double, Stitch::Treble], true) ? $most : Stitch::Single;
        $line = new Line(null, [new Work($plain, null, $again->span)], $again->span);
        $rounds = match (true) {
            null !== $again->untilRounds => $again->untilRounds - \count($this->rounds),
            default => $again->times ?? $said ?? throw self::unsaid($again),
        };

        return $this->cycled($again, [$line], $rounds);
    }

    private static function unsaid(Again $again): SyntaxError
    {
        return self::error($again, Message::of('again.forHowMany'));
    }

    /**
     * Growing or shrinking on by as many a round as the last shaping round did.
     *
     * @return list<Line>
     */
    private function onward(Again $again, ?int $said): array
    {
        $step = 0;
        for ($i = \count($this->rounds) - 1; $i > 0 && 0 === $step; --$i) {
            $step = $this->rounds[$i]->makes - $this->rounds[$i]->below;
        }
        if (0 === $step) {
            throw self::error($again, Message::of('again.noStep'));
        }
        $made = $this->rounds[\count($this->rounds) - 1]->makes;
        $rounds = match (true) {
            null !== $again->untilStitches => 0 === ($again->untilStitches - $made) % $step ? intdiv($again->untilStitches - $made, $step) : 0,
            null !== $again->untilRounds => $again->untilRounds - \count($this->rounds),
            default => $again->times ?? $said ?? throw self::unsaid($again),
        };
        if ($rounds < 1 || $rounds > Limits::ROUNDS) {
            throw self::error(
                $again,
                null === $again->untilStitches
                    ? Message::of('again.stepNever', step: abs($step), made: $made)
                    : Message::of('again.stepMisses', step: abs($step), made: $made, stitches: $again->untilStitches),
            );
        }
        $line = new Line(null, [new Evenly($step > 0 ? Stitch::Increase : Stitch::Decrease, abs($step), $again->span)], $again->span);

        return array_fill(0, $rounds, $line);
    }

    private static function error(Again $again, Message $message): SyntaxError
    {
        return new SyntaxError($message, $again->span->from, max(1, $again->span->length()));
    }
}

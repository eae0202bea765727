<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\AgainKind;
use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Parse\Assumption;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** Works the rounds that one line stands for, in the reading that is right. */
final readonly class LineWork
{
    public function __construct(private Rounds $rounds, private Faults $faults, private Advice $advice, private Ahead $ahead)
    {
    }

    /**
     * @param non-empty-list<Line> $lines the readings of one text
     *
     * @return Line|null the one that was taken; null where the line cannot be laid out
     */
    public function of(Source $source, array $lines, RoundBelow $ground): ?Line
    {
        [$line, $first] = $this->best($lines, $ground, $source);
        $this->rounds->seen->line($line, $source);
        $stated = $line->stated($ground->number - 1);
        $head = $line->head;
        $at = $line->statedAt();
        if (null !== $at && !$at->isAbout && null !== $head?->from && ($head->rounds > 1 || [] !== $line->again) && $stated !== $head->rounds) {
            $this->rounds->tell($source, Fault::at($at->span, Message::of('head.otherStated', head: $head->rounds, said: (int) $stated)));
        }
        $times = null !== $head && ($head->rounds > 1 || null !== $head->from)
            ? ($head->rounds > 1 ? $head->rounds : $stated ?? 1)
            : max($stated ?? 1, $head->rounds ?? 1);
        if ($line->isWorked() && !$this->worked($line, $source, $times, $first)) {
            return null;
        }
        foreach ($line->again as $i => $again) {
            $isLed = $line->isWorked() || $i > 0;
            if (!$this->again($line, $again, $source, $isLed ? null : (null === $head ? $stated : $times), $isLed)) {
                return null;
            }
        }

        return $line;
    }

    /**
     * @param non-empty-list<Line> $lines
     *
     * @return array{Line, Trial|null} the line, and how it lies as its first round
     */
    private function best(array $lines, RoundBelow $ground, Source $source): array
    {
        $onlyAgain = array_values(array_filter($lines, static fn (Line $line): bool => !$line->isWorked()));
        if ([] !== $onlyAgain) {
            return [$this->bestAgain($onlyAgain), null];
        }
        $open = Judge::of($lines, $ground);
        if (\count($open) > 1) {
            $this->rounds->tell($source, $this->advice->asked($open, $source, $ground));
        }

        return [$open[0]->reading, $open[0]];
    }

    /**
     * "Continue as before (12)": in the way that makes the count.
     *
     * @param non-empty-list<Line> $lines
     */
    private function bestAgain(array $lines): Line
    {
        foreach ($lines as $line) {
            try {
                $rounds = (new AgainRounds($this->rounds->made(), $this->rounds->lines()))->of($line->again[0], $line->head->rounds ?? null);
                $trial = Trial::of($this->led($line, $rounds[0]), $this->rounds->below());
                $counts = array_map(static fn (Count $count): int => $count->stitches, $line->counts);
                if (!$trial->fits($this->rounds->below())) {
                    continue;
                }
                if (1 !== \count($rounds) || [] === $counts || \in_array($trial->makes, $counts, true)) {
                    return $line;
                }
                $fitting ??= $line;
            } catch (SyntaxError) {
                continue;
            }
        }

        return $fitting ?? $lines[0];
    }

    private function worked(Line $line, Source $source, int $times, ?Trial $first): bool
    {
        $told = false;
        for ($i = 0; $i < $times && $this->rounds->count() < Limits::ROUNDS; ++$i) {
            if ($i > 0 && $this->rounds->repeatLast($source)) {
                continue;
            }
            if (!$this->round($line, $source, $i, $times, $told, 0 === $i ? $first : null)) {
                return false;
            }
        }
        $until = $line->goesOnUntil();
        if (1 === $times && null !== $until) {
            $round = $this->rounds->count();
            $this->rounds->tell($source, Fault::at($until->span, Message::of('until.howMany', round: $round, to: $round + 5)), false, $round);
        }
        if ($times > 1) {
            // "R4-6: sc around. Stuff.": what is said after the stitches is done after the last of them.
            $this->rounds->say($line->cuesAside(false));
        }

        return true;
    }

    /**
     * @param int        $nth   of the line's rounds, from 0
     * @param int        $times how many there are
     * @param bool       $told  what is wrong with a line is told once
     * @param Trial|null $trial how it lies, where that is known already
     */
    private function round(Line $line, Source $source, int $nth, int $times, bool &$told, ?Trial $trial): bool
    {
        $ground = $this->rounds->below();
        $trial ??= Trial::of($line, $ground);
        $fault = $this->faults->of($trial, $ground, $this->rounds->roomLeft());
        if (null !== $fault && !$told) {
            $meant = 1 === $times ? $this->ahead->meant($trial, $ground) : null;
            $this->rounds->tell($source, $this->advice->mended($fault, $trial, $source, $ground, $meant));
            $told = true;
            if (null !== $meant && FaultKind::Miscount !== $fault->kind) {
                // The next round is worked into what this one says: one mistake is told once.
                $this->rounds->standIn($source, $meant, 1);

                return false;
            }
        } elseif (null !== $trial->odd && 0 === $nth) {
            $this->rounds->tell($source, Fault::of($trial->odd), true);
        }
        if (null === $fault && 0 === $nth && self::isAlongChains($trial->stitches->codes)) {
            $this->rounds->tell(
                $source,
                Fault::at($line->span, Message::of('chain.standsOut', makes: $trial->makes)),
                true,
            );
        }
        $left = null === $fault && 0 === $nth && $trial->uses === $trial->below ? Unworked::in($line) : null;
        if (null !== $left) {
            $this->rounds->tell(
                $source,
                Fault::at($left->span, Message::of('round.saysLeft', below: $trial->below)),
                true,
            );
        }

        return $this->rounds->take($trial, $source, match (true) {
            $nth > 0 => [],
            $times > 1 => $trial->line->cuesAside(true),
            default => $trial->line->cues(),
        });
    }

    /** @param bool $isLed the line says other rounds before */
    private function again(Line $line, Again $again, Source $source, ?int $said, bool $isLed): bool
    {
        try {
            $rounds = (new AgainRounds($this->rounds->made(), $this->rounds->lines()))->of($again, $said);
        } catch (SyntaxError $error) {
            $this->rounds->tell($source, Fault::of($error));
            $this->rounds->standIn($source, ($line->counts[0] ?? null)?->stitches, $said ?? 1);
            $this->rounds->numbering->lose();

            return false;
        }
        $told = false;
        $last = $this->rounds->made()[$this->rounds->count() - 1];
        if ([] === $line->counts && \in_array(Assumption::OnEven, $line->assumed, true) && $last->below !== $last->makes && AgainKind::Even === $again->kind) {
            $this->rounds->tell(
                $source,
                Fault::at(
                    $again->span,
                    Message::of('again.even'),
                ),
                true,
            );
        }
        foreach ($rounds as $i => $round) {
            if ($this->rounds->count() >= Limits::ROUNDS) {
                return true;
            }
            $ground = $this->rounds->below();
            $round = $isLed || $i > 0 ? $round : $this->led($line, $round);
            $trial = Trial::of($round, $ground);
            $fault = $this->faults->of($trial, $ground, $this->rounds->roomLeft());
            $around = null === $fault || $isLed ? null : $this->around($round, $line->counts, $ground);
            if (null !== $around) {
                [$trial, $fault] = [$around, null];
            }
            if (null !== $fault && 0 === $i) {
                $this->rounds->tell($source, Fault::at($again->span, $fault->message));
                $told = true;
            }
            if (!$this->rounds->take($trial, $source, match (true) {
                $i > 0 => [],
                !$isLed && \count($rounds) > 1 => $line->cuesAside(true),
                default => $trial->line->cues(),
            })) {
                return false;
            }
        }
        if (!$isLed && \count($rounds) > 1) {
            $this->rounds->say($line->cuesAside(false));
        }
        $made = $this->rounds->made()[$this->rounds->count() - 1]->makes;
        foreach ($isLed || $told ? [] : $line->counts as $count) {
            if ($count->stitches !== $made) {
                $this->rounds->tell(
                    $source,
                    Fault::at(
                        $count->span,
                        Message::of('count.other', made: $made, said: $count->stitches),
                    )->mended(null, [$this->advice->write($count, $made)]),
                    false,
                    $this->rounds->count(),
                );
            }
        }

        return true;
    }

    /**
     * "R3: as R2 (24)", of a round that says "inc x6": all around, as the count says so.
     *
     * @param list<Count> $counts
     */
    private function around(Line $round, array $counts, RoundBelow $ground): ?Trial
    {
        $stitches = $round->stitches();
        $only = $stitches[0] ?? null;
        if ([] === $counts || 1 !== \count($stitches) || !($only instanceof Work || $only instanceof Repeat)) {
            return null;
        }
        $trial = Trial::of(
            $round->withItems(array_map(static fn (Node $item): Node => $item === $only ? $only->withTimes(null, $only->span) : $item, $round->items)),
            $ground,
        );

        return $trial->fits($ground) && null === $trial->odd && $counts[0]->stitches === $trial->makes ? $trial : null;
    }

    /** A round with the yarns and cues that stand before it in its line. */
    private function led(Line $line, Line $round): Line
    {
        $lead = array_filter($line->items, static fn (Node $item): bool => $item instanceof YarnPhrase || $item instanceof Cue);

        return new Line(
            head: null,
            items: [...array_values($lead), ...$round->items],
            span: $line->span,
            counts: [],
            beside: [],
            again: [],
            assumed: $round->assumed,
        );
    }

    /** Whether stitches go along a chain that stands out; one that comes back to its stitch leaves no doubt. */
    private static function isAlongChains(string $codes): bool
    {
        foreach (Stitch::cases() as $stitch) {
            if ($stitch->isOut() && Stitch::ChainOut !== $stitch && str_contains($codes, $stitch->code())) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Problem;

/** What was made of a piece's typed lines. */
final readonly class Reading
{
    /**
     * @param list<Round>           $rounds
     * @param list<Problem>         $problems
     * @param list<RoundRange|null> $spans          the first and last round of each typed line; null: it has none
     * @param int                   $on             stitches of other pieces that the first round is worked into
     * @param int                   $foundation     chains that the first round is worked into
     * @param int                   $side           chains along each of whose two sides it goes: an oval; 0: it is none
     * @param bool                  $isRing         the first round is worked into a magic ring, which is drawn closed
     * @param list<LineCue>         $said           what lines of their own say between the rounds
     * @param bool                  $isAlongOneSide its only round goes along one side of its chains, though rounds go around: a cord, a strap
     */
    public function __construct(
        public array $rounds,
        public array $problems,
        public array $spans,
        public int $on,
        public int $foundation,
        public int $side,
        public bool $isRing,
        public array $said,
        public Syntax $syntax,
        public bool $isAlongOneSide = false,
    ) {
    }

    /**
     * What plain rounds in a ring would be read as, without a line that says them.
     *
     * @param non-empty-list<int> $counts stitches that each makes
     */
    public static function ofCounts(array $counts): self
    {
        $rounds = [];
        foreach ($counts as $i => $makes) {
            $rounds[] = Round::standIn($i + 1, $i + 1, $counts[$i - 1] ?? 0, $makes);
        }

        return new self(rounds: $rounds, problems: [], spans: [], on: 0, foundation: 0, side: 0, isRing: true, said: [], syntax: new Syntax([], [], []));
    }

    /** The same, of a piece that is worked in rounds else. */
    public function alongOneSide(): self
    {
        return new self(
            rounds: $this->rounds, problems: $this->problems, spans: $this->spans, on: $this->on, foundation: $this->foundation, side: 0,
            isRing: $this->isRing, said: $this->said, syntax: $this->syntax, isAlongOneSide: true,
        );
    }

    public function stitches(): int
    {
        return array_sum(array_map(static fn (Round $round): int => $round->makes, $this->rounds));
    }

    /**
     * Stitches all around a flat piece: along its last row, one for each single crochet's height of its row-ends, along its beginning and up again.
     * Common practice, no source.
     */
    public function around(): int
    {
        $last = $this->rounds[\count($this->rounds) - 1] ?? null;
        if (null === $last) {
            return 0;
        }
        $high = array_sum(array_map(static fn (Round $row): float => '' === $row->codes ? 0.0 : Stitch::ofCode($row->codes[0])->height(), $this->rounds));

        return $last->makes + $this->rounds[0]->makes + 2 * max(1, (int) round($high));
    }

    /** @return list<Problem> the mistakes, without what is only worth knowing */
    public function errors(): array
    {
        return Problem::errors($this->problems);
    }

    /**
     * The yarns that the words name, round by round.
     *
     * @return list<non-empty-list<YarnStretch>>
     */
    public function yarns(): array
    {
        return array_map((new YarnsInHand())->through(...), $this->rounds);
    }

    /** @return list<string> what is said to do or to mind in a round, and on lines of its own after it; before the first one, too */
    public function cuesOf(int $round): array
    {
        $cues = [];
        foreach ($this->said as $said) {
            if (1 === $round && 0 === $said->after && CueKind::Note !== $said->kind) {
                $cues[] = $said->text;
            }
        }
        foreach ($this->rounds[$round - 1]->cues ?? [] as $cue) {
            $cues[] = $cue->text;
        }
        foreach ($this->said as $said) {
            if ($said->after === $round && CueKind::Note !== $said->kind) {
                $cues[] = $said->text;
            }
        }

        return $cues;
    }

    /** Which end what is said before its first round begins it at; null: nothing does. */
    public function saidEnd(): ?FirstRound
    {
        foreach ($this->said as $said) {
            if (0 === $said->after && null !== $end = $said->meaning()->begins) {
                return $end;
            }
        }

        return null;
    }

    public function namesYarns(): bool
    {
        foreach ($this->rounds as $round) {
            if ($round->namesYarns()) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** The pieces that a piece begins on, and how they are joined. A piece without one begins in a ring or in chains. */
final readonly class JoinedStart implements PieceSetting
{
    /**
     * @param non-empty-list<string> $pieces    keys, each made earlier in the plan; one may be named twice, for two copies
     * @param int                    $across    chains in each bridge, or stitches that a seam takes from each side
     * @param int|null               $round     the round that left loops free, or the first of several
     * @param PickUp|null            $take      null: every stitch of the edge
     * @param int|null               $to        the last of several rounds
     * @param bool                   $counts    a seam's stitches are worked into, too, and counted once
     * @param bool                   $gap       one stitch more goes into the gap that the slip stitch leaves which joins the last round
     * @param bool                   $isOneSide a tube's side is worked up alone, and not down again beside it
     */
    public function __construct(
        public Join $join,
        public array $pieces,
        public int $across = 0,
        public ?int $round = null,
        public ?PickUp $take = null,
        public ?int $to = null,
        public bool $counts = false,
        public bool $gap = false,
        public bool $isOneSide = false,
    ) {
    }

    /** @return list<self> the same in the other ways in which makers count an edge: with the gap or without, a seam counted or not, one side or both */
    public function countedOtherwise(): array
    {
        $but = fn (bool $counts, bool $gap, bool $isOneSide): self => new self(
            join: $this->join, pieces: $this->pieces, across: $this->across, round: $this->round, take: $this->take, to: $this->to, counts: $counts, gap: $gap,
            isOneSide: $isOneSide,
        );

        return match (true) {
            Join::Seam === $this->join => [$but(!$this->counts, $this->gap, $this->isOneSide)],
            $this->join->hasGap() => [$but($this->counts, !$this->gap, $this->isOneSide)],
            Join::Side === $this->join => [$but($this->counts, $this->gap, !$this->isOneSide)],
            default => [],
        };
    }

    /**
     * How many stitches the first round finds.
     *
     * @param non-empty-list<int> $openings stitches in each piece's edge, in the order of the pieces
     */
    public function stitches(array $openings): int
    {
        if (null !== $this->take && $this->take->stitches > 0) {
            return $this->take->stitches;
        }

        $edges = $this->join->isThroughBoth() ? \array_slice($this->edges($openings), 0, 1) : $this->edges($openings);

        return array_sum(array_map(static fn (EdgeStretch $edge): int => $edge->count(), $edges));
    }

    /**
     * What the first round is worked into, in working order.
     *
     * A bridge's chains are worked along both sides, 15 + 3 + 15 + 3 = 36, and of a piece between two others one half comes on the
     * way out and the other on the way back. Pieces seamed together keep the stitches that the seam does not take.
     *
     * @param non-empty-list<int> $openings stitches in each piece's edge, in the order of the pieces
     *
     * @return list<EdgeStretch>
     */
    public function edges(array $openings): array
    {
        $first = $this->pieces[0];
        $last = \count($this->pieces) - 1;
        if ($this->join->canPick()) {
            $pick = $this->take;
            if (null === $pick || $pick->stitches > 0) {
                return [new EdgeStretch($first, 1, $openings[0]), ...$this->gap ? [EdgeStretch::chains(1)] : []];
            }

            return $pick->to < $pick->from
                ? [new EdgeStretch($first, $pick->from, $openings[0]), new EdgeStretch($first, 1, $pick->to)]
                : [new EdgeStretch($first, $pick->from, $pick->to)];
        }
        if (Join::Edge === $this->join || Join::Side === $this->join || Join::SpiralLoops === $this->join) {
            return [new EdgeStretch($first, 1, $openings[0])];
        }
        if ($this->join->isThroughBoth()) {
            return array_map(
                static fn (string $piece, int $opening): EdgeStretch => new EdgeStretch($piece, 1, $opening),
                $this->pieces,
                \array_slice($openings, 0, $last + 1),
            );
        }
        if (Join::Seam === $this->join) {
            $seam = $this->counts ? [new EdgeStretch($first, $openings[0] - $this->across + 1, $openings[0])] : [];

            return [
                new EdgeStretch($first, 1, $openings[0] - $this->across),
                ...$seam,
                new EdgeStretch($this->pieces[$last], $this->across + 1, $openings[$last]),
            ];
        }
        $edges = [new EdgeStretch($first, 1, $openings[0])];
        for ($i = 1; $i <= $last; ++$i) {
            array_push(
                $edges,
                EdgeStretch::chains($this->across),
                new EdgeStretch($this->pieces[$i], 1, $i < $last ? intdiv($openings[$i], 2) : $openings[$i]),
            );
        }
        for ($i = $last; $i > 0; --$i) {
            $edges[] = EdgeStretch::chains($this->across);
            if ($i > 1) {
                $edges[] = new EdgeStretch($this->pieces[$i - 1], intdiv($openings[$i - 1], 2) + 1, $openings[$i - 1]);
            }
        }

        return array_values(array_filter($edges, static fn (EdgeStretch $edge): bool => $edge->count() > 0));
    }

    public static function field(): string
    {
        return 'start';
    }

    public static function in(Fields $piece): self
    {
        return self::read($piece->object(self::field()));
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }

    public static function read(Fields $fields): self
    {
        $join = $fields->oneOf('join', Join::class);
        $pieces = $fields->texts('pieces', 8, 40, Piece::KEY, Message::of('field.pieceKey'));
        $across = $join->hasAcross() ? $fields->whole('across', 0, Limits::STITCHES_IN_ROUND) : 0;
        $round = $join->hasRounds() ? $fields->whole('round', 1, Limits::ROUNDS) : null;
        $to = $join->hasRounds() && Join::Loops !== $join ? $fields->whole('to', $round ?? 1, Limits::ROUNDS) : null;
        $take = $join->canPick() && $fields->has('take') ? PickUp::read($fields->object('take')) : null;
        [$least, $most] = $join->pieces();
        if (\count($pieces) < $least || \count($pieces) > $most) {
            $fields->wrong('pieces', Message::of('start.pieces', most: $most));
        }
        $counts = Join::Seam === $join && $fields->has('counts') && $fields->truth('counts');
        $gap = $join->hasGap() && $fields->has('gap') && $fields->truth('gap');
        $isOneSide = Join::Side === $join && $fields->has('oneSide') && $fields->truth('oneSide');
        $fields->close();

        return new self(
            join: $join, pieces: [] === $pieces ? ['?'] : $pieces, across: $across, round: $round, take: $take, to: $to, counts: $counts, gap: $gap,
            isOneSide: $isOneSide,
        );
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['join' => $this->join->value, 'pieces' => $this->pieces]
            + ($this->join->hasAcross() ? ['across' => $this->across] : [])
            + (null === $this->round ? [] : ['round' => $this->round])
            + (null === $this->to ? [] : ['to' => $this->to])
            + ($this->counts ? ['counts' => true] : [])
            + ($this->gap ? ['gap' => true] : [])
            + ($this->isOneSide ? ['oneSide' => true] : [])
            + (null === $this->take ? [] : ['take' => $this->take->values()]);
    }
}

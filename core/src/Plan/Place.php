<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/**
 * Where something is on a piece, as its maker would say it: along the rounds by what is there, across by the front or the seam. It stays true when the
 * piece is resized, turned, recoloured or made in another gauge.
 */
final readonly class Place
{
    /**
     * @param Anchor     $anchor    what the round is counted from
     * @param int        $number    of Anchor::Round the round; of Change and Band which, from 1; of Pole 1 for where it begins, 2 for where it ends
     * @param string     $of        of Anchor::Placement the key of another place, which comes before it
     * @param int        $offset    rounds on from there
     * @param bool       $isWithin  in the round itself, not between it and the next
     * @param Across     $across    what it is counted from around the piece
     * @param float      $fromFront degrees from there to its middle, in the working direction
     * @param float      $stitches  stitches of its round on from there
     * @param float|null $apart     stitches between two that lie alike on both sides of that middle; null: it is one alone
     */
    public function __construct(
        public Anchor $anchor,
        public int $number = 1,
        public string $of = '',
        public int $offset = 0,
        public bool $isWithin = false,
        public float $fromFront = 0.0,
        public float $stitches = 0.0,
        public ?float $apart = null,
        public Across $across = new Across(AcrossFrom::Front),
    ) {
    }

    /** @param list<string> $taken keys of the places before it: older plans name one by its number */
    public static function read(Fields $fields, array $taken): self
    {
        $anchor = $fields->oneOf('anchor', Anchor::class);
        $isNumbered = $anchor->isNumbered() || (Anchor::Placement === $anchor && !$fields->has('of'));
        $number = $isNumbered ? $fields->whole('number', 1, Anchor::Pole === $anchor ? 2 : Limits::ROUNDS) : 1;

        return new self(
            anchor: $anchor,
            number: $number,
            of: match (true) {
                Anchor::Placement !== $anchor => '',
                $fields->has('of') => $fields->text('of', 40, Placement::KEY, Message::of('field.otherPlacement')),
                default => $taken[$number - 1] ?? (string) $number,
            },
            offset: $fields->whole('offset', -Limits::ROUNDS, Limits::ROUNDS, 0),
            isWithin: $fields->has('within') && $fields->truth('within'),
            fromFront: $fields->number('fromFront', -180, 180, 0),
            stitches: $fields->number('stitches', -Limits::STITCHES_IN_ROUND, Limits::STITCHES_IN_ROUND, 0),
            across: Across::read($fields),
            apart: $fields->has('apart') ? $fields->number('apart', 0.5, Limits::STITCHES_IN_ROUND) : null,
        );
    }

    /** The same height, so many degrees (0 to 360, in the working direction) from the front: there alone, and not half a stitch beside it. */
    public function alone(float $fromFront): self
    {
        return new self(
            anchor: $this->anchor, number: $this->number, of: $this->of, offset: $this->offset, isWithin: $this->isWithin,
            fromFront: $fromFront > 180.0 ? $fromFront - 360.0 : $fromFront, across: $this->across,
        );
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['anchor' => $this->anchor->value]
            + ($this->anchor->isNumbered() ? ['number' => $this->number] : [])
            + (Anchor::Placement === $this->anchor ? ['of' => $this->of] : [])
            + ['offset' => $this->offset]
            + ($this->isWithin ? ['within' => true] : [])
            + (null === $this->apart ? [] : ['apart' => Number::plain($this->apart)])
            + (0.0 === $this->stitches ? [] : ['stitches' => Number::plain($this->stitches)])
            + $this->across->values()
            + ['fromFront' => Number::plain($this->fromFront)];
    }

    /**
     * The same once rounds have moved, where it is said by a round; the others are said by what they are.
     *
     * @param int|null $deepest the last round at which it may lie; null: any
     */
    public function carried(RoundMoves $moves, ?int $deepest): self
    {
        $round = Anchor::Round !== $this->anchor || $this->number > $moves->last() ? null : $moves->block($this->number, 1);
        if (null === $round) {
            return $this;
        }
        $round = null === $deepest ? $round : max(1, min($round, $deepest - $this->offset));

        return new self(
            anchor: $this->anchor,
            number: $round,
            of: $this->of,
            offset: $this->offset,
            isWithin: $this->isWithin,
            fromFront: $this->fromFront,
            stitches: $this->stitches,
            across: $this->across,
            apart: null === $this->apart ? null : $moves->apart($this->number, $round, $this->apart),
        );
    }
}

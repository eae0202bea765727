<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;

/** What puts one piece on another: where, by which of its edges, and how it is held. */
final readonly class Joint
{
    /**
     * @param string          $key        of its own in the plan
     * @param string          $part       the piece that is put on, by its key: each of its copies in turn, where the place is a pair
     * @param int             $copy       the first of its copies that is meant, from 1
     * @param string          $onto       the piece that it is put on
     * @param PartEdge        $edge       of the part
     * @param bool            $isWithNew  held with a thread of its own, not with the part's tail
     * @param float           $turned     degrees that it is turned on its seat to the right, seen from outside
     * @param RoundRange|null $stretch    of its side, the rounds that touch; null: all of it, or another edge
     * @param bool            $stuffsThen it is stuffed through the last gap of its seam, not before
     */
    public function __construct(
        public string $key,
        public string $part,
        public int $copy,
        public string $onto,
        public Place $place,
        public PartEdge $edge,
        public Hold $hold,
        public bool $isWithNew = false,
        public float $turned = 0.0,
        public bool $stuffsThen = false,
        public ?RoundRange $stretch = null,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $at = $fields->object('at');
        $joint = new self(
            key: $fields->text('key', 40, Placement::KEY, Message::of('field.key')),
            part: $fields->text('part', 40, Piece::KEY, Message::of('field.key')),
            copy: $fields->whole('copy', 1, 99, 1),
            onto: $fields->text('onto', 40, Piece::KEY, Message::of('field.key')),
            place: Place::read($at, []),
            edge: $fields->has('edge') ? $fields->oneOf('edge', PartEdge::class) : PartEdge::Open,
            hold: Holds::read($fields),
            isWithNew: $fields->has('newThread') && $fields->truth('newThread'),
            turned: $fields->number('turned', -180, 180, 0),
            stuffsThen: $fields->has('stuffedThen') && $fields->truth('stuffedThen'),
            stretch: $fields->has('stretch') ? self::stretch($fields->object('stretch')) : null,
        );
        if (null !== $joint->stretch && PartEdge::Side !== $joint->edge) {
            $fields->wrong('stretch', Message::of('field.unfit'));
        }
        $at->close();
        $fields->close();

        return $joint;
    }

    private static function stretch(Fields $fields): RoundRange
    {
        $range = new RoundRange($fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS));
        $fields->close();

        return $range;
    }

    /** "along the side, from round 3 to round 8". */
    public function edgeInWords(): string
    {
        return $this->edge->inWords().(null === $this->stretch ? '' : ", from round {$this->stretch->from} to round {$this->stretch->to}");
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['key' => $this->key, 'part' => $this->part]
            + (1 === $this->copy ? [] : ['copy' => $this->copy])
            + ['onto' => $this->onto, 'at' => $this->place->values(), 'edge' => $this->edge->value, 'hold' => $this->hold::kind()]
            + $this->hold->values()
            + ($this->isWithNew ? ['newThread' => true] : [])
            + (0.0 === $this->turned ? [] : ['turned' => Number::plain($this->turned)])
            + ($this->stuffsThen ? ['stuffedThen' => true] : [])
            + (null === $this->stretch ? [] : ['stretch' => ['from' => $this->stretch->from, 'to' => $this->stretch->to]]);
    }

    /** How many copies of the part it takes. */
    public function count(): int
    {
        return null === $this->place->apart ? 1 : 2;
    }

    public function at(Place $place): self
    {
        return $this->with($place, $this->turned);
    }

    /** Turned on its seat by so many degrees more. */
    public function turnedBy(float $degrees): self
    {
        $turns = ($this->turned + $degrees) / 360.0;

        return $this->with($this->place, ($turns - ceil($turns - 0.5)) * 360.0);
    }

    private function with(Place $place, float $turned): self
    {
        return new self(
            key: $this->key, part: $this->part, copy: $this->copy, onto: $this->onto, place: $place, edge: $this->edge, hold: $this->hold,
            isWithNew: $this->isWithNew, turned: $turned, stuffsThen: $this->stuffsThen, stretch: $this->stretch,
        );
    }
}

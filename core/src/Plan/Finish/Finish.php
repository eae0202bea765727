<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\HasLengths;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Tail;

/** How a maker wants a piece to begin and to end. What is left open is chosen by what the piece is. */
final readonly class Finish implements HasLengths
{
    private const LONGEST_CM = 1000.0;
    /** A starting tail is the only one there, so that it cannot be knotted to another. */
    private const STARTS = [Tail::Weave, Tail::Inside, Tail::Over, Tail::Sew, Tail::Keep];

    /**
     * Each null: as the maker’s words or the piece have it.
     *
     * @param Tail|null  $start  what becomes of the tail that it starts with
     * @param float|null $tailCm the tail that is left at its end
     * @param int|null   $turned it is worked inside out, and turned right side out after this round; 0: its right side is outside all along
     * @param Drawn|null $drawn  with no segments and no base: it is not drawn in
     */
    public function __construct(
        public ?RingDrawn $ring = null,
        public ?Tail $start = null,
        public ?PieceEnd $end = null,
        public ?float $tailCm = null,
        public ?int $turned = null,
        public Stuffing $stuffing = new Stuffing(),
        public ?Drawn $drawn = null,
    ) {
    }

    public static function field(): string
    {
        return 'finish';
    }

    public static function in(Fields $piece): self
    {
        return self::read($piece->object(self::field()));
    }

    public static function read(Fields $fields): self
    {
        $finish = new self(
            ring: $fields->has('ring') ? $fields->oneOf('ring', RingDrawn::class) : null,
            start: $fields->has('start') ? $fields->oneOf('start', Tail::class, self::STARTS) : null,
            end: $fields->has('end') ? $fields->oneOf('end', PieceEnd::class) : null,
            tailCm: $fields->has('tailCm') ? $fields->number('tailCm', 1, self::LONGEST_CM) : null,
            turned: $fields->has('turned') ? $fields->whole('turned', 0, Limits::ROUNDS) : null,
            stuffing: $fields->has('stuffing') ? Stuffing::read($fields->object('stuffing')) : new Stuffing(),
            drawn: $fields->has('drawn') ? Drawn::read($fields->object('drawn')) : null,
        );
        $fields->close();

        return $finish;
    }

    /** @return array<string, mixed> in the plan's format; empty where nothing is said */
    public function values(): array
    {
        $stuffing = $this->stuffing->values();

        return (null === $this->ring ? [] : ['ring' => $this->ring->value])
            + (null === $this->start ? [] : ['start' => $this->start->value])
            + (null === $this->end ? [] : ['end' => $this->end->value])
            + (null === $this->tailCm ? [] : ['tailCm' => Number::plain($this->tailCm)])
            + (null === $this->turned ? [] : ['turned' => $this->turned])
            + ([] === $stuffing ? [] : ['stuffing' => $stuffing])
            + (null === $this->drawn ? [] : ['drawn' => $this->drawn->values()]);
    }

    /** This, and what it leaves open as another has it. */
    public function or(self $other): self
    {
        return new self(
            ring: $this->ring ?? $other->ring,
            start: $this->start ?? $other->start,
            end: $this->end ?? $other->end,
            tailCm: $this->tailCm ?? $other->tailCm,
            turned: $this->turned ?? $other->turned,
            stuffing: $this->stuffing->or($other->stuffing),
            drawn: $this->drawn ?? $other->drawn,
        );
    }

    /** The same once rounds have moved; where the round after which it is turned is gone, that is left open again. */
    public function carried(RoundMoves $moves): self
    {
        return null === $this->turned || 0 === $this->turned ? $this : $this->but($this->tailCm, $moves->end($this->turned));
    }

    public function scaled(float $times): self
    {
        return null === $this->tailCm ? $this : $this->but(min(self::LONGEST_CM, max(1.0, round($this->tailCm * $times))), $this->turned);
    }

    private function but(?float $tailCm, ?int $turned): self
    {
        return new self(
            ring: $this->ring,
            start: $this->start,
            end: $this->end,
            tailCm: $tailCm,
            turned: $turned,
            stuffing: $this->stuffing,
            drawn: $this->drawn,
        );
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** What the maker wants at the end of one round. */
final readonly class ChangeAt
{
    /** Where a standing stitch begins the next round, in degrees from the front, if nothing else is said. */
    public const BACK = 180.0;

    /**
     * @param Method|null $method null: as for the piece
     * @param int         $onward stitches worked on in the old yarn before the marker is moved up to there; 0: none
     * @param float|null  $begins where a standing stitch begins the next round, in degrees from the front; null: at the back
     * @param string|null $by     key of the placement that covers the jog
     * @param bool|null   $onLine whether the yarns change at the piece's change line; null: as for the piece
     */
    public function __construct(
        public ?Method $method = null,
        public int $onward = 0,
        public ?float $begins = null,
        public ?string $by = null,
        public ?bool $onLine = null,
        public EndsChoice $ends = new EndsChoice(),
    ) {
    }

    /** Its own fields; the round is read by whoever holds it. */
    public static function read(Fields $fields): self
    {
        return new self(
            method: $fields->has('method') ? $fields->oneOf('method', Method::class) : null,
            onward: $fields->has('onward') ? $fields->whole('onward', 1, Limits::STITCHES_IN_ROUND) : 0,
            begins: $fields->has('begins') ? $fields->number('begins', -180, 180) : null,
            by: $fields->has('by') ? $fields->text('by', 40, Placement::KEY, Message::of('field.placementKey')) : null,
            onLine: $fields->has('line') ? $fields->truth('line') : null,
            ends: EndsChoice::read($fields),
        );
    }

    /** The same, with as many stitches worked on. */
    public function withOnward(int $stitches): self
    {
        return $this->but($stitches, $this->onLine);
    }

    /** The same, as the piece has it about the change line. */
    public function withoutLine(): self
    {
        return $this->but($this->onward, null);
    }

    /** The same, by this method where it says none. */
    public function orMethod(Method $method): self
    {
        return null === $this->method ? $this->decided($method, null) : $this;
    }

    /** The same, worked by a method and with the old yarn kept or cut, where those are said. */
    public function decided(?Method $method, ?OldYarnChoice $oldYarn): self
    {
        return new self(
            method: $method ?? $this->method,
            onward: $this->onward,
            begins: $this->begins,
            by: $this->by,
            onLine: $this->onLine,
            ends: new EndsChoice($oldYarn ?? $this->ends->oldYarn, $this->ends->oldTail, $this->ends->newTail),
        );
    }

    private function but(int $onward, ?bool $onLine): self
    {
        return new self(method: $this->method, onward: $onward, begins: $this->begins, by: $this->by, onLine: $onLine, ends: $this->ends);
    }

    /** @return array<string, mixed> in the plan's format, without the round */
    public function values(): array
    {
        return (null === $this->method ? [] : ['method' => $this->method->value])
            + (0 === $this->onward ? [] : ['onward' => $this->onward])
            + (null === $this->begins ? [] : ['begins' => Number::plain($this->begins)])
            + (null === $this->by ? [] : ['by' => $this->by])
            + (null === $this->onLine ? [] : ['line' => $this->onLine])
            + $this->ends->values();
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** What a maker wants to become of the old yarn and of the ends: for the plan, a piece or one change. */
final readonly class EndsChoice
{
    /** Each null: as whoever stands above says, and in the end as the program chooses. */
    public function __construct(public ?OldYarnChoice $oldYarn = null, public ?Tail $oldTail = null, public ?Tail $newTail = null)
    {
    }

    /** The fields "oldYarn" and "tails" of whatever holds them. */
    public static function read(Fields $fields): self
    {
        $oldTail = $newTail = null;
        if ($fields->has('tails')) {
            $tails = $fields->object('tails');
            $oldTail = $tails->has('old') ? $tails->oneOf('old', Tail::class) : null;
            $newTail = $tails->has('new') ? $tails->oneOf('new', Tail::class) : null;
            $tails->close();
        }
        $isAuto = !$fields->has('oldYarn') || 'auto' === $fields->raw('oldYarn');

        return new self($isAuto ? null : $fields->oneOf('oldYarn', OldYarnChoice::class), $oldTail, $newTail);
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        $tails = (null === $this->oldTail ? [] : ['old' => $this->oldTail->value]) + (null === $this->newTail ? [] : ['new' => $this->newTail->value]);

        return (null === $this->oldYarn ? [] : ['oldYarn' => $this->oldYarn->value]) + ([] === $tails ? [] : ['tails' => $tails]);
    }

    /** This, and what it leaves open as another has it. */
    public function or(self $other): self
    {
        return new self($this->oldYarn ?? $other->oldYarn, $this->oldTail ?? $other->oldTail, $this->newTail ?? $other->newTail);
    }
}

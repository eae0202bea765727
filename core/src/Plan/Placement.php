<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Where eyes, ears, limbs … are set: between two rounds, one alone or two about a middle. */
final readonly class Placement
{
    public const KEY = '/^[a-z0-9][a-z0-9-]{0,39}$/D';

    /**
     * @param string     $key of its own among those of the piece
     * @param float|null $mm  how large it is across, where that is bought or cut; null: not said
     */
    public function __construct(
        public string $key,
        public PlacementKind $kind,
        public string $name,
        public Place $place,
        public ?float $mm = null,
    ) {
    }

    /**
     * Those of the field "placements". One without a key gets one; older plans name another placement by its number.
     *
     * @return list<self>
     */
    public static function readAll(Fields $fields): array
    {
        $placements = [];
        $fields->objects('placements', 0, Limits::PLACEMENTS, static function (Fields $one) use (&$placements): void {
            $taken = array_map(static fn (self $other): string => $other->key, $placements);
            $placement = self::read($one, $taken);
            if (\in_array($placement->key, $taken, true)) {
                $one->wrong('key', Message::of('field.twice', of: 'placements', key: $placement->key));
            }
            $placements[] = $placement;
        });

        return $placements;
    }

    /** @param list<string> $taken keys of those before it */
    private static function read(Fields $fields, array $taken): self
    {
        $placement = new self(
            key: $fields->has('key') ? $fields->text('key', 40, self::KEY, Message::of('field.key')) : self::freeKey($taken),
            kind: $fields->oneOf('kind', PlacementKind::class),
            name: $fields->has('name') ? $fields->line('name', Limits::NAME) : '',
            place: Place::read($fields, $taken),
            mm: $fields->has('mm') ? $fields->number('mm', 1, 100) : null,
        );
        $fields->close();

        return $placement;
    }

    /** @param list<string> $taken */
    public static function freeKey(array $taken, string $letter = 'p'): string
    {
        $n = \count($taken) + 1;
        while (\in_array("{$letter}{$n}", $taken, true)) {
            ++$n;
        }

        return "{$letter}{$n}";
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['key' => $this->key, 'kind' => $this->kind->value]
            + ('' === $this->name ? [] : ['name' => $this->name])
            + (null === $this->mm ? [] : ['mm' => Number::plain($this->mm)])
            + $this->place->values();
    }

    /** So many times as large, as it is sold. */
    public function scaled(float $times): self
    {
        $mm = min(100.0, max(1.0, ($this->mm ?? 0.0) * $times));

        return null === $this->mm
            ? $this
            : new self($this->key, $this->kind, $this->name, $this->place, SoldSize::of($this->kind, $mm));
    }

    /** What is said of it: the maker’s name for it, or what it is. */
    public function named(): string
    {
        return '' === $this->name ? ucfirst($this->kind->value) : $this->name;
    }

    /** The same once rounds have moved. What has a washer stays where a hand reaches. */
    public function carried(RoundMoves $moves): self
    {
        return new self($this->key, $this->kind, $this->name, $this->place->carried($moves, $this->kind->hasWasher() ? $moves->deepest() : null), $this->mm);
    }
}

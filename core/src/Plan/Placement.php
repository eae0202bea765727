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
     * @param string     $key       of its own among those of the piece
     * @param Anchor     $anchor    what the round is counted from
     * @param int        $number    of Anchor::Round the round; of Anchor::Change the colour change, from 1
     * @param string     $of        of Anchor::Placement the key of another, which comes before it
     * @param int        $offset    rounds on from there
     * @param float|null $apart     stitches between the two; null: one alone
     * @param float      $fromFront degrees from the front to their middle, in the working direction
     */
    public function __construct(
        public string $key,
        public PlacementKind $kind,
        public string $name,
        public Anchor $anchor,
        public int $number = 1,
        public string $of = '',
        public int $offset = 0,
        public ?float $apart = null,
        public float $fromFront = 0.0,
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
        $anchor = $fields->oneOf('anchor', Anchor::class);
        $isNumbered = Anchor::Round === $anchor || Anchor::Change === $anchor || (Anchor::Placement === $anchor && !$fields->has('of'));
        $number = $isNumbered ? $fields->whole('number', 1, Limits::ROUNDS) : 1;
        $placement = new self(
            key: $fields->has('key') ? $fields->text('key', 40, self::KEY, Message::of('field.key')) : self::freeKey($taken),
            kind: $fields->oneOf('kind', PlacementKind::class),
            name: $fields->has('name') ? $fields->line('name', Limits::NAME) : '',
            anchor: $anchor,
            number: $number,
            of: match (true) {
                Anchor::Placement !== $anchor => '',
                $fields->has('of') => $fields->text('of', 40, self::KEY, Message::of('field.otherPlacement')),
                default => $taken[$number - 1] ?? (string) $number,
            },
            offset: $fields->whole('offset', -Limits::ROUNDS, Limits::ROUNDS, 0),
            apart: $fields->has('apart') ? $fields->number('apart', 0.5, Limits::STITCHES_IN_ROUND) : null,
            fromFront: $fields->number('fromFront', -180, 180, 0),
        );
        $fields->close();

        return $placement;
    }

    /** @param list<string> $taken */
    public static function freeKey(array $taken): string
    {
        $n = \count($taken) + 1;
        while (\in_array("p{$n}", $taken, true)) {
            ++$n;
        }

        return "p{$n}";
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['key' => $this->key, 'kind' => $this->kind->value]
            + ('' === $this->name ? [] : ['name' => $this->name])
            + ['anchor' => $this->anchor->value]
            + match ($this->anchor) {
                Anchor::Round, Anchor::Change => ['number' => $this->number],
                Anchor::Placement => ['of' => $this->of],
                Anchor::Widest => [],
            }
        + ['offset' => $this->offset]
        + (null === $this->apart ? [] : ['apart' => Number::plain($this->apart)])
        + ['fromFront' => Number::plain($this->fromFront)];
    }

    /** What is said of it: the maker’s name for it, or what it is. */
    public function named(): string
    {
        return '' === $this->name ? ucfirst($this->kind->value) : $this->name;
    }

    /**
     * The same once rounds have moved, where it is said by a round; the others are said by what they are.
     * What has a washer stays where a hand reaches.
     */
    public function carried(RoundMoves $moves): self
    {
        if (Anchor::Round !== $this->anchor || $this->number > $moves->last()) {
            return $this;
        }
        $round = $moves->block($this->number, 1);
        if (null === $round) {
            return $this;
        }
        $deepest = $moves->deepest();
        $round = null !== $deepest && $this->kind->hasWasher() ? max(1, min($round, $deepest - $this->offset)) : $round;

        return new self(
            key: $this->key,
            kind: $this->kind,
            name: $this->name,
            anchor: $this->anchor,
            number: $round,
            offset: $this->offset,
            apart: null === $this->apart ? null : $moves->apart($this->number, $round, $this->apart),
            fromFront: $this->fromFront,
        );
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** One part made in one go. Its typed rounds are the source; all else about its stitches is worked out from them. */
final readonly class Piece
{
    /**
     * @param list<string>    $rounds       one typed line each
     * @param float|null      $lean         null: the plan's
     * @param float           $frontDegrees 0 up to, not including, 360
     * @param list<Laid>      $colours
     * @param Beginning|null  $start        null: in a ring or in chains of its own
     * @param Closing         $closing      of joined rounds
     * @param list<Placement> $placements
     * @param Face|null       $face         null: none is set apart
     * @param bool            $chainCounts  the chain that lifts a row or a joined round stands for its first stitch
     */
    public function __construct(
        public string $key,
        public string $name,
        public Copies $copies,
        public Worked $worked,
        public array $rounds,
        public ?float $lean = null,
        public float $frontDegrees = 180.0,
        public array $colours = [],
        public ChangeChoice $changes = new ChangeChoice(),
        public ?Beginning $start = null,
        public bool $chainCounts = false,
        public Closing $closing = Closing::FirstStitch,
        public array $placements = [],
        public ?Face $face = null,
    ) {
    }

    /** @param list<string> $rounds */
    public function withRounds(array $rounds): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $rounds, $this->lean, $this->frontDegrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    /** @param list<Laid> $colours */
    public function withColours(array $colours): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $this->rounds, $this->lean, $this->frontDegrees, $colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    public function withChanges(ChangeChoice $changes): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $this->rounds, $this->lean, $this->frontDegrees, $this->colours, $changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    public function withFront(float $degrees): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $this->rounds, $this->lean, $degrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    public function withWorked(Worked $worked): self
    {
        return new self($this->key, $this->name, $this->copies, $worked, $this->rounds, $this->lean, $this->frontDegrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    public function named(string $name, Copies $copies): self
    {
        return new self($this->key, $name, $copies, $this->worked, $this->rounds, $this->lean, $this->frontDegrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    /** @param list<Placement> $placements */
    public function withPlacements(array $placements): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $this->rounds, $this->lean, $this->frontDegrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $placements, $this->face);
    }

    public function withLean(float $lean): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $this->rounds, $lean, $this->frontDegrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $this->face);
    }

    public function withFace(?Face $face): self
    {
        return new self($this->key, $this->name, $this->copies, $this->worked, $this->rounds, $this->lean, $this->frontDegrees, $this->colours, $this->changes, $this->start, $this->chainCounts, $this->closing, $this->placements, $face);
    }
}

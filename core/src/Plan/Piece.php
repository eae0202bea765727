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
        return $this->but(rounds: $rounds);
    }

    /** @param list<Laid> $colours */
    public function withColours(array $colours): self
    {
        return $this->but(colours: $colours);
    }

    public function withChanges(ChangeChoice $changes): self
    {
        return $this->but(changes: $changes);
    }

    public function withFront(float $degrees): self
    {
        return $this->but(frontDegrees: $degrees);
    }

    public function withWorked(Worked $worked): self
    {
        return $this->but(worked: $worked);
    }

    public function withClosing(Closing $closing): self
    {
        return $this->but(closing: $closing);
    }

    public function withLean(float $lean): self
    {
        return $this->but(lean: $lean);
    }

    public function named(string $name, Copies $copies): self
    {
        return $this->but(name: $name, copies: $copies);
    }

    /** @param list<Placement> $placements */
    public function withPlacements(array $placements): self
    {
        return $this->but(placements: $placements);
    }

    public function withFace(?Face $face): self
    {
        return $this->but(face: $face);
    }

    /**
     * The same piece but for what is said.
     *
     * @param list<string>|null    $rounds
     * @param list<Laid>|null      $colours
     * @param list<Placement>|null $placements
     * @param Face|false|null      $face       false: as it is
     */
    private function but(
        ?string $name = null,
        ?Copies $copies = null,
        ?Worked $worked = null,
        ?array $rounds = null,
        ?float $lean = null,
        ?float $frontDegrees = null,
        ?array $colours = null,
        ?ChangeChoice $changes = null,
        ?array $placements = null,
        Face|false|null $face = false,
        ?Closing $closing = null,
    ): self {
        return new self(
            $this->key,
            $name ?? $this->name,
            $copies ?? $this->copies,
            $worked ?? $this->worked,
            $rounds ?? $this->rounds,
            $lean ?? $this->lean,
            $frontDegrees ?? $this->frontDegrees,
            $colours ?? $this->colours,
            $changes ?? $this->changes,
            $this->start,
            $this->chainCounts,
            $closing ?? $this->closing,
            $placements ?? $this->placements,
            false === $face ? $this->face : $face,
        );
    }
}

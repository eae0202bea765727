<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** One toy or object: its yarns, gauge, pieces and colours, as the maker wrote them. */
final readonly class Plan
{
    /**
     * How far each stitch leans back where neither plan nor piece says, in stitches.
     *
     * Source: from memory, yarn caught over the hook, worked tightly.
     */
    public const USUAL_LEAN = 0.35;
    /** The same where the yarn is caught under the hook: from memory, to be measured. */
    public const USUAL_LEAN_UNDER = 0.15;

    /**
     * @param non-empty-list<Yarn> $yarns
     * @param list<Piece>          $pieces
     */
    public function __construct(
        public string $title,
        public Terms $terms,
        public Hand $hand,
        public Units $units,
        public array $yarns,
        public Gauge $gauge,
        public YarnUse $yarnUse,
        public array $pieces,
        public ?float $lean = null,
        public Marker $marker = Marker::First,
    ) {
    }

    public function piece(string $key): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->key === $key) {
                return $piece;
            }
        }

        return null;
    }

    public function yarn(string $key): ?Yarn
    {
        foreach ($this->yarns as $yarn) {
            if ($yarn->key === $key) {
                return $yarn;
            }
        }

        return null;
    }

    /** The same plan with the piece of the same key replaced. */
    public function withPiece(Piece $changed): self
    {
        $pieces = array_map(static fn (Piece $piece): Piece => $piece->key === $changed->key ? $changed : $piece, $this->pieces);

        return $this->withPieces($pieces);
    }

    /** @param list<Piece> $pieces */
    public function withPieces(array $pieces): self
    {
        return new self($this->title, $this->terms, $this->hand, $this->units, $this->yarns, $this->gauge, $this->yarnUse, $pieces, $this->lean, $this->marker);
    }

    /** @param non-empty-list<Yarn> $yarns */
    public function withYarns(array $yarns): self
    {
        return new self($this->title, $this->terms, $this->hand, $this->units, $yarns, $this->gauge, $this->yarnUse, $this->pieces, $this->lean, $this->marker);
    }

    public function withYarnUse(YarnUse $yarnUse): self
    {
        return new self($this->title, $this->terms, $this->hand, $this->units, $this->yarns, $this->gauge, $yarnUse, $this->pieces, $this->lean, $this->marker);
    }

    /** The same typed words read as another country's. */
    public function readIn(Terms $terms): self
    {
        return new self($this->title, $terms, $this->hand, $this->units, $this->yarns, $this->gauge, $this->yarnUse, $this->pieces, $this->lean, $this->marker);
    }

    /** Stitches that each round of the piece sits back against the working direction. */
    public function leanOf(Piece $piece): float
    {
        return $piece->lean ?? $this->lean ?? self::USUAL_LEAN;
    }

    public function withLean(float $lean): self
    {
        return new self($this->title, $this->terms, $this->hand, $this->units, $this->yarns, $this->gauge, $this->yarnUse, $this->pieces, $lean, $this->marker);
    }
}

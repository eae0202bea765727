<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\WaySaid;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** One change, as a method's instructions name what belongs to it. */
final readonly class ChangeSaid implements WaySaid
{
    public function __construct(
        private Change $change,
        private Piece $piece,
        private Fabric $fabric,
        private Reading $reading,
        private YarnWords $yarns,
        private SideWords $sides,
        private Vocabulary $vocabulary,
        private ?string $cover,
    ) {
    }

    public function stitch(Stitch $stitch): string
    {
        return $this->vocabulary->abbreviation($stitch);
    }

    public function last(): string
    {
        return $this->stitch($this->hasMoved()
            ? Stitch::Single
            : Stitch::ofCode($this->fabric->rounds[$this->change->place->round - 1]->tops[$this->change->place->stitch - 1]));
    }

    public function old(): string
    {
        return $this->yarns->named($this->change->yarns->from);
    }

    public function new(): string
    {
        return $this->yarns->named($this->change->yarns->to);
    }

    public function newLetter(): string
    {
        return $this->yarns->letter($this->change->yarns->to);
    }

    public function round(): int
    {
        return $this->change->place->treated;
    }

    public function once(): string
    {
        return $this->piece->worked->once();
    }

    public function isJoined(): bool
    {
        return Worked::Joined === $this->piece->worked;
    }

    public function increases(): bool
    {
        return $this->reading->rounds[$this->change->place->treated]->startsWith(Stitch::Increase);
    }

    public function hasMoved(): bool
    {
        return $this->change->treatment->onward > 0;
    }

    public function place(): string
    {
        $begins = ($this->piece->changes->at[$this->change->place->treated] ?? null)->begins ?? ChangeAt::BACK;

        return "into stitch {$this->counted($begins)}, counted from the fastened-off one, ".match (true) {
            abs($begins) >= 179.5 => $this->sides->opposite,
            abs($begins) < 0.5 => $this->sides->atZero,
            default => round(abs($begins)).'° '.($begins > 0 ? 'on from' : 'before')." {$this->sides->zero}",
        };
    }

    /** Which stitch of the round that ends the next one begins in, from where its yarn was fastened off. */
    private function counted(float $begins): int
    {
        $makes = $this->fabric->rounds[$this->change->place->treated - 1]->makes;
        $turns = ($this->piece->frontDegrees + $begins - $this->change->place->degrees) / 360.0;
        $stitches = (int) round(($turns - floor($turns)) * $makes);

        return 0 === $stitches ? $makes : $stitches;
    }

    public function away(): string
    {
        return $this->sides->away($this->change->place->fromFront);
    }

    public function hidden(): string
    {
        return $this->sides->hidden;
    }

    public function choosesSide(): string
    {
        return $this->sides->choose;
    }

    public function shows(): bool
    {
        return $this->change->shows();
    }

    public function isStacked(): bool
    {
        return $this->change->treatment->isStacked;
    }

    public function isOfPlaces(): bool
    {
        return $this->change->place->isOfPlaces;
    }

    public function cover(): ?string
    {
        return $this->cover;
    }
}

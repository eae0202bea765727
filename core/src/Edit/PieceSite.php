<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Thread\UsualSite;

/** A piece that something is to be put on, as it stands. */
final readonly class PieceSite implements UsualSite
{
    /** Where eyes are, as a share of the height; of what lies, of its length from the tail on. */
    private const EYES = 0.55;
    private const EYES_LYING = 0.8;

    public function __construct(private Plan $plan, private Piece $piece, private Frame $frame)
    {
    }

    public function eyesApart(): float
    {
        return $this->piece->eyes()->place->apart ?? $this->share(5);
    }

    public function widest(): int
    {
        return max([1, ...$this->frame->counts]);
    }

    public function joinedTo(): ?string
    {
        foreach ($this->plan->assembly as $joint) {
            if (\in_array($this->piece->key, [$joint->part, $joint->onto], true)) {
                return $this->piece->key === $joint->part ? $joint->onto : $joint->part;
            }
        }

        return null;
    }

    public function rounds(): int
    {
        return $this->frame->rounds();
    }

    public function below(float $height): int
    {
        return $this->frame->beginsAtTop() ? $this->rounds() - $this->level($height) : $this->level($height);
    }

    public function at(float $height, ?float $apart = null, float $fromFront = 0.0): Place
    {
        return $this->on($this->level($height), $apart, $fromFront);
    }

    public function underEyes(int $rounds, ?float $apart = null): Place
    {
        $eyes = $this->piece->eyes();
        // The mouth of what lies is nearer to the end of its face.
        $down = $this->frame->beginsAtTop() === $this->frame->lies() ? -$rounds : $rounds;

        return null === $eyes
            ? $this->on(max(1, min($this->rounds() - 1, $this->level($this->eyesHeight()) + $down)), $apart)
            : new Place(Anchor::Placement, of: $eyes->key, offset: $down, apart: $apart);
    }

    public function eyesHeight(): float
    {
        return $this->frame->lies() ? self::EYES_LYING : self::EYES;
    }

    /** Where it hangs level: in the middle of its upper end; of what lies, in the middle of its back. */
    public function top(): Place
    {
        return $this->frame->lies() ? $this->at(0.5) : new Place(Anchor::Pole, $this->frame->beginsAtTop() ? 1 : 2);
    }

    /** @return float stitches between the two of a pair that are so small a share of the way around apart */
    public function share(int $of): float
    {
        return max(2.0, round($this->widest() / $of));
    }

    /** No farther apart than the round there is wide. */
    private function on(int $round, ?float $apart, float $fromFront = 0.0): Place
    {
        $apart = null === $apart ? null : max(1.0, min($apart, $this->frame->makes($round) - 1.0));

        return new Place(Anchor::Round, $round, apart: $apart, fromFront: $fromFront);
    }

    /** @return int the round at such a share of the height */
    private function level(float $height): int
    {
        $from = $this->frame->beginsAtTop() ? 1.0 - $height : $height;

        return max(1, min($this->rounds() - 1, (int) round($from * $this->rounds())));
    }
}

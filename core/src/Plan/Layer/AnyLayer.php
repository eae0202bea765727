<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** What a kind of layer answers unless it knows better. */
trait AnyLayer
{
    public function isWhole(): bool
    {
        return false;
    }

    public function pictured(): ?RoundRange
    {
        return null;
    }

    public function pictureHeight(): int
    {
        return 0;
    }

    public function facesFront(): bool
    {
        return false;
    }

    public function scattered(): ?RoundRange
    {
        return null;
    }

    public function fades(): ?RoundRange
    {
        return null;
    }

    public function spiral(): ?Helix
    {
        return null;
    }

    public function heights(): array
    {
        return [];
    }

    public function cutStripe(int $last): ?CutStripe
    {
        return null;
    }

    public function joined(Layer $above): ?self
    {
        return null;
    }

    public function byHand(): ?HandSet
    {
        return null;
    }
}

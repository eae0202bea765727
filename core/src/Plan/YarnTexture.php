<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What a yarn's surface is like. A new one is a case here, and its word in the contract. */
enum YarnTexture: string
{
    case Smooth = 'smooth';
    /** Fibres stand off it: mohair, brushed alpaca. */
    case Fuzzy = 'fuzzy';
    /** A pile in place of plies: chenille, velvet. */
    case Plush = 'plush';

    /** Whether its stitches are hard to see. */
    public function hidesStitches(): bool
    {
        return self::Smooth !== $this;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Limits;

/** An edit that does not fit the plan it was asked of. */
final class EditRefused extends \RuntimeException
{
    public static function fullOfPieces(): self
    {
        return new self('A plan can have '.Limits::PIECES.' pieces at the most.');
    }

    public static function pastedTooManyPieces(): self
    {
        return new self('A plan can have '.Limits::PIECES.' pieces at the most. Paste this in parts, or into a plan of its own.');
    }

    public static function noPiece(string $key): self
    {
        return new self("The plan has no piece “{$key}”.");
    }
}

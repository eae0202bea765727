<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** An edit that does not fit the plan it was asked of. */
final class EditRefused extends \RuntimeException
{
    public function __construct(public readonly Message $says)
    {
        parent::__construct($says->code);
    }

    public static function because(string $code, int|float|string|Message ...$values): self
    {
        return new self(Message::of($code, ...$values));
    }

    public static function fullOfPieces(): self
    {
        return self::because('edit.fullOfPieces', most: Limits::PIECES);
    }

    public static function pastedTooManyPieces(): self
    {
        return self::because('paste.tooManyPieces', most: Limits::PIECES);
    }

    public static function noPiece(string $key): self
    {
        return self::because('edit.noPiece', piece: $key);
    }
}

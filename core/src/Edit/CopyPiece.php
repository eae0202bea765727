<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** A piece once more, after all others, as it is by then. */
final readonly class CopyPiece implements EditKind
{
    /**
     * @param string $piece the key of what is copied
     * @param string $key   of the copy: Piece::KEY, and free
     * @param string $name  of the copy
     */
    public function __construct(private string $piece, private string $key, private string $name)
    {
    }

    public static function words(): array
    {
        return ['copy'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->text('piece', 40),
            $fields->text('key', 40, Piece::KEY, Message::of('field.key')),
            $fields->line('name', Limits::NAME),
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if (null !== $plan->piece($this->key)) {
            throw EditRefused::because('edit.sameKey', piece: $this->key);
        }
        if (\count($plan->pieces) >= Limits::PIECES) {
            throw EditRefused::fullOfPieces();
        }

        return $plan->withPieces([...$plan->pieces, $piece->again($this->key, $this->name)]);
    }

    public function inWords(): string
    {
        return 'A piece copied';
    }
}

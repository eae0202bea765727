<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** Where the slip stitch goes that closes a joined round. */
enum Closing: string implements PieceSetting
{
    case FirstStitch = 'first-stitch';
    /** The back loop of the first stitch: the seam wanders less to the side and shows less. */
    case BackLoop = 'back-loop';

    public static function field(): string
    {
        return 'closing';
    }

    public static function in(Fields $piece): self
    {
        return $piece->oneOf(self::field(), self::class);
    }

    public function values(): ?string
    {
        return self::FirstStitch === $this ? null : $this->value;
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Piece;

/** How many jogs of a piece show with a change line, and how many where the yarns change at the marker. */
final readonly class LineCompared
{
    private function __construct(public int $jogs, public int $showOnLine, public int $showAtMarker)
    {
    }

    /** @param Treatments $treatments as the piece has them now */
    public static function of(Piece $piece, Fabric $fabric, Colouring $byRounds, Treatments $treatments): self
    {
        $line = $piece->changes->line ?? ChangeAt::BACK;
        $isOnLine = [] !== array_filter($treatments->at, static fn (Treatment $treatment): bool => null !== $treatment->line);
        $treated = $isOnLine
            ? Treatments::of($piece->withChanges($piece->changes->withLine(null)), $fabric, $byRounds, $piece->frontDegrees)->at
            : $treatments->at;

        return new self(
            \count($treated),
            Sight::shows(abs($line)) ? \count($treated) : 0,
            \count(array_filter(
                $treated,
                static fn (Treatment $treatment): bool => Sight::showsAt($treatment->degrees, $piece->frontDegrees),
            )),
        );
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\Face;
use Alternum\Core\Plan\Piece;

/** What comes into a face that is to stay plain. */
final readonly class FaceCheck
{
    /**
     * @param list<int> $parted      rounds in which the colour changes within it
     * @param list<int> $steps       rounds at whose end a step lies in it
     * @param bool      $isAllAround no other side would mend that
     */
    private function __construct(public array $parted, public array $steps, public bool $isAllAround = false)
    {
    }

    public static function of(Piece $piece, Frame $frame, Colouring $colouring, Changes $changes): self
    {
        $face = $piece->face;
        if (null === $face) {
            return new self([], []);
        }
        $parted = [];
        for ($round = $face->from; $round <= min($face->to, $frame->rounds()); ++$round) {
            if (self::isParted($frame, $round, $face, $colouring->rounds[$round - 1])) {
                $parted[] = $round;
            }
        }
        $steps = [];
        foreach ($changes->jogs() as $change) {
            if ($change->place->round >= $face->from - 1 && $change->place->round <= $face->to && $change->place->fromFront <= $face->degrees / 2) {
                $steps[] = $change->place->round;
            }
        }

        return new self($parted, $steps, $face->degrees >= 360.0);
    }

    private static function isParted(Frame $frame, int $round, Face $face, string $letters): bool
    {
        $makes = $frame->makes($round);
        $stitches = max(1, min($makes, (int) round($face->degrees / 360.0 * $makes)));
        $begin = $frame->stitch($round, $frame->along($round, 0.0) - $stitches / 2 + 0.5) - 1;
        $seen = substr($letters.$letters, $begin, $stitches);

        return strspn($seen, $seen[0]) < \strlen($seen);
    }
}

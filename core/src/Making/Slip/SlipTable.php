<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Worked;

/** What a round may have instead of its stitches by one mistake, why, and how one goes on with it. */
final readonly class SlipTable
{
    public function __construct(private Reading $reading, private Frame $frame, private Colouring $colouring, private Worked $worked)
    {
    }

    /** @return array<int, Slip> by how many stitches more than planned; below 0: fewer */
    public function of(int $number): array
    {
        $round = $this->reading->rounds[$number - 1];
        $isIntoRing = 1 === $number && $this->reading->isRing;
        $causes = [];
        foreach ($round->readable ? Cause::cases() : [] as $cause) {
            if ($isIntoRing || (Cause::PastTheMarker === $cause && Worked::Rows === $this->worked)) {
                continue;
            }
            foreach ($cause->makes($round, $this->isAfterSlip($number)) as $by) {
                $causes[$by][] = $cause;
            }
        }
        if ($isIntoRing) {
            // There is nothing below that could be skipped: it was counted wrong.
            $causes = [-1 => [], 1 => []];
        }
        ksort($causes);
        $slips = [];
        foreach ($causes as $by => $all) {
            if ($round->makes + $by > 0) {
                $slips[$by] = new Slip(Diagnosis::of($all), Mending::of($this->reading, $this->frame, $this->colouring, $number, $by));
            }
        }

        return $slips;
    }

    /** A slip stitch that closes the round below, or begins it, is easily taken for a stitch to be worked into. */
    private function isAfterSlip(int $number): bool
    {
        $below = $this->reading->rounds[$number - 2] ?? null;

        return null !== $below && (Worked::Spiral !== $this->worked || null !== $below->closed || self::hasSlip($below));
    }

    private static function hasSlip(Round $round): bool
    {
        return str_contains($round->codes, Stitch::SlipStitch->code());
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

/**
 * What one copy of a piece takes of each of its yarns, before it is known how long a stitch of each is: stitches in
 * single crochets' worth, and lengths of tails and of what passes inside. Sums of its ledger.
 */
final readonly class PieceLengths
{
    /**
     * @param array<string, int>   $stitches made, by yarn
     * @param array<string, float> $worth    the same in single crochets' worth of yarn
     * @param array<string, float> $joins    chains and slip stitches that begin, lift, close or bridge, in single crochets' worth
     * @param array<string, float> $tails    mm
     * @param array<string, float> $carries  mm
     * @param array<string, float> $floats   mm
     * @param array<string, float> $threads  mm
     * @param array<string, float> $sewing   mm that hold it, its own tail among them
     * @param bool                 $isSewn   its own tail holds it
     * @param float                $changed  mm of the tails that changes make
     * @param float                $left     ends that are still to be hidden when the piece is worked, but for the one that sews it on
     */
    private function __construct(
        public array $stitches,
        public array $worth,
        public array $joins,
        public array $tails,
        public array $carries,
        public array $floats,
        public array $threads,
        public array $sewing,
        private bool $isSewn,
        private float $changed,
        private float $left,
    ) {
    }

    public static function of(Ledger $ledger): self
    {
        $stitches = $worth = [];
        $sums = array_fill_keys(array_map(static fn (YarnPurpose $purpose): string => $purpose->value, YarnPurpose::cases()), []);
        $changed = $left = 0.0;
        $isSewn = false;
        foreach ($ledger->entries as $entry) {
            $yarn = $entry->yarn;
            $left += $entry->ends;
            if (YarnPurpose::Stitches === $entry->purpose) {
                $stitches[$yarn] = ($stitches[$yarn] ?? 0) + $entry->stitches;
                $worth[$yarn] = ($worth[$yarn] ?? 0.0) + $entry->worth;
            } else {
                // What joins is in single crochets' worth, all else in mm.
                $sums[$entry->purpose->value][$yarn] = ($sums[$entry->purpose->value][$yarn] ?? 0.0) + $entry->worth + $entry->mm;
                $isSewn = $isSewn || (YarnPurpose::Sewing === $entry->purpose && 0.0 === $entry->ends);
                $changed += $entry->isChange && YarnPurpose::Tails === $entry->purpose ? $entry->mm : 0.0;
            }
        }

        return new self(
            stitches: $stitches, worth: $worth, joins: $sums[YarnPurpose::Joins->value], tails: $sums[YarnPurpose::Tails->value],
            carries: $sums[YarnPurpose::Carries->value], floats: $sums[YarnPurpose::Floats->value], threads: $sums[YarnPurpose::Thread->value],
            sewing: $sums[YarnPurpose::Sewing->value], isSewn: $isSewn, changed: $changed, left: $left,
        );
    }

    /** Ends of one copy that are to be hidden, the one that sews it on among them. */
    public function ends(): int
    {
        return (int) round($this->left) + ($this->isSewn ? 1 : 0);
    }

    /**
     * Yarn that the changes of one copy take beside the stitches: their tails, what is carried and what floats.
     *
     * @return float mm
     */
    public function onChanging(): float
    {
        return $this->changed + array_sum($this->carries) + array_sum($this->floats);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** What experienced makers would say of a piece's colours before it is worked. All of it is common practice, no source. */
final readonly class Tips
{
    /** So many changes in a round are as many as most will work. */
    private const BUSY = 10;
    /** A single stitch above another so many times is a line, and fewer are spots. */
    private const LINE = 3;

    public function __construct(
        private Plan $plan,
        private Piece $piece,
        private Reading $reading,
        private Fabric $fabric,
        private Frame $frame,
        private Colouring $colouring,
        private Changes $changes,
    ) {
    }

    /** @return list<Tip> those of the layers first, in their order */
    public function all(): array
    {
        $tips = [];
        foreach ($this->piece->colours as $entry) {
            if (!$entry->isHidden) {
                array_push($tips, ...$this->ofLayer($entry));
            }
        }
        array_push($tips, ...$this->thinLines(), ...$this->busy());
        $jogs = array_map(static fn (Change $jog): int => $jog->place->round, $this->changes->jogs());
        if ($this->piece->copies->count > 1 && [] !== $jogs) {
            $tips[] = new Tip(TipKind::PairedLimbs, $jogs, figure: $this->piece->copies->count);
        }

        return $tips;
    }

    /** @return list<Tip> */
    private function ofLayer(LayerEntry $entry): array
    {
        $layer = $entry->layer;
        $rounds = $this->reading->rounds;
        $cut = $layer->cutStripe(\count($rounds));
        if (null !== $cut) {
            return [new Tip(TipKind::CutStripe, range($cut->seen->from, $cut->seen->to), $cut->yarn, figure: $cut->height)];
        }
        [$range, $high] = [$layer->pictured(), $layer->pictureHeight()];
        if (null === $range) {
            return [];
        }
        $under = \array_slice($rounds, $range->from - 1, max(0, $range->to - $range->from + $high));
        if ([] === array_filter($under, static fn (Round $round): bool => $round->number > 1 && $round->makes !== $round->uses)) {
            return [];
        }
        $shaped = [];
        foreach (PlacedCloth::colouredBy($entry, $this->plan, $this->fabric, $this->reading, $this->frame) as $i => $letters) {
            if (self::isShapedUnder($rounds[$i], $letters)) {
                $shaped[] = $i + 1;
            }
        }

        return [] === $shaped ? [] : [new Tip(
            TipKind::ShapedPicture,
            $shaped,
            name: '' === $entry->name ? $layer->inWords() : $entry->name,
            better: self::even($rounds, $range->from, $high),
        )];
    }

    /** @param string $letters Motif::CLEAR for each stitch that the picture leaves */
    private static function isShapedUnder(Round $round, string $letters): bool
    {
        if ($round->number < 2 || '' === trim($letters, Motif::CLEAR)) {
            return false;
        }
        $top = 0;
        for ($i = 0, $end = \strlen($round->codes); $i < $end; ++$i) {
            $stitch = Stitch::ofCode($round->codes[$i]);
            if ($stitch->makes() !== $stitch->uses() && '' !== trim(substr($letters, $top, max(1, $stitch->makes())), Motif::CLEAR)) {
                return true;
            }
            $top += $stitch->makes();
        }

        return false;
    }

    /**
     * The nearest stretch of rounds without shaping.
     *
     * @param list<Round> $rounds
     */
    private static function even(array $rounds, int $from, int $high): ?RoundRange
    {
        $best = null;
        $length = 0;
        foreach ($rounds as $i => $round) {
            $length = $i > 0 && $round->makes === $round->uses && $round->makes === $rounds[$i - 1]->makes ? $length + 1 : 0;
            if ($length >= $high) {
                // Of the places that it has in this stretch, the one nearest to where it begins now.
                $first = max($i + 2 - $length, min($from, $i + 2 - $high));
                $best = null === $best || abs($first - $from) < abs($best - $from) ? $first : $best;
            }
        }

        return null === $best ? null : new RoundRange($best, $best + $high - 1);
    }

    /** @return list<Tip> a line of single stitches above one another, for each yarn that has one */
    private function thinLines(): array
    {
        /** @var array<string, array<int, int>> $open by yarn and stitch: how many single ones stand above one another up to there */
        $open = [];
        $lines = [];
        $scattered = $this->scattered();
        foreach ($this->colouring->rounds as $i => $letters) {
            $round = $i + 1;
            $singles = [];
            $stitch = 1;
            $isPlain = isset($scattered[$round]) || strspn($letters, $letters[0]) === \strlen($letters);
            foreach ($isPlain ? [] : Colouring::runs($letters) as $run) {
                if (1 === $run->stitches && $stitch > 1 && $stitch < \strlen($letters)) {
                    $high = 1 + ($round > 1 ? $this->standingUnder($round, $stitch, $open[$run->yarn] ?? []) : 0);
                    $singles[$run->yarn][$stitch] = $high;
                    // The first two of a line are known to be some of it when the third is found.
                    for ($back = $high > self::LINE ? $round : $round - self::LINE + 1; $high >= self::LINE && $back <= $round; ++$back) {
                        $lines[$run->yarn][$back] = true;
                    }
                }
                $stitch += $run->stitches;
            }
            $open = $singles;
        }
        $tips = [];
        foreach ($lines as $yarn => $rounds) {
            ksort($rounds);
            $tips[] = new Tip(TipKind::ThinLine, array_keys($rounds), (string) $yarn);
        }

        return $tips;
    }

    /** @param array<int, int> $open by stitch of the round below */
    private function standingUnder(int $round, int $stitch, array $open): int
    {
        if ([] === $open) {
            return 0;
        }
        $below = $this->frame->stitch($round - 1, $this->frame->along($round - 1, $this->frame->fromFront($round, $stitch)));

        return max($open[$below] ?? 0, $open[$below - 1] ?? 0, $open[$below + 1] ?? 0);
    }

    /** @return array<int, true> rounds whose single stitches are meant to be single */
    private function scattered(): array
    {
        $rounds = [];
        foreach ($this->piece->colours as $entry) {
            $scattered = $entry->isHidden ? null : $entry->layer->scattered();
            if (null !== $scattered) {
                $rounds += array_fill_keys(range($scattered->from, $scattered->to), true);
            }
        }

        return $rounds;
    }

    /** @return list<Tip> */
    private function busy(): array
    {
        $fades = array_filter(array_map(
            static fn (LayerEntry $entry): ?RoundRange => $entry->isHidden ? null : $entry->layer->fades(),
            $this->piece->colours,
        ));
        $within = $rounds = [];
        foreach ([] === $fades ? [] : $this->changes->all as $change) {
            if ($change->place->isWithin()) {
                $within[$change->place->round] = ($within[$change->place->round] ?? 0) + 1;
            }
        }
        foreach ($fades as $fade) {
            $rounds += array_filter(
                $within,
                static fn (int $times, int $round): bool => $times > self::BUSY && $fade->from <= $round && $round <= $fade->to,
                \ARRAY_FILTER_USE_BOTH,
            );
        }

        return [] === $rounds ? [] : [new Tip(TipKind::BusyFade, array_keys($rounds), figure: max($rounds))];
    }
}

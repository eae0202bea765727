<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\FabricRound;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\HelixPart;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\YarnUse;
use Alternum\Core\Toy\LaidThread;
use Alternum\Core\Toy\PartTail;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Toy\PieceThreads;

/** Every length of yarn that one copy of a piece takes, in working order: all sums are made of it. */
final readonly class Ledger
{
    /** @param list<LedgerEntry> $entries */
    private function __construct(public array $entries)
    {
    }

    /** @param Joins $joins chains and slip stitches that are not among the rounds' stitches */
    public static function of(Fabric $fabric, Frame $frame, Colouring $colouring, Changes $changes, Gauge $gauge, Joins $joins, Ends $ends, YarnUse $use): self
    {
        $entries = [];
        $first = $colouring->rounds[0] ?? '';
        $inHand = '' === $first ? null : $first[0];
        $attached = null === $inHand ? [] : [$inHand => true];
        if (null !== $inHand) {
            $entries[] = new LedgerEntry(
                round: 1, from: 0, to: 0, purpose: YarnPurpose::Tails, yarn: $inHand, mm: $ends->beginning * $ends->startCm * 10.0,
                ends: $ends->isHidden ? $ends->beginning : 0.0,
            );
        }
        $next = 0;
        foreach ($fabric->rounds as $i => $round) {
            $letters = $colouring->rounds[$i];
            $number = $i + 1;
            // What lifts a round is worked in its first yarn, what closes it in its last.
            $entries[] = new LedgerEntry(round: $number, from: 0, to: 0, purpose: YarnPurpose::Joins, yarn: $letters[0], worth: $joins->before[$i]);
            array_push($entries, ...self::stitches($round, $number, $letters));
            $entries[] = new LedgerEntry(
                round: $number, from: $round->makes, to: $round->makes, purpose: YarnPurpose::Joins, yarn: $letters[-1], worth: $joins->after[$i],
            );
            for (; isset($changes->all[$next]) && $changes->all[$next]->place->round === $number; ++$next) {
                $change = $changes->all[$next];
                array_push($entries, ...self::change($change, $fabric, $frame, $gauge, $use, isset($attached[$change->yarns->to])));
                $attached[$change->yarns->to] = true;
                if (OldYarn::Cut === $change->yarns->old) {
                    unset($attached[$change->yarns->from]);
                }
                $inHand = $change->yarns->to;
            }
        }
        if (null !== $inHand) {
            $last = \count($fabric->rounds);
            if ($ends->isLevelled) {
                $entries[] = new LedgerEntry(
                    round: $last, from: $frame->makes($last), to: $frame->makes($last), purpose: YarnPurpose::Joins, yarn: $inHand,
                    worth: Stitch::SlipStitch->yarnFactor(),
                );
            }
            $entries[] = $ends->isSewn
                ? new LedgerEntry(
                    round: $last, from: $frame->makes($last), to: $frame->makes($last), purpose: YarnPurpose::Sewing, yarn: $inHand, mm: $ends->endCm * 10.0,
                )
                : new LedgerEntry(
                    round: $last, from: $frame->makes($last), to: $frame->makes($last), purpose: YarnPurpose::Tails, yarn: $inHand,
                    mm: $ends->end * $ends->endCm * 10.0, ends: $ends->end,
                );
        }

        return new self($entries);
    }

    /**
     * The same with what is embroidered once it is worked.
     *
     * @param array<string, int> $strands of each yarn that are held together
     */
    public function withThreads(PieceThreads $threads, array $strands): self
    {
        $entries = array_map(static fn (LaidThread $laid): LedgerEntry => new LedgerEntry(
            round: max(1, $laid->spot->round),
            from: 0,
            to: 0,
            purpose: YarnPurpose::Thread,
            yarn: $laid->thread->yarn,
            // Lengths are of the yarn as it is worked with, with all its strands.
            mm: $laid->mm() * ($laid->thread->strands ?? $strands[$laid->thread->yarn] ?? 1) / ($strands[$laid->thread->yarn] ?? 1),
            ends: $laid->thread->kind->hasTails() ? 2.0 : 0.0,
        ), $threads->all);

        return [] === $entries ? $this : new self([...$this->entries, ...$entries]);
    }

    /**
     * The same with the threads that hold it on others where its own tail does not.
     *
     * @param int $copies of the piece, over which what only some of them take is shared out
     */
    public function withSeams(Plan $plan, PieceAsPart $part, int $copies): self
    {
        $entries = [];
        foreach ($plan->assembly as $joint) {
            if ($joint->part === $part->key && $joint->isWithNew && \count($part->counts) > 0) {
                $share = $joint->count() / max(1, $copies);
                $entries[] = new LedgerEntry(
                    round: \count($part->counts), from: 0, to: 0, purpose: YarnPurpose::Sewing, yarn: $part->lastYarn,
                    mm: $share * PartTail::needs($joint, $part), ends: 2.0 * $share,
                );
            }
        }

        return [] === $entries ? $this : new self([...$this->entries, ...$entries]);
    }

    /** @return list<LedgerEntry> one for each run in one yarn, and one for what stands out between its stitches */
    private static function stitches(FabricRound $round, int $number, string $letters): array
    {
        $entries = [];
        $at = 0;
        foreach (Colouring::runs($letters) as $run) {
            $entries[] = new LedgerEntry(
                round: $number, from: $at + 1, to: $at + $run->stitches, purpose: YarnPurpose::Stitches, yarn: $run->yarn, stitches: $run->stitches,
                worth: self::worth(substr($round->tops, $at, $run->stitches)),
            );
            $at += $run->stitches;
        }
        foreach ($round->besides as $top => $besides) {
            $entries[] = new LedgerEntry(
                round: $number, from: $top, to: $top, purpose: YarnPurpose::Stitches, yarn: $letters[min($top, $round->makes - 1)], worth: $besides,
            );
        }

        return $entries;
    }

    /**
     * @param bool $isAttached the new yarn hangs there already
     *
     * @return list<LedgerEntry>
     */
    private static function change(Change $change, Fabric $fabric, Frame $frame, Gauge $gauge, YarnUse $use, bool $isAttached): array
    {
        $yarns = $change->yarns;
        $entry = static fn (YarnPurpose $purpose, string $yarn, float $mm, float $ends = 0.0): LedgerEntry => new LedgerEntry(
            round: $change->place->round, from: $change->place->stitch, to: $change->place->stitch, purpose: $purpose, yarn: $yarn, mm: $mm, ends: $ends,
            isChange: true,
        );
        $entries = match ($yarns->old) {
            OldYarn::Cut => [$entry(YarnPurpose::Tails, $yarns->from, $yarns->oldTail->cm($use) * 10.0, $yarns->oldTail->isLeft() ? 1.0 : 0.0)],
            OldYarn::Carry => [$entry(YarnPurpose::Carries, $yarns->from, self::carried($change, $fabric, $frame))],
            OldYarn::Over => [$entry(YarnPurpose::Floats, $yarns->from, self::over($change, $frame) * $gauge->stitchWidthMm())],
            OldYarn::Float => [$entry(YarnPurpose::Floats, $yarns->from, $yarns->passes * $gauge->stitchWidthMm())],
            OldYarn::Wait => [],
        };
        if (!$isAttached) {
            $entries[] = $entry(YarnPurpose::Tails, $yarns->to, $yarns->newTail->cm($use) * 10.0, $yarns->newTail->isLeft() ? 1.0 : 0.0);
        }
        if (null !== $yarns->slips) {
            $entries[] = new LedgerEntry(
                round: $change->place->round, from: $yarns->slips + 1, to: $yarns->slips + 1, purpose: YarnPurpose::Stitches,
                yarn: HelixPart::Begins === $yarns->helix ? $yarns->to : $yarns->from,
                worth: Stitch::SlipStitch->yarnFactor() - Stitch::Single->yarnFactor(), isChange: true,
            );
        }
        if ($change->place->isJog) {
            $way = Ways::of($change->treatment->method);
            $worth = [
                [$yarns->from, $way->oldYarn($frame->isJoined())],
                [$yarns->to, $way->newYarn($frame->isJoined(), Stitch::ofCode($fabric->rounds[$change->place->treated]->tops[0]))],
            ];
            foreach ($worth as [$yarn, $singles]) {
                $entries[] = new LedgerEntry(
                    round: $change->place->round, from: $change->place->stitch, to: $change->place->stitch, purpose: YarnPurpose::Stitches, yarn: $yarn,
                    worth: $singles, isChange: true,
                );
            }
        }

        return $entries;
    }

    private static function worth(string $tops): float
    {
        $worth = 0.0;
        foreach (count_chars($tops, 1) as $byte => $times) {
            $worth += $times * Stitch::ofCode(\chr($byte))->yarnFactor();
        }

        return $worth;
    }

    /** @return int stitches that are worked over a yarn until it comes back */
    public static function over(Change $change, Frame $frame): int
    {
        $back = $change->yarns->backRound ?? $change->place->round;
        $stitches = ($change->yarns->backStitch ?? 1) - 1 - $change->place->stitch;
        for ($round = $change->place->round; $round < $back; ++$round) {
            $stitches += $frame->makes($round);
        }

        return max(0, $stitches);
    }

    /** The straight way, in mm, up inside from where a yarn is left to where it is taken up. */
    public static function carried(Change $change, Fabric $fabric, Frame $frame): float
    {
        $back = $change->yarns->backRound ?? $change->place->round;
        $up = 0.0;
        for ($round = $change->place->round + 1; $round < $back || ($round === $back && !$change->place->isAtEnd); ++$round) {
            $up += $fabric->rounds[$round - 1]->height;
        }
        $place = $frame->degrees($back, ($change->yarns->backStitch ?? 1) - 1);
        $along = $frame->isFlat() ? 0.0 : Turn::apart($place, $change->place->degrees) / 360.0 * 2 * \M_PI * $fabric->rounds[$back - 1]->radius;

        return hypot($up, $along);
    }
}

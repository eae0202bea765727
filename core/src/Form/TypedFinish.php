<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\CueMeaning;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Finish\Finish;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Finish\Stuffing;

/** What a piece's own words say of how it begins and ends: "stuff firmly", "fasten off, leaving a 30 cm tail". */
final readonly class TypedFinish
{
    /**
     * @param list<int> $stuffed  rounds after which the maker’s words say to stuff
     * @param bool      $fastened they say to cut the yarn at the end
     * @param bool      $weaves   they say to weave in all ends there
     * @param bool      $hides    they say to hide the tail there, so that it sews nothing on
     */
    private function __construct(public Finish $finish, public array $stuffed, public bool $fastened, public bool $weaves, public bool $hides)
    {
    }

    public static function in(Reading $reading): self
    {
        $ring = $start = $end = $tail = $turned = $drawn = $firmness = null;
        $clear = '';
        $fastened = $weaves = $hides = false;
        $stuffed = [];
        $last = \count($reading->rounds);
        foreach (self::said($reading) as [$after, $means]) {
            $ring ??= self::ring($means, $after);
            $start ??= $means->start;
            if (!$means->isOfStart && $after === $last && null === $means->drawn) {
                $end = true === $end?->closes() ? $end : $means->end ?? $end;
                $tail = $means->tail->cm ?? $tail;
                $fastened = $fastened || $means->fastens;
                $weaves = $weaves || $means->weavesEnds;
                $hides = $hides || $means->hidesTail;
            }
            $turned ??= $means->turnsOut ? $after : null;
            $drawn ??= $means->drawn;
            if ($means->stuffs) {
                $stuffed[] = $after;
                $firmness = $means->firmness ?? $firmness;
            }
            $clear = '' === $clear ? $means->clear : $clear;
        }

        return new self(
            new Finish(
                ring: $ring,
                start: $start,
                end: $end,
                tailCm: $tail,
                turned: $turned,
                stuffing: new Stuffing([] === $stuffed ? null : $firmness, clear: $clear),
                drawn: $drawn,
            ),
            array_values(array_unique($stuffed)),
            $fastened,
            $weaves,
            $hides,
        );
    }

    /** @return list<array{int, CueMeaning}> after which round, and what, in the order of the rounds */
    private static function said(Reading $reading): array
    {
        $said = [];
        foreach ($reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                if (CueKind::Yarn !== $cue->kind) {
                    $said[] = [$round->number, $cue->meaning()];
                }
            }
        }
        foreach ($reading->said as $one) {
            if (CueKind::Yarn !== $one->kind) {
                $said[] = [$one->after, $one->meaning()];
            }
        }
        usort($said, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $said;
    }

    /** Drawn tight later it is no ring any more. */
    private static function ring(CueMeaning $means, int $after): ?RingDrawn
    {
        if (!$means->tightensRing || $after > 3) {
            return null;
        }

        return $after >= 2 || $means->ringWaits ? RingDrawn::AfterSecondRound : RingDrawn::AtOnce;
    }
}

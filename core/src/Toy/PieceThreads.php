<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Locator;
use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Thread\Thread;
use Alternum\Core\Plan\Thread\ThreadStroke;

/** The threads of a piece as they lie on it, and what is wrong with those that lie nowhere. */
final readonly class PieceThreads
{
    /** Nearer to an end than so many rounds still lies on the piece. */
    private const OVER = 0.51;
    /** More than so many knots or seeds find no room in a stitch: common practice, no source. */
    private const TO_A_STITCH = 3.0;

    /**
     * @param list<LaidThread> $all
     * @param list<Problem>    $problems
     */
    private function __construct(public array $all, public array $problems)
    {
    }

    /**
     * @param Locator                  $locator which has found the piece's placements, so that threads may name them
     * @param \Closure(Piece): FarSite $far     gives another piece, for what ends on that
     */
    public static function of(Plan $plan, Piece $piece, Frame $frame, PieceForm $form, Locator $locator, \Closure $far): self
    {
        $laid = $problems = [];
        $lengthwise = $form->isOval ? 0.0 : $piece->frontDegrees + 90.0;
        [$surface, $before] = [Surface::stuffed($form, $lengthwise), Surface::unstuffed($form, $lengthwise)];
        foreach ($piece->threads as $i => $thread) {
            $spot = $locator->find($thread->key, $thread->named(), $thread->place);
            if ($spot instanceof Message) {
                $problems[] = Problem::atPath("thread[{$i}].at", $spot);
                continue;
            }
            if (null !== $thread->kind->farEnd()) {
                $way = WayOver::of($plan, $piece, $frame, $form, $locator, $thread, $spot, $far);
                if ($way instanceof Message) {
                    $problems[] = Problem::atPath("thread[{$i}].to", $way);
                } else {
                    $laid[] = new LaidThread(
                        thread: $thread, spot: $spot, strokes: $way->strokes, seenMm: $way->mm, insideMm: 0.0, slackMm: 0.0,
                        endsMm: \count($spot->degrees) * self::ends($plan),
                        far: $way->far,
                    );
                }
                continue;
            }
            $strokes = self::strokes($thread, $spot, $frame);
            $levels = array_merge([], ...array_map(static fn (array $stroke): array => [$stroke[0][0], $stroke[1][0]], $strokes));
            if ([] !== $levels && (min($levels) < -self::OVER || max($levels) > $frame->rounds() + self::OVER)) {
                $problems[] = Problem::atPath("thread[{$i}].at", Message::of(
                    'thread.outside',
                    named: $thread->named(), from: (int) floor(min($levels)), to: (int) ceil(max($levels)), last: $frame->rounds(),
                ));
                continue;
            }
            $unfit = self::unfit($thread, $spot, $frame);
            if (null !== $unfit) {
                $problems[] = Problem::atPath("thread[{$i}]", $unfit)->asNote();
            }
            $laid[] = self::laid($plan, $thread, $spot, $strokes, $surface, $before);
        }

        return new self($laid, $problems);
    }

    public function thread(string $key): ?LaidThread
    {
        foreach ($this->all as $laid) {
            if ($key === $laid->thread->key) {
                return $laid;
            }
        }

        return null;
    }

    /** @return list<array{array{float, float}, array{float, float}, float}> from, to, and what each mm of it takes */
    private static function strokes(Thread $thread, Spot $spot, Frame $frame): array
    {
        $up = $frame->beginsAtTop() ? -1.0 : 1.0;
        $own = $thread->kind->strokes(new SpotSite($frame, $spot));
        $strokes = [];
        foreach ($spot->degrees as $degrees) {
            array_push($strokes, ...array_map(static fn (ThreadStroke $stroke): array => [
                [$spot->level() + $up * $stroke->fromUp, $degrees + $stroke->from],
                [$spot->level() + $up * $stroke->toUp, $degrees + $stroke->to],
                $stroke->takes,
            ], $own));
        }

        return $strokes;
    }

    /** What a hand cannot make of it where it is. */
    private static function unfit(Thread $thread, Spot $spot, Frame $frame): ?Message
    {
        $site = new SpotSite($frame, $spot);
        $round = max(1, $spot->round);
        $degrees = array_merge([], ...array_map(static fn (ThreadStroke $stroke): array => [$stroke->from, $stroke->to], $thread->kind->strokes($site)));
        $reach = max([0.0, ...$degrees]) - min([0.0, ...$degrees]);
        // From its first stitch to its last, all the way around, it meets itself.
        if (!$thread->kind->windsAround() && $reach > 360.5) {
            return Message::of(
                'thread.around',
                named: $thread->named(), stitches: (int) round($reach / $site->degrees(1.0)), round: $round, makes: $frame->makes($round),
            );
        }
        $each = $thread->kind->toAStitch($site);

        return $each > self::TO_A_STITCH ? Message::of('thread.crowded', named: $thread->named(), each: round($each, 1), round: $round) : null;
    }

    /** @return float mm of its two tails */
    private static function ends(Plan $plan): float
    {
        return 2 * $plan->yarnUse->tailCm * 10.0;
    }

    /** @param list<array{array{float, float}, array{float, float}, float}> $strokes */
    private static function laid(Plan $plan, Thread $thread, Spot $spot, array $strokes, Surface $surface, Surface $before): LaidThread
    {
        $seen = $inside = $unstuffed = 0.0;
        foreach ($strokes as $i => [$from, $to, $takes]) {
            $seen += $takes * $surface->along($from, $to);
            $unstuffed += $takes * $before->along($from, $to);
            if ($i > 0 && $thread->kind->hasTails()) {
                $way = [[$strokes[$i - 1][1][0], $strokes[$i - 1][1][1]], $from];
                $inside += $surface->through(...$way);
                $unstuffed += $before->through(...$way);
            }
        }
        $seen += \count($spot->degrees) * $thread->kind->besidesMm();

        return new LaidThread(
            thread: $thread,
            spot: $spot,
            strokes: array_map(static fn (array $stroke): array => [$stroke[0], $stroke[1]], $strokes),
            seenMm: $seen,
            insideMm: $inside,
            endsMm: $thread->kind->hasTails() ? self::ends($plan) : 0.0,
            slackMm: $thread->isOpen ? max(0.0, $seen + $inside - $unstuffed - \count($spot->degrees) * $thread->kind->besidesMm()) : 0.0,
        );
    }
}

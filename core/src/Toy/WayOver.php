<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Locator;
use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Thread\Thread;

/** The way of a thread from one piece over the seam to another: along the first to where the two are joined, and on along the second. */
final readonly class WayOver
{
    /**
     * @param list<array{array{float, float}, array{float, float}}> $strokes on the first piece, as LaidThread has them
     * @param float                                                 $mm      of the whole way, of a pair both
     */
    private function __construct(public array $strokes, public float $mm, public FarSpot $far)
    {
    }

    /**
     * @param Spot                     $spot    where it begins
     * @param Locator                  $locator of the first piece, which has found its placements
     * @param \Closure(Piece): FarSite $far     gives another piece
     */
    public static function of(
        Plan $plan,
        Piece $piece,
        Frame $frame,
        PieceForm $form,
        Locator $locator,
        Thread $thread,
        Spot $spot,
        \Closure $far,
    ): self|Message {
        $end = $thread->kind->farEnd();
        $other = null === $end ? null : $plan->piece($end->piece);
        if (null === $end || null === $other || $other->key === $piece->key) {
            return Message::of('thread.noOther', named: $thread->named());
        }
        $joint = self::between($plan, $piece, $other);
        if (null === $joint) {
            return Message::of('thread.notJoined', named: $thread->named(), piece: $piece->name, other: $other->name);
        }
        $site = $far($other);
        if ([] === $site->frame->counts) {
            return Message::of('joint.noRounds', piece: $other->name);
        }
        $to = $site->locator->find("end {$thread->key}", $thread->named(), $end->place);
        if ($to instanceof Message) {
            return $to;
        }
        $own = self::seat($plan, $piece, $joint, $frame, $locator, $spot);
        $its = self::seat($plan, $other, $joint, $site->frame, $site->locator, $to);
        if (null === $own || null === $its) {
            return Message::of('thread.notJoined', named: $thread->named(), piece: $piece->name, other: $other->name);
        }
        $surface = Surface::stuffed($form, $form->isOval ? 0.0 : $piece->frontDegrees + 90.0);
        $beyond = Surface::stuffed($site->form, $site->form->isOval ? 0.0 : $other->frontDegrees + 90.0);
        $strokes = [];
        $mm = 0.0;
        foreach ($spot->degrees as $i => $degrees) {
            $from = [$spot->level(), $degrees];
            $seam = [$own->level(), self::near($degrees, $own->degrees[$i] ?? $own->degrees[0])];
            $strokes[] = [$from, $seam];
            $ends = $to->degrees[$i] ?? $to->degrees[0];
            $begins = [$its->level(), self::near($ends, $its->degrees[$i] ?? $its->degrees[0])];
            $mm += $surface->along($from, $seam) + $beyond->along($begins, [$to->level(), $ends]);
        }

        return new self($strokes, $mm, new FarSpot($other->name, $to, $site->frame->rounds(), $joint->key));
    }

    private static function between(Plan $plan, Piece $one, Piece $other): ?Joint
    {
        foreach ($plan->assembly as $joint) {
            if ([$joint->part, $joint->onto] === [$one->key, $other->key] || [$joint->part, $joint->onto] === [$other->key, $one->key]) {
                return $joint;
            }
        }

        return null;
    }

    /** Where the two are joined, on one of them: its edge in line with the thread where it is put on, else where the other is put on it. */
    private static function seat(Plan $plan, Piece $piece, Joint $joint, Frame $frame, Locator $locator, Spot $spot): ?Spot
    {
        if ($joint->part === $piece->key) {
            return new Spot($frame->rounds(), false, false, $spot->degrees, $spot->after);
        }
        foreach ($plan->assembly as $one) {
            $seat = $one->onto === $piece->key ? $locator->find(Locator::joint($one->key), $one->key, $one->place) : null;
            if ($one === $joint) {
                return $seat instanceof Spot ? $seat : null;
            }
        }

        return null;
    }

    /** The same place around, no more than half a turn from another. */
    private static function near(float $degrees, float $other): float
    {
        return $other - 360.0 * round(($other - $degrees) / 360.0);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\Way;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Worked;

/** The new yarn with the last yarn over of the last stitch in the old one, and nothing else. The others do more, or less. */
class Plain implements Way
{
    public static function method(): Method
    {
        return Method::Plain;
    }

    public function step(): float
    {
        return 1.0;
    }

    public function edge(): JoinEdge
    {
        return JoinEdge::plain();
    }

    public function fits(ChangeSite $site): bool
    {
        return !$site->isJoined();
    }

    public function instead(ChangeSite $site): Method
    {
        return $site->isJoined() ? Method::ClosedRound : Method::Plain;
    }

    public function moves(ChangeSite $site): float
    {
        return 0.0;
    }

    public function offset(): int
    {
        return 0;
    }

    public function parts(): bool
    {
        return false;
    }

    public function oldYarn(bool $isJoined): float
    {
        return 0.0;
    }

    public function newYarn(bool $isJoined, Stitch $first): float
    {
        return 0.0;
    }

    public function label(): string
    {
        return 'plain change';
    }

    public function short(): string
    {
        return $this->label();
    }

    public function leaves(): string
    {
        return 'a jog of one round';
    }

    public function slipsFirst(): bool
    {
        return false;
    }

    public function needsCover(): bool
    {
        return false;
    }

    public function isApt(bool $holds, bool $isStacked): bool
    {
        return true;
    }

    public function typedAs(): ?YarnWay
    {
        return null;
    }

    public function isInNotes(): bool
    {
        return Method::Plain === static::method();
    }

    public function isDefinedOnce(): bool
    {
        return !$this->isInNotes() && !$this->needsCover() && null === $this->inRound('', '', '');
    }

    public function isSaidInRound(Worked $worked): bool
    {
        return $this->isInNotes();
    }

    public function inRound(string $from, string $to, string $single): ?string
    {
        return null;
    }

    public function whyChosen(WaySaid $words): string
    {
        return 'You chose it.';
    }

    public function whyTaken(WaySaid $words): string
    {
        return match (true) {
            !$words->shows() => "The jog lies {$words->away()}, where it is not seen: a plain change is quickest.",
            $words->isStacked() => "The jog shows, {$words->away()}; slip stitches stacked in round after round would pucker, so the change stays plain."
                ." {$words->choosesSide()}, or let rounds change yarn on a line {$words->hidden()}.",
            default => "The jog shows, {$words->away()}; the next {$words->once()} does not start with a single stitch, so a slip stitch cannot stand for it."
                ." {$words->choosesSide()} so this falls {$words->hidden()}.",
        };
    }

    public function whyCut(): ?string
    {
        return null;
    }

    public function drawing(): Series
    {
        return new Series('A plain change', [
            new Drawing(
                'Work the last stitch of the round to its last yarn over: two loops are on the hook.',
                Sketch::rows('ooo')->hook(3, 'oo')->behind(Ink::Old, 3, 5),
            ),
            new Drawing('Lay the new yarn over the hook.', Sketch::rows('ooo')->behind(Ink::Old, 3, 5)->hook(3, 'oo', Ink::New)),
            new Drawing(
                'Pull it through both loops: the loop of the next stitch is in the new yarn.',
                Sketch::rows('oooo')->behind(Ink::Old, 3, 5)->hook(4, 'n'),
            ),
            new Drawing('Go on in the new yarn.', Sketch::rows('oooonn')->hook(6, 'n')),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        return ["Work the last {$words->last()} in {$words->old()} to the last yarn over; finish with {$words->new()}."];
    }
}

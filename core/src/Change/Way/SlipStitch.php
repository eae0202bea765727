<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The new round starts with a slip stitch in place of its first stitch, or with a slip stitch and a stitch in place of an increase. */
final class SlipStitch extends Plain
{
    public static function method(): Method
    {
        return Method::SlipStitch;
    }

    public function step(): float
    {
        return 0.5;
    }

    /** The low first stitch draws the stitch below it up. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.0, 0.0, 0.5, 1.5);
    }

    /** It can stand for a single crochet, not for a decrease, nor for a taller stitch; joined rounds start with a chain. */
    public function fits(ChangeSite $site): bool
    {
        return !$site->isJoined() && Stitch::Single === $site->next;
    }

    public function newYarn(bool $isJoined, Stitch $first): float
    {
        return Stitch::SlipStitch->yarnFactor() - $first->yarnFactor();
    }

    public function label(): string
    {
        return 'start with a sl st';
    }

    public function short(): string
    {
        return 'start: sl st';
    }

    public function leaves(): string
    {
        return 'a jog of about ½ round';
    }

    public function slipsFirst(): bool
    {
        return true;
    }

    public function isApt(bool $holds, bool $isStacked): bool
    {
        return !$isStacked;
    }

    public function whyChosen(WaySaid $words): string
    {
        return parent::whyChosen($words).($words->isStacked()
            ? " Slip stitches stacked in round after round pucker: nine of them are six rounds short. A change line, or a plain change {$words->hidden()},"
                .' shows less.'
            : '');
    }

    public function whyTaken(WaySaid $words): string
    {
        return $words->isOfPlaces()
            ? "The jog would show, {$words->away()}; pulling the loop through would move the picture that makes it, so a slip stitch halves it."
            : "The jog would show, {$words->away()}; a stripe of one round cannot hold the loop down, so a slip stitch halves it.";
    }

    public function drawing(): Series
    {
        return new Series('Start with a slip stitch', [
            new Drawing('Finish the last stitch of the round with the new yarn.', Sketch::rows('oooo')->hook(4, 'n')),
            new Drawing(
                'Insert the hook in the next stitch, the first of the round, and lay the yarn over.',
                Sketch::rows('oooo')->into(4, 'n', Ink::New, isLower: true),
            ),
            new Drawing(
                'Pull it through the stitch and the loop at once: a slip stitch, which stands for the first stitch.',
                Sketch::rows('oooo')->through(4, Ink::New)->way(92, 74, 98, 36),
            ),
            new Drawing(
                'Work the second stitch as usual; a round later, work into the slip stitch as into any other.',
                Sketch::rows('oooo n')->hook(6, 'n'),
            ),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        $next = $words->round() + 1;
        $slip = $words->stitch(Stitch::SlipStitch);
        $single = $words->stitch(Stitch::Single);

        return [...parent::toDo($words), $words->increases()
            ? "Start {$words->once()} {$next} with a {$slip} and a {$single} in the same stitch: they are its first increase."
            : "Start {$words->once()} {$next} with a {$slip} in the first stitch, in place of its {$single}: it counts as one."];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The new round starts with a slip stitch in place of its first stitch, or with a slip stitch and a stitch in place of an increase. */
final class SlipStitchFirst extends PlainChange
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

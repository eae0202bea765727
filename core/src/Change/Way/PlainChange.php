<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\Way;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/** The new yarn with the last yarn over of the last stitch in the old one, and nothing else. The others do more, or less. */
class PlainChange implements Way
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

    public function toDo(WaySaid $words): array
    {
        return ["Work the last {$words->last()} in {$words->old()} to the last yarn over; finish with {$words->new()}."];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\StepSite;

/** What is embroidered while the piece is open: once the rounds that it lies on are worked, its ends on the inside. */
final readonly class LayThreadInside extends LayThread implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        foreach ($site->threads->all as $laid) {
            if ($laid->thread->isOpen && null === $laid->far) {
                yield new self($site->after(min($site->last(), $laid->lastRound() + 1)), $laid);
            }
        }
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}

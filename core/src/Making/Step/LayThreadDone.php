<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\StepSite;

/** What is embroidered when the piece is done. */
final readonly class LayThreadDone extends LayThread implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        foreach ($site->threads->all as $laid) {
            if (!$laid->thread->isOpen && null === $laid->far) {
                yield new self($site->after($site->last()), $laid);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Making\Step\DrawIn;

/** Why a piece begins and ends as it does. */
final class FinishWords
{
    /** Why it ends so. */
    public static function whyEnd(Finishing $finishing): string
    {
        return match ($finishing->reasons[FinishPart::End->value]) {
            FinishReason::Chosen => 'You chose it.',
            FinishReason::Typed => 'Your words say it.',
            FinishReason::Closes => 'So few stitches are drawn closed.',
            FinishReason::GoesOn => 'Another piece is worked on from it.',
            FinishReason::Flat => 'It is flat.',
            FinishReason::Alone => 'It stays open, and there is nothing to sew it to.',
            default => 'It stays open, so it is sewn to another.',
        };
    }

    /** Why its tail is so long. */
    public static function whyTail(Finishing $finishing): string
    {
        return match (true) {
            $finishing->isTooShort() => DrawIn::tooShort($finishing),
            FinishReason::Chosen === $finishing->reasons[FinishPart::Tail->value] => 'You chose it.',
            FinishReason::Typed === $finishing->reasons[FinishPart::Tail->value] => 'Your words say it.',
            !$finishing->drawn->isNothing() => 'Long enough to draw the piece in, and to close it.',
            $finishing->sews => 'Long enough to sew with.',
            true === $finishing->end?->closes() => 'Closing takes 12 cm or more.',
            default => 'Long enough to be woven in.',
        };
    }

    /** Why the ring is drawn tight when it is. */
    public static function whyRing(Finishing $finishing): string
    {
        return match (true) {
            FinishReason::Chosen === $finishing->reasons[FinishPart::Ring->value] => 'You chose it.',
            FinishReason::Typed === $finishing->reasons[FinishPart::Ring->value] => 'Your words say it.',
            default => 'After two rounds the stitches hold it, and the tail does not slip.',
        };
    }

    /** Why the starting tail goes where it goes. */
    public static function whyStart(Finishing $finishing): string
    {
        return match (true) {
            FinishReason::Chosen === $finishing->reasons[FinishPart::Start->value] => 'You chose it.',
            FinishReason::Typed === $finishing->reasons[FinishPart::Start->value] => 'Your words say it.',
            default => 'Woven in, it keeps the ring from opening.',
        };
    }

    /** Why it is stuffed so. */
    public static function whyStuffed(Finishing $finishing): string
    {
        return match ($finishing->reasons[FinishPart::Stuffing->value]) {
            FinishReason::Chosen => 'You chose it.',
            FinishReason::Typed => 'Your words say it.',
            FinishReason::Closes => 'What is closed takes more stuffing than one thinks.',
            FinishReason::Narrow => 'It is too narrow for fingers: push a little in at a time.',
            FinishReason::Flat => 'It is flat.',
            default => 'It is stuffed through its opening.',
        };
    }
}

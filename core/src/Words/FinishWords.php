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
            FinishReason::Edging => 'It runs along an edge, and there is nothing to close.',
            FinishReason::StandsOff => 'It is worked on the piece that it belongs to.',
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
            default => 'Drawn closed at once it stays out of the way; after two rounds it is snugged once more.',
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
            FinishReason::TooNarrow => 'It is too narrow for stuffing: its own ends fill it.',
            FinishReason::Bears => 'It carries the rest, so it is stuffed firmly.',
            FinishReason::Limb => 'It is to stay soft, so that it lies where it is sewn.',
            FinishReason::Between => 'Two layers are stuffed between, lightly, before they are closed.',
            FinishReason::Layer => 'It is one of two layers: what goes in goes between them.',
            FinishReason::Flattened => 'It is pressed flat.',
            FinishReason::LeftOpen => 'It stays open: what is put in would fall out.',
            FinishReason::Cup => 'It is a cup, as open as it is wide.',
            FinishReason::Worn => 'By its name it is put over something.',
            FinishReason::Named => 'By its name it is flat.',
            FinishReason::Frill => 'It is a frill.',
            FinishReason::StandsOff => 'It stands off the piece that it is worked on.',
            FinishReason::Edging, FinishReason::Flat => 'It is flat.',
            default => 'It is stuffed through its opening.',
        };
    }
}

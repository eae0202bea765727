<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Plan\Message;

/** Words that ask for more rounds of shaping, "continue increasing every other round until there are 24 sts", and say none of them. */
final class UnreadShaping
{
    private const ASKS = '/\b(?:continu\w*|keep\w*|go on|going on|carry on|proceed)\b[^.;]*\b(?:increas|decreas)\w*\b|'
        .'\b(?:increase|decrease|inc|dec)\b[^.;]*\b(?:every|each)\s+(?:other\s+|second\s+|\d(?:nd|rd|th)\s+)?(?:round|rnd|row)s?\b/iu';
    /** "as the increases continue", "do not decrease", "when the decreases begin" */
    private const ASIDE = '/\b(?:as|while|when|before|after|until|once|not|don.t|without)\b[^.;]*\b(?:increas|decreas)\w*\b/iu';

    /** @return Fault|null at the cue's place; null: it asks for none */
    public static function in(Cue $cue): ?Fault
    {
        $isAsked = CueKind::Note === $cue->kind && 1 === preg_match(self::ASKS, $cue->text) && 1 !== preg_match(self::ASIDE, $cue->text);

        return $isAsked ? Fault::at($cue->span, Message::of('round.shapingUnread', words: $cue->text)) : null;
    }
}

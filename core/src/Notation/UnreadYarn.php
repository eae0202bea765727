<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Plan\Message;

/** Words beside stitches that speak of a yarn of the plan and were only taken for a remark: what they change must not be lost without a word. */
final class UnreadYarn
{
    private const KINDS = [CueKind::Note, CueKind::FastenOff, CueKind::Close, CueKind::Marker, CueKind::Turn, CueKind::Yarn];
    private const SPEAKS = '/\b(?:change\w*|chang\w*|switch\w*|swap\w*|finish\w*|complet\w*|clos\w*|end\w*|continu\w*|now|from|rest|remain\w*|last|next|work\w*'
        .'|until|again)\b[^.;]*?\b(?:to|in|with|into)\s+(?:the\s+)?(?:yarn\s+|colou?r\s+)?(?<yarn>\pL+)/iu';
    private const ASIDE = '/\b(?:embroider|sew|stitch(?:ed)? on|whip|surface|tail|thread|needle|marker|stuff)\b/i';
    private const AT_ROUND = '/\b(?:chang|switch|swap)\w*\b[^.;:]*\b(?:at|after|in|on|from)\s+(?:the\s+)?(?:(?:end|start|beginning) of\s+)?'
        .'(?:r|rd|rnd|round|row)s?\.?\s*#?(?<round>\d{1,3})\b/iu';
    /** "Stripe 2 rounds of each colour", "Stripe sequence: as you like over rounds 2-9", a line of its own. */
    private const SEQUENCE = '/^\W*(?:stripe|alternate)\b.*\b(?:rounds?|rnds?|rows?|r\d)\b|'
        .'^\W*(?:stripes?|colou?rs?|yarn)(?:[ -](?:sequence|pattern|order|changes|stripes?))?\s*:.*\b(?:rounds?|rnds?|rows?|r\d)\b|'
        .self::EVERY.'/iu';
    /** "Changing colour every 2 rounds", "alternate A and B every round", "in stripes of 2 rounds each" */
    private const EVERY = '\b(?:(?:chang|switch|swap)\w*\s+(?:the\s+)?(?:colou?rs?|yarns?)|alternat\w*|strip(?:e|es|ed|ing))\b.*'
        .'\b(?:every|each|per|of)\s+(?:other\s+|second\s+)?(?:(?:\d{1,2}|one|two|three|four|five)\s+)?(?:rounds?|rnds?|rows?)\b';
    /** "alternate 1 round A, 1 round B", beside a round's stitches */
    private const ALTERNATES = '/\balternat\w*\b|\bstrip(?:e|es|ed|ing)\b/iu';

    public static function in(Cue $cue, YarnNames $yarns): ?Fault
    {
        if (!\in_array($cue->kind, self::KINDS, true) || 1 === preg_match(self::ASIDE, $cue->text)) {
            return null;
        }
        $yarn = 1 === preg_match(self::SPEAKS, $cue->text, $match) ? $yarns->named($match['yarn']) : null;
        $yarn ??= 1 === preg_match(self::ALTERNATES, $cue->text) ? self::firstOf($cue->text, $yarns) : null;

        return match (true) {
            null !== $yarn => Fault::at($cue->span, Message::of('yarn.unread', words: $cue->text, yarn: $yarn)),
            1 === preg_match('/'.self::EVERY.'/iu', $cue->text) => Fault::at($cue->span, Message::of('yarn.unreadLine')),
            default => null,
        };
    }

    private static function firstOf(string $text, YarnNames $yarns): ?string
    {
        preg_match_all('/\pL+/u', $text, $words);
        foreach ($words[0] as $word) {
            $yarn = $yarns->named($word);
            if (null !== $yarn) {
                return $yarn;
            }
        }

        return null;
    }

    /**
     * A change that is said to be at the end of a round within those of its line, which a line makes at its end.
     *
     * @param int $from the first of the line's rounds
     * @param int $to   the last
     */
    public static function within(string $text, int $from, int $to): ?Fault
    {
        if ($from === $to || 1 !== preg_match(self::AT_ROUND, $text, $match, \PREG_OFFSET_CAPTURE) || (int) $match['round'][0] < $from
            || (int) $match['round'][0] >= $to) {
            return null;
        }
        $at = mb_strlen(substr($text, 0, $match[0][1]));

        return Fault::at(
            new Span($at, $at + mb_strlen($match[0][0])),
            Message::of('yarn.withinSpan', round: (int) $match['round'][0], from: $from, to: $to),
        );
    }

    /** Of a line that no stitch stands in, but for one that is said to be a remark: colours that are not laid. */
    public static function ofLine(string $text, Parsed $parsed): ?Fault
    {
        $isSaid = 1 === preg_match('/^\s*(?:#|\/\/|notes?\s*:)/i', $text);
        $isMeant = true === $parsed->yarns?->isSequence || 1 === preg_match(self::SEQUENCE, $text);

        return !$isSaid && $isMeant ? Fault::at(new Span(0, mb_strlen($text)), Message::of('yarn.unreadLine')) : null;
    }
}

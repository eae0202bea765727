<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Finish\Drawn;
use Alternum\Core\Plan\Finish\Finish;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Finish\Stuffing;
use Alternum\Core\Plan\Tail;

/** What a piece's own words say of how it begins and ends: "stuff firmly", "fasten off, leaving a 30 cm tail". */
final readonly class TypedFinish
{
    private const START = '/\b(?:start(?:ing)?|begin(?:ning)?|initial|first)[ -](?:yarn )?(?:tail|end)\b/i';

    /**
     * @param list<int> $stuffed  rounds after which her words say to stuff
     * @param bool      $fastened they say to cut the yarn at the end
     */
    private function __construct(public Finish $finish, public array $stuffed, public bool $fastened)
    {
    }

    public static function in(Reading $reading): self
    {
        $ring = $start = $end = $tail = $turned = $drawn = $firmness = null;
        $clear = '';
        $fastened = false;
        $stuffed = [];
        $last = \count($reading->rounds);
        foreach (self::said($reading) as [$after, $text]) {
            $isStart = self::says($text, self::START);
            $ring ??= self::ring($text, $after);
            $start ??= $isStart ? self::start($text) : null;
            if (!$isStart && $after === $last && null === self::drawn($text)) {
                $end = true === $end?->closes() ? $end : self::end($text) ?? $end;
                $tail = SaidTail::in($text)->cm ?? $tail;
                $fastened = $fastened || self::says($text, '/\bfasten(?:ing)?\b|\b(?:bind|cast|tie) off\b|\bFO\b|\b(?:cut|break) (?:the )?yarn\b|\btail\b/i');
            }
            $turned ??= self::says($text, '/\b(?:right side|outside|inside)[ -]?out\b|\binside to the outside\b/i')
                && self::says($text, '/\b(?:turn|flip|invert|push)/i') ? $after : null;
            $drawn ??= self::drawn($text);
            if (self::says($text, '/\b(?:re)?stuff(?!ing in)|\bfill\b/i')) {
                $stuffed[] = $after;
                $firmness = self::firmness($text) ?? $firmness;
            }
            $clear = '' === $clear ? self::clear($text) : $clear;
        }

        return new self(
            new Finish(
                ring: $ring,
                start: $start,
                end: $end,
                tailCm: $tail,
                turned: $turned,
                stuffing: new Stuffing([] === $stuffed ? null : $firmness, clear: $clear),
                drawn: $drawn,
            ),
            array_values(array_unique($stuffed)),
            $fastened,
        );
    }

    /** @return list<array{int, string}> after which round, and what, in the order of the rounds */
    private static function said(Reading $reading): array
    {
        $said = [];
        foreach ($reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                if (CueKind::Yarn !== $cue->kind) {
                    $said[] = [$round->number, $cue->text];
                }
            }
        }
        foreach ($reading->said as $one) {
            if (CueKind::Yarn !== $one->kind) {
                $said[] = [$one->after, $one->text];
            }
        }
        usort($said, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $said;
    }

    private static function ring(string $text, int $after): ?RingDrawn
    {
        if (1 !== preg_match('/\b(?:draw|pull|close|tighten|cinch)\b.*\b(?:ring|loop|circle|mr)\b|\btighten\b/i', $text) || $after > 3) {
            return null;
        }

        return $after >= 2 || self::says($text, '/\b(?:after|until|not before|once) (?:round |r|rnd )?(?:2|two|the second)/i')
            ? RingDrawn::AfterSecondRound
            : RingDrawn::AtOnce;
    }

    private static function start(string $text): ?Tail
    {
        return match (true) {
            self::says($text, '/\bover\b/i') => Tail::Over,
            self::says($text, '/\b(?:hang|outside|loop)/i') => Tail::Keep,
            self::says($text, '/\bsew/i') => Tail::Sew,
            self::says($text, '/\binside\b/i') => Tail::Inside,
            self::says($text, '/\bweave\b/i') => Tail::Weave,
            default => null,
        };
    }

    private static function end(string $text): ?PieceEnd
    {
        $loops = self::says($text, '/\bfront loops?\b|\bFLO?\b/i');
        $closes = $loops || self::says($text, '/\b(?:draw|pull|cinch|gather|sew|weave)[^.;]*\b(?:closed|shut|tight|together)\b/i')
            || self::says($text, '/\bclose\b[^.;]*\b(?:hole|opening|up|off|with the tail)\b|^close\b/i');

        return match (true) {
            self::says($text, '/\b(?:needle|invisible)[ -](?:join|finish|fasten)/i') => PieceEnd::NeedleJoin,
            self::says($text, '/\bflat(?:ten)?\b|\b(?:through|across) both (?:sides|layers|edges)\b|\bfold\b[^.;]*\b(?:edge|opening|half)\b/i')
                && !self::says($text, '/\bsew[^.;]*\bflat\b/i') => PieceEnd::Flat,
            $closes && self::says($text, '/\bevery (?:second|other)\b|\bskip/i') => PieceEnd::EverySecond,
            $closes && self::says($text, '/\btwice\b|\bsecond time\b/i') => PieceEnd::Twice,
            $closes && !self::says($text, '/\b(?:ring|mr|circle)\b/i') => PieceEnd::FrontLoops,
            self::says($text, '/\b(?:for|to) (?:sew|attach)|\bsew\b[^.;]*\b(?:to|on|onto|flat)\b/i'),
            self::says($text, '/\blong (?:tail|end)\b/i') => PieceEnd::Sewn,
            self::says($text, '/\b(?:leave|stays?|keep)\b[^.;]*\bopen\b/i') => PieceEnd::Open,
            default => null,
        };
    }

    private static function firmness(string $text): ?Firmness
    {
        return match (true) {
            self::says($text, '/\b(?:do not|don\'?t|not|un|no)\W*(?:stuff|fill)/i') => Firmness::None,
            self::says($text, '/\bmedium\b|\bas usual\b/i') => Firmness::Usual,
            self::says($text, '/\bhalf\b/i') => Firmness::Half,
            self::says($text, '/\b(?:light|loose)ly\b|\ba little\b|\bsoftly\b/i') => Firmness::Light,
            self::says($text, '/\b(?:firm|tight|hard|well)(?:ly)?\b/i') => Firmness::Firm,
            default => null,
        };
    }

    private static function clear(string $text): string
    {
        return 1 === preg_match('/\b(?:keep|leave) (?<what>[^,;.]{2,60}?) (?:clear|empty|unstuffed|free|without stuffing)\b/i', $text, $match)
            ? $match['what']
            : '';
    }

    private static function drawn(string $text): ?Drawn
    {
        if (self::says($text, '/\b(?:pole to pole|through the (?:middle|centre|center))\b/i')) {
            $times = 1 === preg_match('/\b(\d{1,2}) (?:times|segments|sections)\b/i', $text, $match) ? (int) $match[1] : 1;

            return new Drawn(min(16, $times));
        }

        return self::says($text, '/\b(?:base|bottom|underside)\b[^.;]*\bflat\b/i') ? new Drawn(base: true) : null;
    }

    private static function says(string $text, string $pattern): bool
    {
        return 1 === preg_match($pattern, $text);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Finish\Drawn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Tail;

/**
 * What the words of a cue mean: "stuff firmly", "fasten off, leaving a 30 cm tail", "eyes between rounds 5 and 6". Here, and nowhere else;
 * whoever wants to know asks the cue for its meaning.
 */
final class CueGrammar
{
    private const REMEMBERED = 2000;
    private const RING = '/\b(?:draw|pull|close|tighten|cinch)\b.*\b(?:ring|loop|circle|mr)\b|\btighten\b/i';
    private const RING_WAITS = '/\b(?:after|until|not before|once) (?:round |r|rnd )?(?:2|two|the second)/i';
    private const START = '/\b(?:start(?:ing)?|begin(?:ning)?|initial|first)[ -](?:yarn )?(?:tail|end)\b/i';
    private const FASTENS = '/\bfasten(?:ing)?\b|\b(?:bind|cast|tie) off\b|\bFO\b|\b(?:cut|break) (?:the )?yarn\b|'
        .'\b(?:leav(?:e|es|ing)|finish(?:ing)?)\b[^.;]*\b(?:tail|end)\b|\blong (?:tail|end)\b/i';
    private const NEEDLE = '/\b(?:sew|sewn|sewing|needle|tail|weave|whipstitch|stitch(?:ed)? (?:it )?(?:up|shut|closed|together))\b/i';
    private const OUT = '/\b(?:right side|outside|inside)[ -]?out\b|\binside to the outside\b/i';
    private const TURNS = '/\b(?:turn|flip|invert|push)/i';
    private const STUFFS = '/\b(?:re)?stuff(?!ing in)|\bfill\b/i';
    private const SETS = '/\b(?:place|insert|attach|put|set|add|safety|fix|secure|install)/i';
    /** Sewn or embroidered it can be at any time, and words that name rounds say where, and are offered to be set there. */
    /** Before words of the whole toy that are kept with a piece. */
    public const ASSEMBLY = 'Assembly: ';

    private const NOT_NOW = '/\b(?:sew|embroider|stitch on|glue|felt|paint|rounds?|rnds?|rows?)\b|\br\d/i';
    private const BETWEEN = '/\b(?<what>eye|nose|button)s?\b.*?\bbetween\s+(?:r(?:ou)?n?ds?|r)?\.?\s*(?<first>\d{1,3})\s*(?:and|&|-|–|to|\/)\s*'
        .'(?:r(?:ou)?n?ds?|r)?\.?\s*(?<second>\d{1,3})/i';
    private const EYES = '/\b(\d{1,2}(?:\.\d)?)[ -]?mm\b[^.;]{0,40}\beyes?\b/i';
    private const APART = '/(\d{1,2})\s*(?:sts?|stitches|sc|dc)\b(?:\s*(?:apart|between))/i';

    /**
     * A typed line with the sizes in mm of eyes that it names as they are to be.
     *
     * @param \Closure(float): float $size what an eye of so many mm is to measure
     */
    public static function withEyes(string $line, \Closure $size): string
    {
        return (string) preg_replace_callback(
            self::EYES,
            static fn (array $found): string => substr_replace($found[0], (string) Number::plain($size((float) $found[1])), 0, \strlen($found[1])),
            $line,
        );
    }

    public static function of(string $text): CueMeaning
    {
        /** @var array<string, CueMeaning> $known */
        static $known = [];
        if (\count($known) >= self::REMEMBERED) {
            $known = [];
        }

        return $known[$text] ??= self::meaning($text);
    }

    private static function meaning(string $text): CueMeaning
    {
        // How the toy is put together says nothing of the piece that it stands under.
        $text = str_starts_with($text, self::ASSEMBLY) ? '' : $text;
        $isOfStart = self::says($text, self::START);

        return new CueMeaning(
            tightensRing: self::says($text, self::RING),
            ringWaits: self::says($text, self::RING_WAITS) && !self::says($text, '/\bat once\b/i'),
            isOfStart: $isOfStart,
            start: $isOfStart ? self::start($text) : null,
            end: $end = self::end($text),
            closesByHook: PieceEnd::Flat === $end && !self::says($text, self::NEEDLE),
            tail: SaidTail::in($text),
            fastens: self::says($text, self::FASTENS),
            turnsOut: self::says($text, self::OUT) && self::says($text, self::TURNS),
            stuffs: self::says($text, self::STUFFS),
            beginsStuffing: self::says($text, '/^\W*(?:re)?stuff/i'),
            firmness: self::firmness($text),
            clear: self::clear($text),
            drawn: self::drawn($text),
            glues: self::says($text, '/\bglue\b/i'),
            embroiders: self::says($text, '/\bembroider/i'),
            setsFromInside: self::says($text, self::SETS) && !self::says($text, self::NOT_NOW),
            place: self::place($text),
            eyesMm: 1 === preg_match(self::EYES, $text, $match) ? $match[1] : null,
            namesEyes: self::says($text, '/\b(?:safety|plastic) eyes\b/i'),
            weavesEnds: self::says($text, '/\b(?:weave|sew|hide|tuck|work)\b[^.;]*\bends\b/i'),
            hidesTail: self::says($text, '/\b(?:weave|hide|tuck|bury)\b[^.;]*\b(?:ends?|tails?)\b/i'),
            begins: SaidEnd::in($text),
        );
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
            self::says($text, '/\bflat(?:ten)?\b|\bpinch\b[^.;]*\b(?:together|closed|shut)\b|'
                .'\b(?:through|across) both (?:sides|layers|edges)\b|\bfold\b[^.;]*\b(?:edge|opening|half)\b/i')
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
        $isBase = self::says($text, '/\b(?:base|bottom|underside)\b[^.;]*\bflat\b/i');
        $isThrough = self::says($text, '/\bthrough the (?:middle|centre|center)\b/i');
        $isAround = self::says($text, '/\b(?:over the outside|grooves?|segments?|sections?)\b/i');
        if (self::says($text, '/\bpole to pole\b/i') || $isThrough && (!$isBase || $isAround)) {
            $times = 1 === preg_match('/\b(\d{1,2}) (?:times|segments|sections|grooves)\b/i', $text, $match) ? (int) $match[1] : 1;

            return new Drawn(min(16, $times), $isBase);
        }

        return $isBase ? new Drawn(base: true) : null;
    }

    private static function place(string $text): ?SaidPlace
    {
        if (1 !== preg_match(self::BETWEEN, $text, $match) || (int) $match['second'] !== (int) $match['first'] + 1) {
            return null;
        }

        return new SaidPlace(strtolower($match['what']), (int) $match['first'], 1 === preg_match(self::APART, $text, $apart) ? $apart[1] : null);
    }

    private static function says(string $text, string $pattern): bool
    {
        return 1 === preg_match($pattern, $text);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\TokenType;

/** Reads what is said to the maker beside the stitches: cues ("stuff now", "place eyes …") and notes in brackets. */
final class Remarks
{
    /** What a clause begins with that is a cue, and what it is about. */
    private const CUES = [
        'stuff' => CueKind::Stuff, 'stuffing' => CueKind::Stuff, 'fill' => CueKind::Stuff, 'restuff' => CueKind::Stuff,
        'insert' => CueKind::Part, 'place' => CueKind::Part, 'attach' => CueKind::Part, 'put' => CueKind::Part, 'position' => CueKind::Part,
        'add' => CueKind::Part, 'secure' => CueKind::Part, 'fix' => CueKind::Part, 'glue' => CueKind::Part, 'install' => CueKind::Part,
        'set' => CueKind::Part, 'eyes' => CueKind::Eyes, 'safety' => CueKind::Eyes,
        'fasten' => CueKind::FastenOff, 'fo' => CueKind::FastenOff, 'finish' => CueKind::FastenOff, 'finishing' => CueKind::FastenOff,
        'tie' => CueKind::FastenOff, 'bind' => CueKind::FastenOff, 'f' => CueKind::FastenOff, 'fastening' => CueKind::FastenOff,
        'end' => CueKind::FastenOff,
        'leave' => CueKind::Tail, 'leaving' => CueKind::Tail, 'cut' => CueKind::Tail, 'break' => CueKind::Tail, 'trim' => CueKind::Tail,
        'keep' => CueKind::Tail, 'with' => CueKind::Note, 'use' => CueKind::Note, 'using' => CueKind::Note,
        'turn' => CueKind::Turn, 'flip' => CueKind::Turn, 'rotate' => CueKind::Turn, 'invert' => CueKind::Turn, 'turning' => CueKind::Turn,
        'reverse' => CueKind::Turn,
        'sew' => CueKind::Sew, 'stitch' => CueKind::Sew, 'weave' => CueKind::Sew, 'hide' => CueKind::Sew, 'thread' => CueKind::Sew,
        'embroider' => CueKind::Sew, 'whipstitch' => CueKind::Sew, 'weaving' => CueKind::Sew, 'sewing' => CueKind::Sew, 'bury' => CueKind::Sew,
        'pin' => CueKind::Sew, 'knot' => CueKind::Sew,
        'close' => CueKind::Close, 'pull' => CueKind::Close, 'tighten' => CueKind::Close, 'cinch' => CueKind::Close, 'draw' => CueKind::Close,
        'gather' => CueKind::Close, 'closing' => CueKind::Close, 'flatten' => CueKind::Close, 'fold' => CueKind::Close, 'press' => CueKind::Close,
        'squeeze' => CueKind::Close, 'pinch' => CueKind::Close,
        'pm' => CueKind::Marker, 'marker' => CueKind::Marker, 'mark' => CueKind::Marker, 'move' => CueKind::Marker, 'remove' => CueKind::Marker,
        'sm' => CueKind::Marker, 'mm' => CueKind::Marker,
        'remember' => CueKind::Note, 'note' => CueKind::Note, 'not' => CueKind::Note, 'check' => CueKind::Note, 'you' => CueKind::Note,
        'this' => CueKind::Note, 'your' => CueKind::Note, 'be' => CueKind::Note, 'being' => CueKind::Note, 'do' => CueKind::Note,
        'dont' => CueKind::Note, "don't" => CueKind::Note, 'for' => CueKind::Note, 'the' => CueKind::Note, 'it' => CueKind::Note,
        'now' => CueKind::Note, 'make' => CueKind::Note, 'count' => CueKind::Note, 'hold' => CueKind::Note, 'drop' => CueKind::Yarn,
        'carry' => CueKind::Yarn, 'change' => CueKind::Yarn, 'changing' => CueKind::Yarn, 'pick' => CueKind::Yarn, 'join' => CueKind::Part,
        'rs' => CueKind::Note, 'ws' => CueKind::Note, 'right' => CueKind::Note, 'wrong' => CueKind::Note, 'start' => CueKind::Note,
        'begin' => CueKind::Note, 'optional' => CueKind::Note, 'if' => CueKind::Note, 'as' => CueKind::Note, 'that' => CueKind::Note,
        'here' => CueKind::Note, 'these' => CueKind::Note, 'there' => CueKind::Note, 'careful' => CueKind::Note, 'skip' => CueKind::Note,
        'take' => CueKind::Note, 'measure' => CueKind::Note, 'tail' => CueKind::Tail, 'opening' => CueKind::Close, 'leftover' => CueKind::Note,
        'once' => CueKind::Note, 'before' => CueKind::Note, 'after' => CueKind::Note, 'when' => CueKind::Note, 'while' => CueKind::Note,
        'iron' => CueKind::Note, 'block' => CueKind::Note, 'tug' => CueKind::Close, 'snip' => CueKind::Tail, 'slide' => CueKind::Note,
        'loosely' => CueKind::Note, 'tightly' => CueKind::Note, 'firmly' => CueKind::Stuff, 'lightly' => CueKind::Stuff, 'working' => CueKind::Note,
        'work' => CueKind::Note, 'each' => CueKind::Note, 'both' => CueKind::Note, 'about' => CueKind::Note, 'approx' => CueKind::Note,
        'approximately' => CueKind::Note, 'continue' => CueKind::Note, 'repeat' => CueKind::Note, 'in' => CueKind::Note, 'all' => CueKind::Note,
    ];
    /** These begin a clause that is a remark only where no stitch is named in it. */
    private const WEAK = [
        'with', 'use', 'using', 'the', 'it', 'this', 'now', 'make', 'for', 'join', 'as', 'start', 'begin', 'working', 'work',
        'each', 'both', 'all', 'in', 'stitch', 'repeat', 'continue', 'skip', 'turn', 'that', 'these', 'there', 'about', 'approx',
        'approximately', 'attach', 'add', 'place', 'put', 'set', 'if', 'you', 'end', 'make', 'count', 'before', 'after', 'when',
        'while', 'once', 'here', 'change', 'changing', 'drop', 'pick', 'carry', 'f', 'reverse',
    ];
    /** Of those, the ones that say to do something. */
    private const DOING = [
        'place', 'put', 'add', 'attach', 'set', 'turn', 'end', 'count', 'join', 'start', 'begin', 'reverse', 'change', 'changing',
        'drop', 'pick', 'carry', 'repeat', 'skip', 'stitch', 'continue',
    ];
    /** A word anywhere that tells of what a clause is. */
    private const ABOUT = [
        'eyes' => CueKind::Eyes,
        'eye' => CueKind::Eyes,
        'stuffing' => CueKind::Stuff,
        'stuff' => CueKind::Stuff,
        'marker' => CueKind::Marker,
        'tail' => CueKind::Tail,
    ];

    /** Signs after which a line is for people only. */
    public static function comment(Cursor $c): ?Cue
    {
        $from = $c->at;
        if (!('/' === $c->value() && '/' === $c->value(1)) && !('#' === $c->value() && $from > 0)) {
            return null;
        }
        $c->at = $c->tokens->count();

        return new Cue(CueKind::Note, trim($c->tokens->typed($from, $c->at), "/# \t"), $c->span($from));
    }

    /**
     * Adds a cue to what the line says. "place the eyes between rounds 5 and 6, 7 stitches apart" is one thing to do.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node> with the cue, or the last made longer by it
     */
    public static function added(Cursor $c, array $nodes, Cue $cue): array
    {
        $isOver = !$c->has() || ('.' === $c->value() && !$c->tokens->has($c->at + 1));
        if ($isOver && 1 === \count($nodes) && $nodes[0] instanceof YarnPhrase && $c->tokens->isAmong(0, 1, ['with', 'using'])) {
            // "With black thread, embroider a mouth.": the yarn is the cue's, no round's.
            $span = $nodes[0]->span->to($cue->span);

            return [new Cue($cue->kind, mb_substr($c->tokens->line, $span->from, $span->length()), $span)];
        }
        // "…, …" and "…, and …" are one thing to do.
        $end = \count($nodes) - 1;
        while ($end > 0 && $nodes[$end] instanceof Glue && \in_array($c->tokens->text[$nodes[$end]->span->from], [',', 'a'], true)) {
            --$end;
        }
        $before = $nodes[$end] ?? null;
        if (!$before instanceof Cue || CueKind::Fit === $before->kind || $end === \count($nodes) - 1) {
            return [...$nodes, $cue];
        }
        $span = $before->span->to($cue->span);

        return [...\array_slice($nodes, 0, $end), new Cue($before->kind, mb_substr($c->tokens->line, $span->from, $span->length()), $span)];
    }

    /**
     * A clause that says something to do, or that no stitch is named in.
     *
     * @param bool $after a count, a cue or a full stop stands before it, so that what follows is likely for people
     */
    public static function clause(Cursor $c, bool $after): ?Cue
    {
        $from = $c->at;
        $kind = self::CUES[$c->value()] ?? null;
        $isBegun = \in_array($c->value(), ['begin', 'start', 'finish', 'continue', 'add', 'keep'], true)
            && \in_array($c->value(1), ['stuffing', 'to', 'adding', 'filling', 'more'], true) && self::names($c, ['stuffing', 'stuff', 'filling']);
        $isStrong = $isBegun || (null !== $kind && !\in_array($c->value(), self::WEAK, true));
        if (!$isStrong && !$after && $from > 0
            && !$c->tokens->is($from - 1, TokenType::Separator, TokenType::Stop, TokenType::Dash, TokenType::Bar, TokenType::Close)) {
            // It goes on from stitches, so it is theirs.
            return null;
        }
        $end = self::end($c, $isStrong);
        if ($end === $from || (!$isStrong && self::saysStitches($c, $from, $end, $after))) {
            return null;
        }
        if (!$isStrong && !$after && !self::isProse($c, $from, $end)) {
            return null;
        }
        $c->at = $end;

        return new Cue(
            $isBegun ? CueKind::Stuff : self::kind($c, $from, $end, $kind ?? CueKind::Note),
            trim($c->tokens->typed($from, $end), ' *_'),
            $c->span($from),
        );
    }

    /** Where a clause ends: a strong one's stitches end only at a sign between clauses, or where "and" leads on to a new one. */
    private static function end(Cursor $c, bool $isStrong): int
    {
        $at = $c->at;
        for (; $c->tokens->has($at); ++$at) {
            if ($c->tokens->is($at, TokenType::Separator, TokenType::Bar, TokenType::Open, TokenType::Close, TokenType::Equals)
                || ($c->tokens->is($at, TokenType::Stop) && !self::isWithin($c, $at)) || ($c->tokens->is($at, TokenType::Dash) && !$c->tokens->isClose($at))) {
                break;
            }
            if ($c->tokens->is($at, TokenType::Star) && (!$c->tokens->has($at + 1) || $c->tokens->is($at + 1, TokenType::Stop))) {
                // "*place a marker*"
                break;
            }
            if ($at > $c->at && $isStrong && \in_array($c->tokens->value($at), ['and', 'then'], true)) {
                // A line without a head that says to flatten and work is one thing to do.
                $next = $at + ($c->begins > 0 && \in_array($c->tokens->value($at + 1), ['work', 'crochet', 'make', 'do'], true) ? 2 : 1);
                if (null !== $c->vocabulary->at($c->tokens, $next)
                    || (null !== $c->tokens->number($next) && null !== $c->vocabulary->at($c->tokens, $next + 1))) {
                    break;
                }
            }
        }

        return $at;
    }

    /** "1.5 cm", "approx. 30": a stop inside a figure or an abbreviation. */
    private static function isWithin(Cursor $c, int $at): bool
    {
        return $c->tokens->isClose($at + 1) && $c->tokens->isClose($at) && (null !== $c->tokens->number($at + 1) || $c->tokens->isWord($at + 1))
            && $at > $c->at && ':' !== $c->tokens->value($at);
    }

    private static function saysStitches(Cursor $c, int $from, int $end, bool $after): bool
    {
        if (\in_array($c->tokens->value($from), ['change', 'changing', 'switch', 'switching'], true) && $end - $from > 1
            && $c->tokens->isAmong($from, $end, ['to'])) {
            // A yarn is named that was not understood: that is no remark.
            return true;
        }
        for ($at = $from; $at < $end; ++$at) {
            $name = $c->vocabulary->at($c->tokens, $at);
            $isApart = \in_array($c->tokens->value($at + ($name->tokens ?? 1)), ['apart', 'between', 'from', 'away', 'above', 'below'], true);
            if ((null !== $name && !$isApart && !\in_array($c->tokens->value($at), ['single', 'double', 'loop', 'v', 'pop', 'chain', 'bo'], true))
                || $c->tokens->is($at, TokenType::Star) || ($c->tokens->is($at, TokenType::Times) && null !== $c->tokens->number($at + 1))) {
                return true;
            }
            if ((!$after || $end - $from < 3) && \in_array($c->tokens->value($at), ['around', 'mr', 'rep', 'repeat'], true)) {
                return true;
            }
        }

        return false;
    }

    /** Three words or more, none with a number before it: no slip of the pen. */
    private static function isProse(Cursor $c, int $from, int $end): bool
    {
        $words = 0;
        $isDone = \in_array($c->tokens->value($from), self::DOING, true);
        for ($at = $from; $at < $end; ++$at) {
            if (!$isDone && $c->tokens->is($at, TokenType::Number, TokenType::Other)
                && !\in_array($c->tokens->value($at), ['"', "'", '!', '?', '&', '/'], true)) {
                return false;
            }
            $words += $c->tokens->isWord($at) ? 1 : 0;
        }

        return $words >= ($isDone ? 2 : 3) || (1 <= $words && isset(self::ABOUT[$c->tokens->value($from)]));
    }

    /** @param list<string> $words */
    private static function names(Cursor $c, array $words): bool
    {
        for ($ahead = 0; $ahead < 8 && ($ahead < 1 || !$c->isClauseEnd($ahead)); ++$ahead) {
            if (\in_array($c->value($ahead), $words, true)) {
                return true;
            }
        }

        return false;
    }

    private static function kind(Cursor $c, int $from, int $end, CueKind $kind): CueKind
    {
        for ($at = $from; $at < $end; ++$at) {
            $about = self::ABOUT[$c->tokens->value($at)] ?? null;
            if (null !== $about && \in_array($kind, [CueKind::Part, CueKind::Note, CueKind::FastenOff, CueKind::Tail], true)
                && (CueKind::FastenOff !== $kind || CueKind::Tail === $about)) {
                return $about;
            }
        }

        return $kind;
    }

    /** Whether a bracket holds a note, not stitches: its words are none of the notation's. */
    public static function isBracketRemark(Cursor $c): bool
    {
        if (\in_array($c->value(1), ['counts', 'count', 'does', "doesn't", 'doesnt', 'not', 'do'], true) && null === $c->number(2)) {
            return true;
        }
        $words = 0;
        for ($ahead = 1; $c->tokens->has($c->at + $ahead) && !$c->isAhead($ahead, TokenType::Close); ++$ahead) {
            if (\in_array($c->value($ahead), ['together', 'tog'], true)
                && null !== $c->number($ahead - (\in_array($c->value($ahead - 1), Words::STITCHES, true) ? 2 : 1))) {
                // "(work 2 sts together)": stitches, though none is named.
                return false;
            }
            if (null !== $c->name($ahead) && 'loop' !== $c->value($ahead) && !\in_array($c->value($ahead + 1), ['apart'], true)
                || $c->isAhead($ahead, TokenType::Times, TokenType::Star, TokenType::Open)) {
                return false;
            }
            $words += $c->tokens->isWord($c->at + $ahead) && null === $c->number($ahead) && \strlen($c->value($ahead)) > 1 ? 1 : 0;
        }

        return $words >= 2 || (1 === $words && isset(self::CUES[$c->value(1)]) && !\in_array($c->value(1), self::WEAK, true));
    }

    /** "(this is the nose)", "(place marker here)", "(RS)": a note in brackets, whatever stands in it. */
    public static function bracket(Cursor $c): ?Cue
    {
        $from = $c->at;
        if (!$c->is(TokenType::Open)
            || !(self::isBracketRemark($c) || ($c->isAhead(2, TokenType::Close) && \in_array($c->value(1), ['rs', 'ws', 'optional'], true)))) {
            return null;
        }
        while ($c->has() && !$c->is(TokenType::Close)) {
            ++$c->at;
        }
        if (!$c->takeType(TokenType::Close)) {
            return $c->back($from);
        }
        $text = trim($c->tokens->typed($from + 1, $c->at - 1));

        return new Cue(self::kind($c, $from, $c->at, self::CUES[$c->tokens->value($from + 1)] ?? CueKind::Note), $text, $c->span($from));
    }
}

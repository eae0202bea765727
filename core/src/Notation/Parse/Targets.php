<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Reads what stitches go into: "in MR", "in 2nd ch from hook", "in next 3 sts", "in each st around", "in every other st". */
final class Targets
{
    /** What may begin to say where; a number may say how often in one. */
    private const FIRST = [
        'in' => 1, 'into' => 1, 'inside' => 1, 'on' => 1, 'onto' => 1, 'over' => 1, 'across' => 1, 'along' => 1, 'to' => 1,
        'through' => 1, 'around' => 1, 'of' => 1, 'each' => 1, 'every' => 1, 'all' => 1, 'ea' => 1, 'evry' => 1, 'per' => 1,
        'next' => 1, 'following' => 1, 'remaining' => 1, 'first' => 1, 'nxt' => 1, 'previous' => 1, 'unworked' => 1, 'free' => 1,
        'foll' => 1, 'rem' => 1, 'last' => 1, 'final' => 1, 'twice' => 1, 'thrice' => 1, 'two' => 1, 'three' => 1, 'four' => 1,
        'five' => 1, 'six' => 1, '2' => 1, '3' => 1, '4' => 1, '5' => 1, '6' => 1, 'the' => 1, 'a' => 1, 'an' => 1, 'only' => 1,
        'evenly' => 1, 'once' => 1, 'mr' => 1, 'same' => 1, 'back' => 1,
    ];

    private const NEXT = ['next', 'following', 'remaining', 'first', 'nxt', 'previous', 'unworked', 'free', 'foll', 'rem'];

    public static function of(Cursor $c): ?Target
    {
        if ($c->isBreak() || !isset(self::FIRST[$c->value()])) {
            return null;
        }
        $from = $c->at;
        if ('back' === $c->value()) {
            return self::backAlong($c);
        }
        $twice = self::timesInto($c);
        $c->skip('only', 'evenly', 'once');
        $in = $c->take(...Words::IN) || $c->take('over', 'across', 'along', 'to', 'through', 'inside', 'around', 'of');
        $preposition = $in ? $c->value(-1) : '';
        if (\in_array($preposition, ['in', 'into', 'inside'], true) && $c->take('it')) {
            return new Target(TargetKind::Ring);
        }
        $c->skip('of', 'the', 'a', 'an');
        if ($in && $c->tokens->isCapital($c->at - 1)) {
            // "in A" names a yarn.
            return $c->back($from);
        }
        if (!$in && $c->take('mr')) {
            return new Target(TargetKind::Ring);
        }
        $target = match (true) {
            $in && !\in_array($preposition, ['to', 'across', 'along', 'through', 'around', 'over', 'of'], true)
                && RingName::of($c) => new Target(TargetKind::Ring),
            default => self::place($c, $in, $preposition),
        };
        if (null === $target) {
            return $c->back($from);
        }

        return 1 === $twice
            ? $target
            : new Target(kind: $target->kind, places: $target->places, each: true, chains: $target->chains, stitches: $target->stitches, twice: $twice);
    }

    /** "7 sl st back along the chain": from which chain on is known once its length is. */
    private static function backAlong(Cursor $c): ?Target
    {
        $from = $c->at;
        ++$c->at;
        $isAlong = $c->take('along', 'down', 'over', 'on');
        $c->skip('the', 'these', 'this');
        if (!$isAlong || !$c->take(...Words::CHAINS)) {
            return $c->back($from);
        }

        return new Target(TargetKind::FromHook, 0, false, true);
    }

    /** "twice in each st": so many in one; 1 where nothing is said. */
    private static function timesInto(Cursor $c): int
    {
        $from = $c->at;
        $times = match (true) {
            $c->take('twice') => 2,
            $c->take('thrice') => 3,
            null !== $c->number() && 'times' === $c->value(1) && $c->number() < 7 => $c->number(),
            default => 1,
        };
        if ($times > 1 && 'twice' !== $c->value(-1) && 'thrice' !== $c->value(-1)) {
            $c->at += 2;
        }
        if (1 === $times || !$c->isWord(...Words::IN)) {
            $c->back($from);

            return 1;
        }

        return $times;
    }

    private static function place(Cursor $c, bool $in, string $preposition): ?Target
    {
        if ($in && 'over' !== $preposition && $c->take('same')) {
            self::stitchWords($c);
            if ($c->take('as')) {
                // "as the join", "as joining sl st", "as ch 1", "as the first sc was worked"
                $c->skip('the', 'your', 'join', 'joining', 'first', 'last', 'previous', 'sl', 'ss', 'slip', ...Words::STITCHES);
                $name = $c->name();
                $c->at += $name->tokens ?? 0;
                Stitch::Chain === $name?->stitch && $c->takeType(TokenType::Number);
                $c->skip('was', 'were', 'made', 'worked', 'of', 'the', 'round', 'rnd', ...Words::STITCHES);
            }

            return new Target(TargetKind::Same);
        }
        $ordinal = $in ? self::ordinal($c) : null;
        if (null !== $ordinal) {
            return $ordinal;
        }
        $few = $in ? self::few($c) : null;
        if (null !== $few) {
            return $few;
        }
        $isAround = 'all' === $c->value()
            && (\in_array($c->value(1), ['around', 'round', 'across', 'way'], true) || ('the' === $c->value(1) && 'way' === $c->value(2)));
        $each = !$isAround && $c->take('each', 'every', 'all', 'ea', 'evry', 'per');
        if ($each) {
            $c->skip('of', 'the', 'single', 'one');
            $every = self::everyNth($c);
            if (null !== $every) {
                return $every;
            }
        }

        return self::stitches($c, $in, $each, $preposition);
    }

    /** "in both chain stitches", "in any stitch". */
    private static function few(Cursor $c): ?Target
    {
        $from = $c->at;
        $places = $c->take('both') ? 2 : ($c->take('any') ? 1 : null);
        if (null === $places) {
            return null;
        }
        $c->skip('of', 'the', 'these', 'one');
        $chains = $c->take(...Words::CHAINS);
        $stitches = $c->take(...Words::STITCHES);

        return $chains || $stitches
            ? new Target(kind: TargetKind::Stitches, places: $places, each: $places > 1, chains: $chains, stitches: $stitches && !$chains)
            : $c->back($from);
    }

    /** "in 3rd st", "in 2nd ch from hook", "in last ch". */
    private static function ordinal(Cursor $c): ?Target
    {
        $from = $c->at;
        $number = $c->tokens->ordinal($c->at);
        if (null !== $number) {
            ++$c->at;
            $chains = $c->take(...Words::CHAINS);
            $c->take(...Words::STITCHES);
            if ($c->takePhrase('from', 'the', 'hook') || $c->takePhrase('from', 'hook') || $c->takePhrase('from', 'your', 'hook')) {
                return new Target(TargetKind::FromHook, $number, false, true);
            }
            if ($chains) {
                return 1 === $number && !$c->isWord(...Words::STITCHES)
                    ? new Target(TargetKind::FromHook, 1, false, true)
                    : new Target(TargetKind::FromHook, $number, false, true);
            }
            if ('first' !== $c->tokens->value($from) && '1st' !== $c->tokens->value($from) && \in_array($c->value(-1), Words::STITCHES, true)) {
                return new Target(TargetKind::Nth, $number, false, false, true);
            }
            $c->back($from);

            return null;
        }
        if ($c->take('last', 'final') && $c->take(...Words::CHAINS)) {
            return new Target(TargetKind::LastChain, 1, false, true);
        }
        $c->back($from);
        if ($c->isWord('ch', 'chain') && ($c->isAhead(1, TokenType::Dash) || null !== $c->number(1))
            || $c->isWord('ch', 'chain') && \in_array($c->value(1), ['sp', 'space'], true)) {
            ++$c->at;
            $c->takeType(TokenType::Dash);
            $chains = null !== $c->number() ? (int) $c->takeNumber() : 0;
            if ($c->take('sp', 'space', 'sps', 'spaces', 'loop', 'lp')) {
                return new Target(TargetKind::Space, $chains);
            }
            $c->back($from);
        }

        return null;
    }

    /** "every 2nd st", "every other stitch", after "every". */
    private static function everyNth(Cursor $c): ?Target
    {
        $from = $c->at;
        $number = $c->take('other', 'second', 'alternate') ? 2 : $c->tokens->ordinal($c->at);
        if (null !== $number && $c->at === $from) {
            ++$c->at;
        }
        if (null === $number || $number < 2) {
            return $c->back($from);
        }
        $c->take(...Words::STITCHES);
        Times::around($c);

        return new Target(TargetKind::EveryNth, $number);
    }

    private static function stitches(Cursor $c, bool $in, bool $each, string $preposition): ?Target
    {
        $from = $c->at;
        $isOther = 'other' === $c->value() && null !== $c->number(1);
        $next = $c->skip(...self::NEXT) || $c->skip('last', 'final', ...($isOther ? ['other'] : []));
        $places = null;
        if (null !== $c->number() && !\in_array($c->value(1), ['times', 'more'], true)) {
            if (!$in && !$each && !$next) {
                return null;
            }
            $places = $c->takeNumber();
        }
        $words = $c->at;
        self::stitchWords($c);
        $named = $c->at > $words;
        if (!$each && !$next && (!$in || !$named && null === $places)) {
            return $c->back($from);
        }
        if ($in && !$next && !$each && null !== $places && !$named && 'over' !== $preposition && !('in' === $preposition && $c->isClauseEnd())) {
            return $c->back($from);
        }
        if ($in && (('around' === $preposition && !($next && $named))
            || ('to' === $preposition && !($named && \in_array($c->tokens->value($from), ['next', 'following'], true))))) {
            return $c->back($from);
        }
        $chains = $named && \in_array($c->tokens->value($words), Words::CHAINS, true);
        $isRest = $each && $next && null === $places && \in_array($c->tokens->value($words - 1), ['remaining', 'rem'], true);
        $all = $isRest || ($each && null === $places && !$next)
            || (!$next && null === $places && $named && !$each && \in_array($c->tokens->value($words), ['sts', 'stitches'], true))
                || ($next && null === $places && $named && \in_array($c->value(-1), ['sts', 'stitches'], true)
                    && 'remaining' === $c->tokens->value($words - 1));
        if ($named || $each || $next) {
            self::rest($c, $all || ($each && null !== $places && !$next));
        }

        return new Target(TargetKind::Stitches, $all ? null : $places ?? 1, $each, $chains, $named && !$chains);
    }

    /** "around", "across", "of the previous round", after the stitches that they belong to. */
    private static function rest(Cursor $c, bool $all): void
    {
        $c->take('only');
        $mark = $c->at;
        if ($c->skip('of', 'from', 'on', 'in')
            && $c->skip('the', 'previous', 'last', 'prev', 'row', 'round', 'rnd', 'below', 'chain', 'ch', 'foundation', 'this', 'first', 'side')
                && \in_array($c->value(-1), ['row', 'round', 'rnd', 'below', 'chain', 'ch', 'side'], true)) {
            $mark = $c->at;
        }
        $c->back($mark);
        if ($all && \in_array($c->value(-1), Words::CHAINS, true) && $c->take('back', 'down')) {
            // "in each ch back to the round"
            $c->takePhrase('to', 'the', 'round') || $c->takePhrase('to', 'round') || $c->takePhrase('to', 'the', 'base')
                || $c->takePhrase('to', 'the', 'start');
        }
        if ($all) {
            Times::around($c);
        }
    }

    /** "sts", "sc", "ch", "one": the names of the stitches that are worked into. */
    public static function stitchWords(Cursor $c): void
    {
        $c->skip('single', 'of');
        if ($c->take(...Words::STITCHES) || $c->take('one', 'ones')) {
            // "in each st and ch around"; "in next st and ch 2" goes on with chains.
            $mark = $c->at;
            $isAnd = $c->take('and');
            $c->take('each');
            if (!$isAnd || !$c->take('ch', 'chain') || null !== $c->number()) {
                $c->back($mark);
            }

            return;
        }
        $name = $c->name();
        if (null !== $name && \in_array($name->stitch->value, ['sc', 'hdc', 'dc', 'tr', 'ch', 'sl st', 'inc', 'dec', 'inv dec'], true)) {
            // "in next, sc in next": what follows may be the next stitch; it is the name only before something that parts.
            $c->at += $name->tokens;
            $c->take(...Words::STITCHES);
        }
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\NamedStitch;
use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Reads how a round is closed: "join with sl st to first sc", "sl st in top of ch 2", "ss to join", "join". */
final class Closes
{
    /** Words that it may begin with: at all others it need not look. */
    private const FIRST = [
        'and' => 1, 'then' => 1, 'join' => 1, 'joining' => 1, 'joined' => 1, 'close' => 1, 'connect' => 1, 'work' => 1,
        'make' => 1, 'with' => 1, 'a' => 1, '1' => 1, 'one' => 1, 'sl' => 1, 'ss' => 1, 'slip' => 1, 'slst' => 1, 'slsts' => 1,
        'slp' => 1, 'slipstitch' => 1, 'sl st' => 1, 'slip st' => 1, 'slip stitch' => 1, 'sl stitch' => 1,
    ];

    public static function of(Cursor $c): ?Close
    {
        if (!isset(self::FIRST[$c->value()])) {
            return null;
        }
        $from = $c->at;
        $c->skip('and', 'then');
        if ($c->take('join', 'joining', 'joined', 'close', 'connect')) {
            return self::join($c, $from) ? self::close($c, $from) : $c->back($from);
        }
        $c->skip('work', 'make', 'with', 'a', '1', 'one');
        $name = $c->name();
        if (null === $name || Stitch::SlipStitch !== $name->stitch || self::isPicot($c, $from)) {
            return $c->back($from);
        }
        $c->at += $name->tokens;

        return self::toFirst($c) && self::inYarn($c) ? self::close($c, $from) : $c->back($from);
    }

    /** "… in B": the yarn is the one that was changed to. */
    private static function inYarn(Cursor $c): bool
    {
        $mark = $c->at;
        if (!$c->take('in', 'with') || null === YarnName::known($c)) {
            $c->back($mark);
        }

        return true;
    }

    /** "sl st in the first ch": the words meet within one clause. */
    private static function isIntoFirstChain(Cursor $c, int $from): bool
    {
        $at = $from;
        while ($c->tokens->isWord($at) && null === $c->tokens->ordinal($at)) {
            ++$at;
        }

        return 1 === $c->tokens->ordinal($at) && \in_array($c->tokens->value($at + 1), Words::CHAINS, true);
    }

    /** "5 sc, ch 3, sl st in first ch": after chains that stand out of a round it is they that are closed. */
    public static function isPicot(Cursor $c, int $from): bool
    {
        $chains = $from - ($c->tokens->is($from - 1, TokenType::Separator) ? 2 : 1);

        return ($c->tokens->number($chains) ?? 0) > 1 && \in_array($c->tokens->value($chains - 1), Words::CHAINS, true)
            && $c->tokens->is($chains - 2, TokenType::Separator) && self::isIntoFirstChain($c, $from);
    }

    private static function close(Cursor $c, int $from): Close
    {
        return new Close($c->span($from), $c->tokens->isAmong($from, $c->at, ['back', 'blo']) ? Closed::ToBackLoop : Closed::ToFirst);
    }

    private static function join(Cursor $c, int $from): bool
    {
        $c->takePhrase('all', 'but', 'the', 'last');
        $c->skip('the', 'round', 'rnd', 'circle', 'ring', 'row', 'each', 'it', 'up');
        if ($c->skip('with', 'using', 'by')) {
            $c->skip('a', 'an', 'the', 'one');
            $c->skip('slip', 'stitching');
            $name = $c->name() ?? ('stitch' === $c->value() ? new NamedStitch(Stitch::SlipStitch, 1) : null);
            if (null === $name || Stitch::SlipStitch !== $name->stitch) {
                if ('slip' !== $c->value(-1)) {
                    return false;
                }
            } else {
                $c->at += $name->tokens;
            }
            self::toFirst($c);
            $c->skip('to', 'the');
            $c->takePhrase('first', ...['st']) || $c->skip('close', 'join');

            return self::isOver($c);
        }
        $name = $c->name();
        if (null !== $name && Stitch::SlipStitch === $name->stitch) {
            $c->at += $name->tokens;
        }
        if ('close' === $c->tokens->value($from) && !$c->isWord('to', 'in', 'into') && null === $name) {
            return \in_array($c->value(-1), ['round', 'rnd', 'circle', 'row'], true) && self::isOver($c);
        }
        $mark = $c->at;
        if (self::toFirst($c)) {
            return true;
        }
        $c->back($mark);

        return self::isOver($c);
    }

    private static function isOver(Cursor $c): bool
    {
        return $c->isClauseEnd() || $c->isWord('and', 'then', 'do', 'not', 'fasten', 'turn');
    }

    /** "to first sc", "in the top of ch 2", "to join", "into the first st of the round", "to beginning ch-1". */
    private static function toFirst(Cursor $c): bool
    {
        $mark = $c->at;
        $c->skip('in', 'into', 'to', 'onto', 'on', 'with', 'at');
        $c->skip('the', 'top', 'of', 'back', 'front', 'loop', 'blo', 'flo', 'both', 'loops', 'only', 'a', 'this', 'center', 'very');
        if ($c->take('join', 'close', 'connect', 'finish')) {
            $c->skip('the', 'round', 'rnd', 'row', 'circle', 'up');
            $again = $c->at;
            if (!self::toFirst($c)) {
                $c->back($again);
            }

            return true;
        }
        if (null !== $c->tokens->ordinal($c->at) && \in_array($c->value(1), Words::CHAINS, true) && 'from' !== $c->value(2)) {
            // "sl st in 3rd ch": the top of the chain that lifted the round.
            $c->at += 2;
            if ($c->skip('of', 'the', 'beginning', 'beg', 'starting', 'turning', 'first', 'initial', ...Words::CHAINS)) {
                $c->takeType(TokenType::Dash);
                $c->takeType(TokenType::Number);
            }

            return true;
        }
        $isFirst = $c->take('first', '1st', 'beginning', 'beg', 'starting', 'initial', 'turning', 'begining');
        $isChain = !$isFirst && $c->isWord('ch', 'chain') && \in_array($c->value(-1), ['of', 'the', 'top'], true);
        if (!$isFirst && !$isChain || null !== $c->number()) {
            $c->back($mark);

            return false;
        }
        $name = $c->name();
        $c->at += $name->tokens ?? 0;
        if ($c->is(TokenType::Dash) && null !== $c->number(1)) {
            $c->at += 2;
        } elseif (null !== $c->number()) {
            ++$c->at;
        }
        $c->skip(...Words::STITCHES, ...['sp', 'space', 'made', 'one', 'loop']);
        $mark = $c->at;
        if ($c->skip('of', 'in', 'from') && $c->skip('the', 'this', 'previous', 'round', 'rnd', 'row', 'same', 'beginning', 'next', 'ring')
            && !$c->isWord('next')) {
            $mark = $c->at;
        }
        $c->back($mark);
        if ($c->skip('to') && $c->skip('join', 'close', 'the', 'round', 'circle', 'connect', 'ring', 'form', 'a')) {
            return true;
        }
        $c->back($mark);

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\TokenType;
use Alternum\Core\Notation\YarnWay;

/** Reads a yarn that is joined, picked up or gone on with. */
final class JoinedYarn
{
    private const VERBS = [
        'join', 'joining', 'attach', 'attaching', 'add', 'adding', 'introduce', 'pick', 'picking', 'start', 'starting', 'begin',
        'continue', 'continuing', 'rejoin', 'bring', 'take', 'tie', 'insert', 'reattach',
    ];

    /** "join B with a sl st in any st", "attach cream", "continue in B", "pick up B" */
    public static function of(Cursor $c): ?SaidYarn
    {
        $from = $c->at;
        if (!$c->take(...self::VERBS)) {
            return null;
        }
        $verb = $c->value(-1);
        $c->skip('up', 'in', 'with', 'off', 'the', 'new', 'on', 'using', 'again', 'by', 'working');
        $isPart = \in_array($c->value(), YarnName::NONE, true) && !$c->tokens->isCapital($c->at);
        $name = $isPart ? null : YarnName::known($c);
        if (null === $name && \in_array($verb, ['attach', 'attaching'], true) && !$isPart) {
            $name = YarnName::any($c);
        }
        if (null === $name || !($c->isClauseEnd()
            || $c->isWord('with', 'to', 'in', 'at', 'and', 'then', 'by', 'again', 'for', 'on', 'here', 'around', 'using') || null !== $c->number()
                || null !== $c->name())) {
            return $c->back($from);
        }
        $how = null;
        $mark = $c->at;
        $c->skip('again');
        if ($c->skip('with', 'by', 'using')) {
            $c->skip('a', 'an', 'standing');
            $how = 'standing' === $c->value(-1) ? YarnWay::Standing : null;
            $stitch = $c->name();
            $standing = null === $how ? null : $c->at;
            if (null !== $stitch || $c->isWord('slip', 'knot') || (null !== $how && $c->isWord('st', 'stitch'))) {
                $c->at += $stitch->tokens ?? 0;
                $c->skip('slip', 'knot', 'stitch', 'st');
            } else {
                $c->back($mark);
            }
        }
        $mark = $c->at;
        if ($c->skip('in', 'to', 'into', 'at', 'on')
            && $c->skip(
                'any', 'the', 'first', 'same', 'st', 'sts', 'stitch', 'next', 'last', 'back', 'of', 'round', 'piece', 'a', 'head',
                'body', 'sc', 'front', 'loop', 'free', 'beginning', 'center', 'centre',
            )) {
            $mark = $c->at;
        }
        $c->back($mark);
        if (isset($standing) && self::isWorkAhead($c)
            && Assumption::StandingWorks === $c->choose($from, [Assumption::StandingWorks, Assumption::StandingJoins])) {
            $c->back($standing);
        }
        $c->takeType(TokenType::Stop);

        return new SaidYarn($name, $how);
    }

    private static function isWorkAhead(Cursor $c): bool
    {
        for ($ahead = 0; $c->tokens->has($c->at + $ahead); ++$ahead) {
            if (null !== $c->name($ahead)) {
                return true;
            }
        }

        return false;
    }
}

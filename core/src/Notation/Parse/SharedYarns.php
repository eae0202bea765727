<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\TokenType;

/** An increase whose two stitches are in two yarns: "inc: first sc with A, second with B". */
final class SharedYarns
{
    /**
     * @param list<Node> $nodes what was read before
     *
     * @return list<Node>|null the same with the yarns before the increase; null: nothing of it stands here
     */
    public static function of(Cursor $c, array $nodes): ?array
    {
        $last = array_pop($nodes);
        if (!$last instanceof Work || 1 !== $last->times || $last->stitch->makes() < 2) {
            return null;
        }
        $from = $c->at;
        $isBracket = $c->takeType(TokenType::Open);
        $isBracket || $c->takeType(TokenType::Stop) || $c->takeType(TokenType::Separator);
        $first = self::one($c, 'first');
        $c->takeType(TokenType::Separator);
        $c->skip('and', 'the');
        $second = null === $first ? null : self::one($c, 'second', 'others', 'rest');
        if (null === $first || null === $second || ($isBracket && !$c->takeType(TokenType::Close))) {
            return $c->back($from);
        }

        return [...$nodes, new YarnPhrase($first, $c->span($from), within: $second), $last];
    }

    /** "first sc with A" */
    private static function one(Cursor $c, string ...$which): ?string
    {
        if (!$c->take(...$which)) {
            return null;
        }
        $c->at += $c->name()->tokens ?? 0;
        $c->skip('st', 'stitch');

        return $c->take('with', 'in') ? YarnName::known($c) : null;
    }
}

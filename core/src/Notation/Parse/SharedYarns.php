<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\TokenType;

/** An increase whose stitches are in several yarns: "inc: first sc with A, second with B", "3 sc in next st: first sc with A, the others with B". */
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
        $yarns = [];
        do {
            $before = $c->at;
            [] === $yarns || $c->takeType(TokenType::Separator);
            $yarn = self::one($c, \count($yarns) + 1);
            $yarns = null === $yarn ? $yarns : [...$yarns, $yarn];
        } while (null !== $yarn && \count($yarns) < $last->stitch->makes());
        $c->at = null === $yarn ? $before : $c->at;
        if (\count($yarns) < 2 || ($isBracket && !$c->takeType(TokenType::Close))) {
            return $c->back($from);
        }

        return [...$nodes, new YarnPhrase($yarns[0], $c->span($from), within: \array_slice($yarns, 1)), $last];
    }

    /** "first sc with A", "third with B"; all that are left: "the others with B". */
    private static function one(Cursor $c, int $which): ?string
    {
        $c->skip('and', 'the');
        if ($which === $c->tokens->ordinal($c->at)) {
            ++$c->at;
        } elseif (1 === $which || !$c->take('others', 'rest')) {
            return null;
        }
        $c->at += $c->name()->tokens ?? 0;
        $c->skip('st', 'stitch');

        return $c->take('with', 'in') ? YarnName::known($c) : null;
    }
}

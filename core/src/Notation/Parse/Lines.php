<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Stated;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\TokenType;

/** Reads a whole line: its head, then its body, in one of the ways in which that can be read. */
final class Lines
{
    private const LABELS = [
        'abbreviations', 'abbreviation', 'materials', 'material', 'gauge', 'hook', 'notes', 'note', 'words', 'yarn', 'yarns',
        'size', 'tension', 'terms', 'difficulty', 'level', 'skill', 'stitches', 'tools', 'supplies', 'pattern', 'instructions',
        'special', 'finished', 'finishing', 'change', 'colours', 'colors', 'begin', 'marker', 'you', 'tip', 'tips', 'legend',
        'key', 'assembly', 'techniques', 'needed', 'requirements', 'designer', 'copyright',
    ];

    /** @throws SyntaxError with its place */
    public static function of(Cursor $c, Choices $choices): Line
    {
        $from = $c->at;
        $isFoundation = self::foundation($c);
        $before = $isFoundation ? [] : Heads::lead($c);
        $head = $isFoundation ? null : Heads::of($c);
        $c->begins = $c->at;
        $c->namesOthers = $c->isOnOthers && (null === $head || 1 === $head->from);
        $lead = $c->at > $from && null === $head && [] === $before ? [new Glue($c->span($from))] : [];
        $items = $counts = $again = [];
        $beside = $lead;
        $loop = null;
        foreach ([...$before, ...Sequence::of($c, 0, false)] as $node) {
            $said = $node instanceof Cue ? Loops::said($node) : null;
            $loop ??= $said;
            if (null !== $said) {
                $beside[] = new Glue($node->span);
            } elseif ($node instanceof Count) {
                $counts[] = $node;
            } elseif ($node instanceof Again) {
                $again[] = $node;
            } elseif ($node instanceof Glue || $node instanceof Stated) {
                $beside[] = $node;
            } else {
                $items[] = $node;
            }
        }
        $items = $c->namesOthers ? OtherPieces::asOne($items) : $items;
        $items = null === $loop ? $items : Loops::on($items, $loop);
        $items = Chains::along(Beginnings::of($c, SpreadEvenly::over($items)));
        $c->at = $c->tokens->count();

        return new Line(head: $head, items: $items, span: $c->span($from), counts: $counts, beside: $beside, again: $again, assumed: $choices->made());
    }

    /** "Foundation:", "Foundation row:", "Starting chain:", before a chain that is no round. */
    private static function foundation(Cursor $c): bool
    {
        $from = $c->at;
        if ($c->take('foundation', 'setup', 'base', 'starting') || $c->takePhrase('set', 'up')) {
            $c->skip('row', 'chain', 'round', 'rnd', 'ring', 'ch');
            if (':' === $c->value() || $c->is(TokenType::Dash)) {
                ++$c->at;

                return true;
            }
        }
        $c->back($from);

        return false;
    }

    /** The count that a line says which cannot be read: the last one in brackets, or what stands at its end. */
    public static function countOf(Cursor $c): ?Count
    {
        $found = null;
        for ($at = 0; $c->tokens->has($at); ++$at) {
            if ($c->tokens->is($at, TokenType::Open) || $c->tokens->is($at, TokenType::Equals) || ($c->tokens->is($at, TokenType::Dash) && $at > 2)) {
                $c->at = $at + ($c->tokens->is($at, TokenType::Dash) ? 1 : 0);
                $count = Counts::of($c, true);
                $found = $count instanceof Count ? $count : $found;
            }
        }

        return $found;
    }

    /** A line that says what it is, "Materials: …", "sc = single crochet": for people, whatever stitches it names. */
    public static function isLabelled(Cursor $c): bool
    {
        if (\in_array($c->tokens->value(0), self::LABELS, true) && !$c->tokens->is(1, TokenType::Number)) {
            // "Abbreviations (US terms): …"
            $from = $c->tokens->is(1, TokenType::Open) ? ($c->closeOf(1) ?? 0) + 1 : 1;
            for ($at = $from; $at < $from + 3; ++$at) {
                if (':' === $c->tokens->value($at) || ($at > $from && $c->tokens->is($at, TokenType::Dash, TokenType::Equals))) {
                    return true;
                }
            }
        }
        $name = $c->vocabulary->at($c->tokens, 0);
        if (\in_array($c->tokens->value(0), Words::ROUND, true) && null !== $c->tokens->number(2)) {
            // "Rnd (2): inc x6"
            return false;
        }
        if (null === $name && !\in_array($c->tokens->value(0), ['mr', 'st', 'sts', 'blo', 'flo', 'rnd', 'fo', 'rep', 'pm', 'yo'], true)) {
            return false;
        }
        $sign = $name->tokens ?? ('(' === $c->tokens->value(1) ? 4 : 1);

        if (null === $name && \in_array($c->tokens->value(0), ['blo', 'flo'], true)
            && (null !== $c->vocabulary->at($c->tokens, $sign + 1) || $c->tokens->is($sign + 1, TokenType::Open, TokenType::Star))) {
            // "BLO: sc around", where "BLO: back loop only" tells what it means.
            return false;
        }
        if (null !== $name && $c->tokens->is($sign, TokenType::Dash) && 2 === $c->tokens->number($sign + 1)
            && (\in_array($c->tokens->value($c->tokens->count() - 1), ['together', 'tog'], true)
                || \in_array($c->tokens->value($c->tokens->count() - 1), Words::STITCHES, true)
                && $c->tokens->isAmong($sign + 3, $sign + 6, ['one', 'same', 'a', 'the', '1']))) {
            // "inc - 2 sc in one stitch" teaches a word.
            return true;
        }
        $isShaping = null !== $name && ($name->stitch->uses() > 1 || $name->stitch->makes() > 1);

        return (null === $c->tokens->number($sign + 1) || $isShaping && null !== $c->vocabulary->at($c->tokens, $sign + 2))
            && ($c->tokens->is($sign, TokenType::Equals) || ':' === $c->tokens->value($sign)
                || ($c->tokens->is($sign, TokenType::Dash) && $c->tokens->isWord($sign + 1) && !\in_array($c->tokens->value($sign + 1), Words::REPEAT, true)));
    }

    /** A number beside a stitch's name near its beginning: a round, however it goes on. */
    private static function looksWorked(Cursor $c): bool
    {
        for ($at = 0; $at < 4; ++$at) {
            if (null !== $c->tokens->number($at) && null !== $c->vocabulary->at($c->tokens, $at + 1)
                || null !== $c->vocabulary->at($c->tokens, $at) && (0 === $at || null !== $c->tokens->number($at + 1))) {
                return true;
            }
        }

        return false;
    }

    /** "5 scc": a number and a word that is almost a stitch's name are meant to be stitches. */
    private static function isSlip(Cursor $c): bool
    {
        return $c->tokens->is(0, TokenType::Number) && $c->tokens->isWord(1)
            && (!$c->tokens->has(2) || !$c->tokens->isWord(2) && null === $c->vocabulary->at($c->tokens, 2))
            && null !== $c->vocabulary->nearest($c->tokens->value(1));
    }

    /**
     * Whether a line without a head that cannot be read says nothing about a round's stitches: materials, a heading, prose.
     */
    public static function isProse(Cursor $c): bool
    {
        if (self::isSlip($c)) {
            return false;
        }
        $unknown = $known = 0;
        $isRepeat = $isCount = false;
        for ($at = 0; $c->tokens->has($at); ++$at) {
            $isCount = $isCount
                || ($c->tokens->is($at, TokenType::Open) && $c->tokens->is($at + 1, TokenType::Number) && $c->tokens->is($at + 2, TokenType::Close) && $at > 1);
            $isRepeat = $isRepeat || ($c->tokens->is($at, TokenType::Times) && $c->tokens->is($at + 1, TokenType::Number));
            if (!$c->tokens->isWord($at)) {
                continue;
            }
            if (null !== $c->vocabulary->at($c->tokens, $at) || \in_array($c->tokens->value($at), ['around', 'mr', ...Words::REPEAT], true)) {
                ++$known;
            } elseif (!\in_array($c->tokens->value($at), [...Words::STITCHES, 'in', 'each', 'next', 'the', 'and', 'of', 'to'], true)) {
                ++$unknown;
            }
        }

        return (0 === $known && !$isRepeat && !$isCount) || ($unknown >= 3 && $unknown >= 2 * $known && !$isRepeat && !self::looksWorked($c));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Plan\Limits;

/** Finds what a line begins with: the rounds that it names, or that it is prose. */
final readonly class Heading
{
    public const NAMES = ['r', 'rd', 'rds', 'rnd', 'rnds', 'round', 'rounds', 'row', 'rows', 'rs'];

    private const LABELS = ['abbreviations', 'begin', 'change', 'colours', 'colors', 'finishing', 'gauge', 'hook', 'marker', 'materials', 'note', 'notes', 'words', 'yarn', 'yarns'];

    /** @param int $end the place after it */
    private function __construct(public ?Head $head, public int $end)
    {
    }

    /** @throws SyntaxError where it names rounds that cannot be */
    public static function of(Tokens $tokens): self
    {
        $named = $tokens->isOneOf(0, self::NAMES) && $tokens->isNumber(1);
        $bare = $tokens->is(0, TokenType::Number) && $tokens->isOneOf(1, [':', ')']);
        $bracketed = $tokens->is(0, TokenType::Open) && $tokens->is(1, TokenType::Number) && $tokens->is(2, TokenType::Close) && $tokens->count() > 3;
        $ordinal = $tokens->is(0, TokenType::Ordinal) && $tokens->isOneOf(1, self::NAMES);
        if (!$named && !$bare && !$bracketed && !$ordinal) {
            return new self(null, 0);
        }
        $at = $named || $bracketed ? 1 : 0;
        $from = $to = $tokens->number($at++);
        $last = $ordinal || $bracketed ? ++$at - 1 : $at - 1;
        $dash = $at;
        if ($tokens->is($dash, TokenType::Dash) || $tokens->isOneOf($dash, ['to', 'through', 'and', '&'])) {
            $next = $tokens->isOneOf($at + 1, self::NAMES) ? $at + 2 : $at + 1;
            if ($tokens->isNumber($next) && self::isRange($tokens, $dash, $next)) {
                $to = $tokens->number($next);
                $last = $next;
                $at = $next + 1;
            }
        }
        // "Rounds 4 to 7 (4 rounds):" says it twice.
        if ($tokens->is($at, TokenType::Open) && $tokens->isNumber($at + 1) && $tokens->isOneOf($at + 2, self::NAMES) && $tokens->is($at + 3, TokenType::Close)) {
            $at += 4;
        }
        while ($tokens->is($at, TokenType::Stop, TokenType::Dash, TokenType::Separator) || (($bare || $named) && ')' === $tokens->value($at))) {
            ++$at;
        }
        $position = $tokens->position(0);
        $head = new Head($from, $to, $position, $tokens->end($last) - $position);
        if ($to < $from) {
            throw new SyntaxError("The rounds run backwards: from {$from} to {$to}.", "Write {$to}-{$from}.", $head->position, $head->length, $head);
        }
        if ($from < 1 || $to > Limits::ROUNDS) {
            throw new SyntaxError('A piece has rounds 1 to '.Limits::ROUNDS.'.', 'Mend the round’s number.', $head->position, $head->length, $head);
        }

        return new self($head, $at);
    }

    /** Whether a line without a head says nothing about stitches: materials, "stuff now", a heading. */
    public static function isProse(Tokens $tokens, Vocabulary $vocabulary): bool
    {
        if (!$tokens->isWord(0) || $tokens->isNumber(0)) {
            return false;
        }
        if ($tokens->isOneOf(0, self::LABELS) && ':' === $tokens->value(1)) {
            return true;
        }
        for ($at = 0; $at < $tokens->count(); ++$at) {
            $isWork = $tokens->isWord($at) && (null !== Naming::at($tokens, $at, $vocabulary) || $tokens->isOneOf($at, ['around', 'mr']));
            // A repeat or a count is a round's, even where its stitches are misspelt.
            $isRepeat = $tokens->is($at, TokenType::Times) && $tokens->is($at + 1, TokenType::Number);
            $isCount = $tokens->is($at, TokenType::Open) && $tokens->is($at + 1, TokenType::Number) && $tokens->is($at + 2, TokenType::Close);
            if ($isWork || $isRepeat || $isCount) {
                return false;
            }
        }

        return true;
    }

    /** Whether the number after a dash ends a range, "R4-7 sc around", or begins the round, "Rnd 1 - 6 sc in MR". */
    private static function isRange(Tokens $tokens, int $dash, int $number): bool
    {
        $isOpen = $tokens->has($number + 1) && !$tokens->is($number + 1, TokenType::Word, TokenType::Joined, TokenType::Number, TokenType::Ordinal);
        $isClose = $tokens->isClose($number) && $tokens->isClose($dash);

        return $isOpen || $isClose || !$tokens->is($dash, TokenType::Dash) || str_ends_with($tokens->value(0), 's');
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\ListedRounds;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Notation\YarnList;
use Alternum\Core\Plan\Limits;

/**
 * Reads a line that gives rounds their yarns and names no stitch: "R1-2: A / R3-4: B", "R1-3 (A) R4 (B)", "A: rounds 1-2 and 5", "| 1-2 | A |",
 * "Stripe sequence: 2 rounds A, 1 round B".
 */
final class YarnLists
{
    private const ABOUT = ['stripe', 'stripes', 'striping', 'colour', 'colours', 'color', 'colors', 'yarn', 'yarns', 'alternate', 'alternating'];
    private const LABEL = 7;
    private const LEAD = ['work', 'make', 'crochet', 'do', 'use', 'then', 'and', 'next', 'the', 'first', 'all'];
    private const AGAIN = [
        'repeat', 'repeating', 'rep', 'throughout', 'continue', 'and', 'so', 'on', 'to', 'the', 'end', 'this', 'these', 'stripes', 'etc', 'sequence',
    ];
    private const JOINTS = [
        TokenType::Stop, TokenType::Separator, TokenType::Dash, TokenType::Bar, TokenType::Equals, TokenType::Star, TokenType::Open, TokenType::Close,
    ];

    /** The line names its rounds by a word or in a table: what follows may be numbers alone. */
    private bool $isNumbered = false;

    private function __construct(private readonly Cursor $c, private readonly bool $isLabelled)
    {
    }

    public static function of(Cursor $c): ?YarnList
    {
        $from = $c->at;
        $found = (new self($c, self::label($c)))->entries();
        $c->back($from);

        return $found;
    }

    /** "Stripe sequence:", "Change colours as follows:", "Alternate". */
    private static function label(Cursor $c): bool
    {
        $from = $c->at;
        $isAbout = false;
        while ($c->at - $from < self::LABEL && $c->tokens->isWord($c->at) && null === $c->name() && null === $c->number() && !$c->tokens->isCapital($c->at)) {
            $isAbout = $c->isWord(...self::ABOUT) || $isAbout;
            ++$c->at;
        }
        $isSigned = ':' === $c->value() || $c->is(TokenType::Dash, TokenType::Equals) || $c->tokens->isAmong($from, $from + 1, ['alternate', 'alternating']);
        if (!$isAbout || !$isSigned || $c->tokens->isAmong($from, $c->at, Words::ROUND) && $c->is(TokenType::Dash)) {
            $c->back($from);

            return false;
        }

        return true;
    }

    private function entries(): ?YarnList
    {
        $rounds = [];
        $counted = 0;
        $isAgain = false;
        $this->joint();
        while ($this->c->has()) {
            $this->c->skip(...self::LEAD);
            $stretch = $this->counted($counted);
            $counted = $stretch->to ?? $counted;
            $entries = null === $stretch ? $this->named() : [$stretch];
            if (null === $entries) {
                return null;
            }
            array_push($rounds, ...$entries);
            $this->joint();
            if (($this->isLabelled || $counted > 0) && $this->c->isWord(...self::AGAIN)) {
                $this->c->skip(...self::AGAIN);
                $isAgain = $isAgain || !$this->c->has();
                $this->joint();
            }
        }
        $sum = array_sum(array_map(static fn (ListedRounds $of): int => $of->to - $of->from + 1, $rounds));

        return [] === $rounds || ($counted > 0 && $counted !== $sum) ? null : new YarnList($rounds, $this->isLabelled || $isAgain, $counted > 0);
    }

    /** "2 rounds A", "1 round of cream", "A 2 rounds"; after a label "2 A", too. */
    private function counted(int $done): ?ListedRounds
    {
        $c = $this->c;
        $from = $c->at;
        $yarn = YarnName::known($c);
        $count = $c->number();
        if (null === $count || $count < 1 || $count > Limits::ROUNDS) {
            return $c->back($from);
        }
        ++$c->at;
        $isSaid = $c->take(...Words::ROUNDS);
        if (null === $yarn) {
            $c->skip('of', 'in', 'with');
            $yarn = $isSaid || $this->isLabelled && !$this->isNumbered ? YarnName::known($c) : null;
        } elseif (!$isSaid) {
            $yarn = null;
        }

        return null === $yarn ? $c->back($from) : new ListedRounds($done + 1, $done + $count, $yarn);
    }

    /** @return non-empty-list<ListedRounds>|null "R1-3, R7: A", "A: R1-3, R7" */
    private function named(): ?array
    {
        $c = $this->c;
        $from = $c->at;
        $ranges = $this->ranges();
        if (null === $ranges) {
            $yarn = YarnName::known($c);
            $this->joint('for', 'in', 'on', 'from');
            $ranges = null === $yarn ? null : $this->ranges();
        } else {
            $this->joint('in', 'with', 'using', 'use', 'are', 'is', 'work', 'worked', 'all');
            $yarn = YarnName::known($c);
            if (null !== $yarn && $c->is(TokenType::Open) && $c->tokens->isWord($c->at + 1) && !$c->isAhead(1, TokenType::Number)) {
                // "R1-3: A (teal)"
                $close = $c->closeOf($c->at);
                $c->at = null === $close ? $c->at : $close + 1;
            }
        }
        if (null === $ranges || null === $yarn) {
            return $c->back($from);
        }

        return array_map(static fn (array $range): ListedRounds => new ListedRounds($range[0], $range[1], $yarn), $ranges);
    }

    /** @return non-empty-list<array{int, int}>|null */
    private function ranges(): ?array
    {
        $c = $this->c;
        $ranges = [];
        $end = $c->at;
        while (true) {
            $isWord = $c->take(...Words::ROUND);
            $isWord && $c->take('.');
            $first = $c->is(TokenType::Number) ? (int) $c->number() : 0;
            if ($first < 1 || $first > Limits::ROUNDS || !$isWord && !$this->isNumbered && !$this->isLabelled && !$this->isInTable()) {
                break;
            }
            ++$c->at;
            $last = $first;
            if ($c->is(TokenType::Dash) || $c->isWord(...Heads::TO) && !$c->isWord('and', '&', '+', '/')) {
                $mark = $c->at++;
                $c->take(...Words::ROUND);
                $to = $c->is(TokenType::Number) ? (int) $c->number() : 0;
                $to > $first && $to <= Limits::ROUNDS ? ++$c->at : $c->back($mark);
                $last = max($first, $c->at > $mark ? $to : $first);
            }
            if ($c->isWord(...Words::ROUNDS)) {
                break;
            }
            $ranges[] = [$first, $last];
            $this->isNumbered = true;
            $end = $c->at;
            $c->takeType(TokenType::Separator);
            $c->skip('and', '&', '+');
            if ($c->at === $end) {
                break;
            }
        }
        $c->at = $end;

        return [] === $ranges ? null : $ranges;
    }

    /** "1-2 | A", "1-2: A" */
    private function isInTable(): bool
    {
        $c = $this->c;

        return $c->isAhead(1, TokenType::Bar) || ($c->isAhead(1, TokenType::Dash) && ($c->isAhead(3, TokenType::Bar) || ':' === $c->value(3)));
    }

    private function joint(string ...$words): void
    {
        do {
            $from = $this->c->at;
            $this->c->skipTypes(...self::JOINTS);
            $this->c->skip('/', '+', '?', '_', ...$words);
        } while ($this->c->at > $from);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\AgainKind;
use Alternum\Core\Notation\TokenType;

/**
 * Reads sentences that stand for whole rounds: "repeat round 3 three more times", "work 5 rounds even", "continue increasing in
 * this manner until you have 36 stitches", "as round 4", "do the same".
 */
final class Sentences
{
    /** Words that it may begin with: at all others it need not look. */
    private const FIRST = [
        'then' => 1, 'and' => 1, 'now' => 1, 'work' => 1, 'continue' => 1, 'to' => 1, 'just' => 1, 'rep' => 1, 'repeat' => 1,
        'repeated' => 1, 'repeating' => 1, 'reps' => 1, 'repeats' => 1, 'rpt' => 1, 'redo' => 1, 'continuing' => 1, 'do' => 1,
        'keep' => 1, 'worked' => 1, 'working' => 1, 'crochet' => 1, 'going' => 1, 'exactly' => 1, 'is' => 1, 'on' => 1, 'the' => 1,
        'same' => 1, 'ditto' => 1, 'likewise' => 1, 'identical' => 1, 'as' => 1, 'like' => 1, 'per' => 1, 'make' => 1, 'for' => 1,
        'in' => 1, 'with' => 1, 'another' => 1, 'next' => 1, 'knit' => 1, 'a' => 1, 'further' => 1, 'of' => 1, 'sc' => 1,
        'even' => 1, 'add' => 1, 'crocheting' => 1, 'total' => 1, 'single' => 1, 'evenly' => 1, 'around' => 1, 'straight' => 1,
        'without' => 1, 'increasing' => 1, 'plain' => 1, 'dc' => 1, 'hdc' => 1, 'decreasing' => 1, 'go' => 1, 'carry' => 1,
        'flat' => 1,
    ];

    private const EVEN = ['even', 'evenly', 'plain', 'straight', 'flat'];

    public static function of(Cursor $c, bool $isBegun): ?Again
    {
        if (!isset(self::FIRST[$c->value()]) || $c->tokens->isCapital($c->at)) {
            return null;
        }
        if ($isBegun && $c->isWord('for')) {
            // "sc around for 3 rounds" says how many they are.
            return null;
        }
        $from = $c->at;
        $again = self::repeat($c, $from, $isBegun) ?? self::as($c, $from) ?? self::someRounds($c, $from) ?? self::onward($c, $from)
            ?? self::even($c, $from) ?? ($isBegun ? null : self::on($c, $from));
        if (null === $again) {
            return $c->back($from);
        }
        $c->skipTypes(TokenType::Separator);
        if ($again->open && !UntilFits::isAhead($c)) {
            // "until it measures 5 cm": to the end of its clause.
            while ($c->has() && !$c->is(TokenType::Open) && !('.' === $c->value() && !$c->tokens->isClose($c->at + 1))) {
                ++$c->at;
            }
        }

        return new Again(
            kind: $again->kind, span: $c->span($from), from: $again->from, to: $again->to, times: $again->times,
            untilRounds: $again->untilRounds, untilStitches: $again->untilStitches, open: $again->open,
        );
    }

    /** "Repeat round 3", "repeat rounds 3 and 4 two more times", "repeat the last round until 6 sts remain". */
    private static function repeat(Cursor $c, int $from, bool $isBegun): ?Again
    {
        $c->skip('then', 'and', 'now', 'work', 'continue', 'to', 'just');
        if (!$c->take(...Words::REPEAT) && !$c->take('redo')) {
            return $c->back($from);
        }
        $c->skip('as', 'in');
        $rounds = Extent::named($c) ?? Extent::last($c);
        if (null === $rounds) {
            // "Repeat for 4 rounds", "repeat this 3 more times": as the line before.
            $c->skip('this', 'that', 'it');
            $again = $isBegun ? null : Extent::until($c, $from, AgainKind::Same, null, null);

            return null === $again?->times || !$c->isClauseEnd() ? $c->back($from) : $again;
        }

        return Extent::until($c, $from, AgainKind::Same, ...$rounds);
    }

    /** "same as round 4", "as for rnd 3", "continue as in R3", "do the same", "as before". */
    private static function as(Cursor $c, int $from): ?Again
    {
        $c->skip('then', 'and', 'work', 'continue', 'continuing', 'do', 'keep', 'worked', 'working', 'crochet', 'going', 'exactly', 'is', 'on');
        $same = $c->take('the') ? $c->take('same') : $c->take('same', 'ditto', 'likewise', 'identical');
        $led = $c->skip('as', 'like', 'per', ...($same ? ['to'] : [])) || $same;
        if (!$led) {
            return $c->back($from);
        }
        $c->skip('for', 'in', 'you', 'did', 'on', 'worked', 'the', 'with');
        if ('the' === $c->value(-1)) {
            --$c->at;
        }
        $rounds = Extent::named($c) ?? Extent::last($c);
        if (null !== $rounds) {
            return Extent::until($c, $from, AgainKind::Same, ...$rounds);
        }
        if ($c->take('before', 'above', 'established', 'set', 'previously') || ($same && ($c->isClauseEnd() || !$c->has()))) {
            $c->skip('around');

            return Extent::until($c, $from, self::asBefore($c, $from), null, null);
        }
        // "work as for the body until round 3": another piece, which the words alone do not tell.
        if ('as' === $c->tokens->value($c->at - 1) || \in_array($c->tokens->value($c->at - 1), ['for', 'in', 'on', 'like'], true)) {
            $c->skip('the', 'first', 'other', 'second');
            if ($c->tokens->isWord($c->at) && null === $c->name()) {
                ++$c->at;

                return new Again(AgainKind::Elsewhere, $c->span($from), open: true);
            }
        }

        return $c->back($from);
    }

    private static function asBefore(Cursor $c, int $from): AgainKind
    {
        return Assumption::OnEven === $c->choose($from, [Assumption::OnAsBefore, Assumption::OnEven]) ? AgainKind::Even : AgainKind::Same;
    }

    private static function evenOrNot(Cursor $c, int $from): AgainKind
    {
        return Assumption::OnEven === $c->choose($from, [Assumption::OnEven, Assumption::OnAsBefore]) ? AgainKind::Even : AgainKind::Same;
    }

    private static function anyOn(Cursor $c, int $from): AgainKind
    {
        return match ($c->choose($from, [Assumption::OnEven, Assumption::OnAsBefore, Assumption::OnAndOn])) {
            Assumption::OnEven => AgainKind::Even,
            Assumption::OnAndOn => AgainKind::Onward,
            default => AgainKind::Same,
        };
    }

    /** "work 5 rounds even", "continue for 4 more rows", "crochet 3 more rounds without increasing". */
    private static function someRounds(Cursor $c, int $from): ?Again
    {
        $begun = $c->skip(
            'then', 'and', 'now', 'work', 'crochet', 'continue', 'do', 'make', 'for', 'in', 'with', 'another', 'the', 'next',
            'keep', 'going', 'working', 'on', 'knit', 'a', 'further', 'of', 'sc', 'even', 'add', 'crocheting', 'total', 'single',
            'evenly', 'around', 'straight', 'as', 'established', 'without', 'increasing', 'plain', 'dc', 'hdc', 'decreasing',
        );
        $number = $c->number();
        if (!$begun || null === $number || $c->at === $from) {
            return $c->back($from);
        }
        ++$c->at;
        $c->skip('more', 'additional', 'further', 'extra', 'plain', 'even', 'straight', 'other', 'sc', 'single', 'crochet');
        if (!$c->take(...Words::ROUNDS) || 'times' === $c->value(-1)) {
            return $c->back($from);
        }
        $mark = $c->at;
        $c->skip(
            'even', 'evenly', 'plain', 'straight', 'more', 'of', 'in', 'sc', 'single', 'crochet', 'without', 'increasing',
            'increases', 'increase', 'decreasing', 'decreases', 'decrease', 'shaping', 'any', 'or', 'as', 'established', 'this',
            'way', 'like', 'manner', 'the', 'same', 'each', 'st', 'stitch', 'around', 'with', 'no', 'inc', 'dec', 'even', 'every',
            'all', 'sts', 'stitches', 'dc', 'hdc', 'that', 'pattern', 'before',
        );
        if (':' === $c->value() || !($c->isClauseEnd() || !$c->has() || UntilFits::isAhead($c))) {
            $c->back($mark);
            if (!$c->isClauseEnd() || ':' === $c->value()) {
                return $c->back($from);
            }
        }

        return new Again(self::saysEven($c, $from) ? AgainKind::Even : self::evenOrNot($c, $from), $c->span($from), times: min(9999, $number));
    }

    private static function saysEven(Cursor $c, int $from): bool
    {
        for ($at = $from; $at < $c->at; ++$at) {
            if (\in_array($c->tokens->value($at), ['even', 'evenly', 'plain', 'straight', 'without', 'sc', 'single', 'no', 'dc', 'hdc'], true)) {
                return true;
            }
        }

        return false;
    }

    /** "continue increasing in this manner until you have 36 stitches", "keep decreasing for 3 more rounds". */
    private static function onward(Cursor $c, int $from): ?Again
    {
        $led = $c->skip('then', 'and', 'now', 'continue', 'keep', 'continuing', 'go', 'on', 'work', 'to', 'with', 'the', 'carry');
        if ($led && $c->skip('in', 'this', 'way', 'manner', 'like', 'same', 'pattern', 'as', 'before', 'established')) {
            $c->skipTypes(TokenType::Separator);
        }
        if (!$led || !$c->take('increasing', 'decreasing', 'increase', 'decrease', 'increases', 'decreases')) {
            return $c->back($from);
        }
        $mark = $c->at;
        $c->skip(
            'in', 'this', 'the', 'same', 'manner', 'way', 'like', 'as', 'before', 'established', 'pattern', 'that', 'so', 'by',
            'each', 'round', 'every', 'per', 'sts', 'stitches', 'evenly', 'six', '6', 'rnd', 'set', 'fashion',
        );
        $until = Extent::until($c, $from, AgainKind::Onward, null, null);
        if (null === $until->times && null === $until->untilStitches && null === $until->untilRounds && !$until->open && $c->at === $mark
            && !$c->isClauseEnd()) {
            return $c->back($from);
        }

        return $until;
    }

    /** "even", "work even", "continue even for 3 rounds", "sc even". */
    private static function even(Cursor $c, int $from): ?Again
    {
        $c->skip('then', 'and', 'now', 'continue', 'work', 'working', 'keep', 'going', 'crochet', 'sc', 'single', 'go', 'on');
        if (!$c->take(...self::EVEN) && !$c->takePhrase('without', 'increasing') && !$c->takePhrase('without', 'decreasing')
            && !$c->takePhrase('without', 'shaping')) {
            return $c->back($from);
        }
        if ('evenly' === $c->value(-1) && !$c->isClauseEnd()) {
            return $c->back($from);
        }
        $c->skip('around', 'in', 'sc', 'single', 'crochet', 'with', 'no', 'increases', 'increasing', 'or', 'decreases');

        return Extent::until($c, $from, AgainKind::Even, null, null);
    }

    /** "continue", "keep going": on as before. */
    private static function on(Cursor $c, int $from): ?Again
    {
        $c->skip('and', 'then', 'now');
        $works = $c->isWord('work', 'crochet', 'sc', 'knit') && \in_array($c->value(1), ['until', 'till', 'til'], true) && !self::isToEnd($c);
        if (!($works || $c->isWord('continue') || ('keep' === $c->value() && 'going' === $c->value(1)) || ('carry' === $c->value() && 'on' === $c->value(1)))) {
            return $c->back($from);
        }
        $c->skip(
            'continue', 'keep', 'going', 'carry', 'work', 'crochet', 'sc', 'knit', 'around', 'on', 'crocheting', 'working', 'in',
            'pattern', 'this', 'way', 'like',
        );
        // "continue to the head:" only says where it goes on.
        $isOver = $c->isClauseEnd() || !$c->has() || $c->isWord('until', 'for') || ($c->isWord('to') && self::saysNumber($c));

        return $isOver ? Extent::until($c, $from, self::anyOn($c, $from), null, null) : $c->back($from);
    }

    private static function saysNumber(Cursor $c): bool
    {
        for ($at = $c->at; $c->tokens->has($at) && !$c->tokens->is($at, TokenType::Stop, TokenType::Separator); ++$at) {
            if (null !== $c->tokens->number($at)) {
                return true;
            }
        }

        return false;
    }

    /** "sc until last 2 sts" stays in its round. */
    private static function isToEnd(Cursor $c): bool
    {
        $from = $c->at++;
        $is = Times::around($c);
        $c->back($from);

        return $is;
    }
}

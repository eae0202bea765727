<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Stated;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\TokenType;

/**
 * Reads how long rounds go on where no number decides: "until it measures 6 cm", "about 8 rounds; stop when it reaches round 14 of the body".
 */
final class UntilFits
{
    private const UNTIL = ['until', 'till', 'til'];
    private const ABOUT = ['about', 'approx', 'approximately', 'roughly', 'circa'];
    /** Words of measuring, or of holding against something. */
    private const MEASURES = [
        'measures', 'measure', 'measuring', 'reaches', 'reach', 'reaching', 'fits', 'fit', 'fitting', 'covers', 'cover', 'meets', 'meet', 'matches',
        'match', 'long', 'longer', 'tall', 'taller', 'high', 'wide', 'wider', 'deep', 'length', 'height', 'width', 'size', 'depth',
        'cm', 'mm', 'inch', 'inches', 'wraps', 'wrap', 'touches', 'touch', 'overlaps', 'enough',
    ];
    /** Words of a place in the round: they say how far, not how long. */
    private const PLACES = ['marker', 'end', 'last', 'beginning', 'start', 'sts', 'stitches', 'st', 'stitch'];
    /** What it may begin with: at all else it need not look. */
    private const FIRST = [
        'or' => 1, 'and' => 1, 'then' => 1, 'until' => 1, 'till' => 1, 'til' => 1, 'stop' => 1, 'stopping' => 1, 'end' => 1, 'ending' => 1, 'for' => 1,
        'about' => 1, 'approx' => 1, 'approximately' => 1, 'roughly' => 1, 'circa' => 1,
    ];

    /**
     * @param list<Node> $before without stitches, or a sentence that stands for rounds, nothing goes on
     *
     * @return list<Stated|Cue>|null how many rounds it is about, where it says so, and until when
     */
    public static function of(Cursor $c, array $before): ?array
    {
        $works = static fn (Node $node): bool => $node instanceof Work || $node instanceof Repeat || $node instanceof Filling || $node instanceof Again;
        if (!isset(self::FIRST[$c->value()]) || [] === array_filter($before, $works)) {
            return null;
        }
        $from = $c->at;
        $stated = self::about($c);
        $c->skipTypes(TokenType::Separator, TokenType::Stop, TokenType::Dash);
        if (!self::isAhead($c)) {
            return $c->back($from);
        }
        $c->at = self::end($c);
        // "until it measures 4 cm (about 6 rounds)", "until it measures 4 cm, about 6 rounds"
        $end = $c->at;
        $isOpen = $c->takeType(TokenType::Open);
        $isOpen || $c->takeType(TokenType::Separator);
        $after = self::about($c);
        if (null === $after || $isOpen && !$c->takeType(TokenType::Close)) {
            $after = $c->back($end);
        }
        $stated ??= $after;
        $said = null === $stated ? [] : [new Stated($stated, $c->span($from), isAbout: true)];

        return [...$said, new Cue(CueKind::Fit, trim($c->tokens->typed($from, $c->at), ' ,;-–—.'), $c->span($from))];
    }

    /** Whether such words begin here, or behind "or". */
    public static function isAhead(Cursor $c): bool
    {
        $from = $c->at;
        $c->skip('or', 'and', 'then');
        $is = ($c->take(...self::UNTIL) || ($c->take('stop', 'end', 'ending', 'stopping') && $c->take('when', 'once', 'as'))) && self::isMeasure($c);
        $c->back($from);

        return $is;
    }

    private static function isMeasure(Cursor $c): bool
    {
        $end = self::end($c);

        return ($c->tokens->isAmong($c->at, $end, self::MEASURES) || self::isInInches($c, $end)) && !$c->tokens->isAmong($c->at, $end, self::PLACES)
            && !(\in_array($c->tokens->value($end - 2), [...Words::ROUND, ...Words::ROUNDS], true) && null !== $c->tokens->number($end - 1))
            && !\in_array($c->tokens->value($end - 1), Words::ROUNDS, true);
    }

    /** '4 in', '4"' */
    private static function isInInches(Cursor $c, int $end): bool
    {
        return \in_array($c->tokens->value($end - 1), ['in', '"'], true) && null !== $c->tokens->number($end - 2);
    }

    /** "about 8 rounds", "for about 8" */
    private static function about(Cursor $c): ?int
    {
        $from = $c->at;
        $c->take('for');
        $isAbout = $c->take(...self::ABOUT);
        $c->takeType(TokenType::Stop);
        $number = $isAbout ? $c->number() : null;
        if (null === $number || $number < 1 || $number > 9999) {
            return $c->back($from);
        }
        ++$c->at;
        $c->take('more');
        $c->take(...Words::ROUNDS);

        return $c->isClauseEnd() || self::isAhead($c) ? $number : $c->back($from);
    }

    /** Where its clause ends: a stop within a figure is none. */
    private static function end(Cursor $c): int
    {
        $at = $c->at;
        for (; $c->tokens->has($at); ++$at) {
            if ($c->tokens->is($at, TokenType::Separator, TokenType::Bar, TokenType::Open, TokenType::Close, TokenType::Equals)
                || ($c->tokens->is($at, TokenType::Stop) && !($c->tokens->isClose($at) && null !== $c->tokens->number($at + 1)))
                || ($c->tokens->is($at, TokenType::Dash) && !$c->tokens->isClose($at))) {
                break;
            }
        }

        return $at;
    }
}

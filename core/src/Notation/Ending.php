<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Count;

/** What may stand after a round's stitches: the closing count, and words that are for people only. */
final readonly class Ending
{
    public const COUNTED = ['st', 'sts', 'stitch', 'stitches'];

    private const BESIDE_COUNT = [...self::COUNTED, 'total', 'in', 'now', 'made', 'each'];

    /** A part of a line without stitches is a remark when it has one of these; else it may be a slip of the pen. */
    private const REMARKS = [
        'attach', 'begin', 'change', 'close', 'continue', 'cut', 'do', 'embroider', 'eye', 'eyes', 'fasten', 'finish', 'firmly', 'fo', 'insert', 'join', 'joining', 'leave', 'lightly',
        'mark', 'marker', 'move', 'off', 'opening', 'place', 'pull', 'put', 'remember', 'remove', 'sew', 'start', 'stuff', 'stuffing', 'tail', 'turn', 'weave', 'yarn',
    ];

    private function __construct(public Tokens $tokens, public ?Count $count)
    {
    }

    /** @param int $from the place after the head */
    public static function of(Tokens $tokens, int $from, Vocabulary $vocabulary): self
    {
        $tokens = self::withoutRemarks($tokens, $from, $vocabulary);
        [$tokens, $count] = self::closingCount($tokens, $from, $vocabulary);

        return new self(null === $count ? $tokens : self::withoutRemarks($tokens, $from, $vocabulary), $count);
    }

    /** @return array{Tokens, Count|null} */
    private static function closingCount(Tokens $tokens, int $from, Vocabulary $vocabulary): array
    {
        $end = self::withoutStops($tokens, $tokens->count(), $from);
        $inBrackets = $tokens->is($end - 1, TokenType::Close);
        $at = $inBrackets ? $end - 2 : $end - 1;
        $words = 0;
        $saysStitch = false;
        while ($at > $from && $tokens->isWord($at) && !$tokens->isNumber($at)) {
            $isStitch = null !== $vocabulary->stitch($tokens->value($at));
            if (!$isStitch && !$tokens->isOneOf($at, self::BESIDE_COUNT)) {
                return [$tokens, null];
            }
            $saysStitch = $saysStitch || $isStitch;
            ++$words;
            --$at;
        }
        if ($at < $from || !$tokens->is($at, TokenType::Number)) {
            return [$tokens, null];
        }
        $begin = $at;
        while ($begin > $from && ($tokens->isOneOf($begin - 1, ['total', '=', 'of']) || ($inBrackets && $tokens->is($begin - 1, TokenType::Stop)))) {
            --$begin;
        }
        if ($inBrackets) {
            if (!$tokens->is($begin - 1, TokenType::Open) || $begin - 1 < $from) {
                return [$tokens, null];
            }
            --$begin;
            // "sc around (18 sc)": said of the whole round, as no comma parts it from what stands before.
            if ($saysStitch && ($begin === $from || $tokens->is($begin - 1, TokenType::Separator))) {
                return [$tokens, null];
            }
        } else {
            $isParted = $begin > $from && ($tokens->is($begin - 1, TokenType::Stop, TokenType::Dash, TokenType::Separator) || $begin < $at);
            $isSaid = $begin < $at || $tokens->is($begin - 1, TokenType::Dash) || $words > 0;
            if ($saysStitch || !$isSaid || (!$isParted && !$tokens->isOneOf($begin - 1, ['around', 'end', 'round']) && !$tokens->is($begin - 1, TokenType::Close))) {
                return [$tokens, null];
            }
        }
        $position = $tokens->position($begin);
        $count = new Count($tokens->number($at), $position, $tokens->end($end - 1) - $position);

        return [$tokens->before(self::withoutStops($tokens, $begin, $from)), $count];
    }

    /** Whether a part of a line, from one place up to another, says nothing about its stitches. */
    private static function isRemark(Tokens $tokens, int $begin, int $end, Vocabulary $vocabulary): bool
    {
        if (self::isJoin($tokens, $begin, $vocabulary)) {
            return true;
        }
        $isRemark = false;
        for ($at = $begin; $at < $end; ++$at) {
            if (null !== $vocabulary->stitch($tokens->value($at)) || $tokens->isOneOf($at, ['around', 'mr', 'with', 'rep', 'repeat']) || $tokens->is($at, TokenType::Close, TokenType::Open, TokenType::Times)) {
                return false;
            }
            $isRemark = $isRemark || $tokens->isOneOf($at, self::REMARKS);
        }

        return $isRemark;
    }

    /** "join with sl st", "sl st to first st": how a joined round is closed, which is no stitch of the next. */
    private static function isJoin(Tokens $tokens, int $at, Vocabulary $vocabulary): bool
    {
        if ($tokens->isOneOf($at, ['join', 'joined'])) {
            return true;
        }
        $words = 'sl' === $tokens->value($at) || 'slip' === $tokens->value($at) ? 2 : 1;
        if (Stitch::SlipStitch !== $vocabulary->stitch(1 === $words ? $tokens->value($at) : $tokens->value($at).' '.$tokens->value($at + 1))) {
            return false;
        }
        $next = $at + $words;
        while ($tokens->isOneOf($next, ['in', 'into', 'to', 'the', 'top', 'of', 'blo'])) {
            ++$next;
        }

        return $next > $at + $words && $tokens->isOneOf($next, ['first', 'join', 'beginning', 'beg', '1st', 'close']);
    }

    private static function withoutStops(Tokens $tokens, int $end, int $from): int
    {
        while ($end > $from && ($tokens->is($end - 1, TokenType::Separator, TokenType::Stop, TokenType::Dash) || $tokens->isOneOf($end - 1, ['=', 'and', 'then']))) {
            --$end;
        }

        return $end;
    }

    /** Takes remarks off the end, part by part: ". Stuff now", ", fasten off". */
    private static function withoutRemarks(Tokens $tokens, int $from, Vocabulary $vocabulary): Tokens
    {
        for ($end = self::withoutStops($tokens, $tokens->count(), $from); $end > $from; $end = self::withoutStops($tokens, $begin, $from)) {
            $begin = $end;
            while ($begin > $from && !$tokens->is($begin - 1, TokenType::Separator, TokenType::Stop, TokenType::Dash)) {
                --$begin;
            }
            if (!self::isRemark($tokens, $begin, $end, $vocabulary)) {
                return $tokens->before($end);
            }
        }

        return $tokens->before($from);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;

/** What stitches are worked into, where it is said apart from them: a ring, a chain and its other side, both sides of a piece, strands. */
final class GroundPhrase
{
    public const RINGS = ['mr', 'ring', 'circle', 'mc', 'loop'];

    /** How many tokens name the ring at a place: "MR", "magic ring", "adjustable ring". */
    public static function ringWords(Tokens $tokens, int $at): int
    {
        if ($tokens->isOneOf($at, ['magic', 'adjustable']) && $tokens->isOneOf($at + 1, self::RINGS)) {
            return 2;
        }

        return $tokens->isOneOf($at, self::RINGS) && 'loop' !== $tokens->value($at) ? 1 : 0;
    }

    /** @return array{Foundation, int}|null "into MR:", before the stitches that go into it, and the place after it */
    public static function intoRing(Tokens $tokens, int $at): ?array
    {
        if (!$tokens->isOneOf($at, ['in', 'into'])) {
            return null;
        }
        $ring = $tokens->isOneOf($at + 1, ['a', 'the']) ? $at + 2 : $at + 1;
        $words = self::ringWords($tokens, $ring);
        if (0 === $words) {
            return null;
        }
        $position = $tokens->position($at);

        return [new Foundation(0, 0, $position, $tokens->end($ring + $words - 1) - $position), $ring + $words];
    }

    /** @return array{Foundation, int}|null "starting in 2nd ch from hook", after the chain, and the place after it */
    public static function fromChain(Tokens $tokens, int $at, Node $chain): ?array
    {
        if (!$chain instanceof Work || Stitch::Chain !== $chain->stitch || !$tokens->isOneOf($at, ['starting', 'start', 'beginning', 'begin', 'from'])) {
            return null;
        }
        while ($tokens->isOneOf($at, ['starting', 'start', 'beginning', 'begin', 'from', 'in', 'with', 'at', 'the'])) {
            ++$at;
        }
        $from = $tokens->isOneOf($at, ['second']) ? 2 : (int) $tokens->value($at);
        if ($from < 2 || !$tokens->isOneOf($at + 1, ['ch', 'chain'])) {
            return null;
        }
        $at += 2;
        while ($tokens->isOneOf($at, ['from', 'the', 'hook'])) {
            ++$at;
        }

        return [new Foundation($chain->times ?? 1, $from, $chain->position(), $tokens->end($at - 1) - $chain->position()), $at];
    }

    /** @return int the place after "now work along the other side of the chain"; the same where that is not said */
    public static function afterOtherSide(Tokens $tokens, int $begin): int
    {
        $isSaid = false;
        $at = $begin;
        while ($tokens->isOneOf($at, ['now', 'rotate', 'continue', 'continuing', 'work', 'working', 'along', 'on', 'to', 'down', 'the', 'other', 'opposite', 'side', 'of', 'foundation', 'starting', 'ch', 'chain', 'turn'])) {
            $isSaid = $isSaid || $tokens->isOneOf($at, ['side', 'rotate']);
            if ($isSaid && 'ch' === $tokens->value($at) && $tokens->isNumber($at + 1)) {
                break;
            }
            ++$at;
        }

        return $isSaid ? $at : $begin;
    }

    /** @return array{bool, int} whether it says "through both layers" at a place, and the place after it; "through both loops" is passed over */
    public static function throughBoth(Tokens $tokens, int $begin): array
    {
        $both = $tokens->isOneOf($begin, ['through', 'thru', 'in', 'into']) ? $begin + 1 : $begin;
        if (!$tokens->isOneOf($both, ['both'])) {
            return [false, $begin];
        }
        $at = $both + 1;
        while ($tokens->isOneOf($at, ['sides', 'layers', 'edges', 'thicknesses', 'loops', 'loop', 'of', 'the', 'piece'])) {
            ++$at;
        }

        // Both loops are what is meant where nothing is said.
        return [!$tokens->isOneOf($both + 1, ['loops', 'loop']), $at];
    }

    /** @return array{bool, int} the same before all stitches of a line, "fold flat, through both layers:" */
    public static function throughBothOfLine(Tokens $tokens, int $begin, Vocabulary $vocabulary): array
    {
        $at = $begin;
        while ($tokens->isOneOf($at, ['close', 'closing', 'fold', 'flat', 'flatten', 'and', 'work', 'working', 'press'])) {
            ++$at;
        }
        while ($at > $begin && $tokens->is($at, TokenType::Separator, TokenType::Stop)) {
            ++$at;
        }
        [$isSaid, $end] = $tokens->isOneOf($at, ['through', 'thru']) ? self::throughBoth($tokens, $at) : [false, $at];
        if ($isSaid && $tokens->is($end, TokenType::Separator, TokenType::Stop)) {
            return [true, $end];
        }
        // "fold flat, 9 sc through both": said again after the stitches.
        $isFolded = !$isSaid && $at > $begin && null !== Naming::at($tokens, $tokens->isNumber($at) ? $at + 1 : $at, $vocabulary);

        return [false, $isFolded ? $at : $begin];
    }

    /** @throws SyntaxError where such stitches are not known through both sides */
    public static function closing(Node $item, Vocabulary $vocabulary): Node
    {
        if ($item instanceof Work && !str_ends_with($item->stitch->value, ' both')) {
            $both = $item->stitch->throughBoth() ?? throw new SyntaxError('This stitch through both sides is not known here.', $vocabulary->inWords('Close with sc or sl st through both.'), $item->position(), max(1, $item->length()));

            return new Work($both, $item->times, $item->position(), $item->length(), null, $item->dye);
        }
        if ($item instanceof Repeat) {
            return new Repeat(array_map(static fn (Node $one): Node => self::closing($one, $vocabulary), $item->items), $item->times, $item->position(), $item->length(), null, $item->dye);
        }

        return $item;
    }

    /** @return int how many tokens say "over two strands", "over the tail": what is crocheted over is no stitch */
    public static function overStrands(Tokens $tokens, int $begin): int
    {
        if (!$tokens->isOneOf($begin, ['over'])) {
            return 0;
        }
        $at = $begin + 1;
        while ($tokens->isOneOf($at, ['both', 'the', 'its', 'carried', 'cut', 'loose', 'old', 'unused']) || $tokens->isNumber($at)) {
            ++$at;
        }

        return $tokens->isOneOf($at, ['strand', 'strands', 'tail', 'tails', 'end', 'ends', 'yarn', 'yarns']) ? $at + 1 - $begin : 0;
    }
}

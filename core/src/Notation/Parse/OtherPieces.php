<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\TokenType;

/** Reads what names other pieces that a round is worked on: "join to the first leg with sc", "12 sc around leg 2", "3 sc along the chain". */
final class OtherPieces
{
    private const ORDINALS = [
        'first', 'second', 'third', 'fourth', 'other', 'left', 'right', 'next', 'last', 'same', 'new', 'previous', '1st', '2nd', '3rd', '4th',
    ];
    private const NAMES = [
        'leg', 'legs', 'foot', 'feet', 'paw', 'paws', 'arm', 'arms', 'ear', 'ears', 'wing', 'wings', 'fin', 'fins', 'horn', 'horns', 'tube', 'tubes',
        'toe', 'tail', 'limb', 'limbs', 'flipper', 'flippers', 'collar', 'petal', 'petals', 'leaf', 'toes', 'finger', 'fingers', 'body', 'head',
        'piece', 'pieces', 'part', 'parts', 'dome', 'domes', 'half',
    ];
    private const CHAINS = ['ch', 'chs', 'chain', 'chains', 'bridge', 'gap'];

    /**
     * The stitch that joins: "join to the first leg with a sc", "attach to other leg with sc". A slip stitch, "join with sl st to the first leg", only leads
     * over.
     *
     * @return array{Work|Glue}|null null: nothing of the kind stands here
     */
    public static function joined(Cursor $c): ?array
    {
        $from = $c->at;
        $c->skip('and', 'then', 'now');
        if (!$c->namesOthers || !$c->take('join', 'joining', 'connect', 'connecting', 'attach', 'attaching')) {
            return $c->back($from);
        }
        $c->skip('it', 'this', 'them', 'the', 'chain', 'ch');
        $first = self::withStitch($c);
        if (!$c->take('to', 'with', 'onto', 'on', 'in', 'into') || !self::name($c, self::NAMES)) {
            return $c->back($from);
        }
        $stitch = $first ?? self::withStitch($c);

        return match ($stitch) {
            Stitch::SlipStitch => [new Glue($c->span($from))],
            Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble => [new Work($stitch, 1, $c->span($from))],
            default => $c->back($from),
        };
    }

    /** "with a sc" */
    private static function withStitch(Cursor $c): ?Stitch
    {
        $from = $c->at;
        if (!$c->take('with', 'by', 'using', 'in')) {
            return null;
        }
        $c->skip('a', 'an', 'one', '1', 'making', 'working');
        $name = $c->name();
        if (null === $name) {
            return $c->back($from);
        }
        $c->at += $name->tokens;
        $c->take(...Words::STITCHES);

        return $name->stitch;
    }

    /**
     * What joins another piece as one goes: "through arm and body" after its stitches, "attach the arm with the next 3 sc". They are ordinary stitches
     * through two fabrics; what is joined is said to the maker.
     *
     * @return array{0: Cue, 1?: Work}|null
     */
    public static function goingThrough(Cursor $c, bool $isAfter): ?array
    {
        $from = $c->at;
        if ($isAfter && $c->take('through', 'thru', 'thro', 'joining', 'attaching', 'catching')) {
            $isThrough = \in_array($c->value(-1), ['through', 'thru', 'thro'], true);
            $isNamed = self::part($c);
            $isTwo = $c->take('and', '&', '+', 'to') && self::part($c);
            $c->take('together') || $c->takePhrase('at', 'once') || $c->takePhrase('at', 'the', 'same', 'time');

            return $isNamed && ($isTwo || !$isThrough || $c->isClauseEnd()) ? [self::joins($c, $from)] : $c->back($from);
        }
        $c->skip('and', 'then', 'now');
        if (!$c->take('attach', 'join', 'add', 'place', 'hold', 'crochet', 'work', 'put', 'insert', 'fasten', 'secure', 'catch') || !self::part($c)) {
            return $c->back($from);
        }
        $c->skip('on', 'in', 'to', 'onto', 'the', 'body', 'head', 'front', 'of', 'against', 'side', 'here', 'now', 'piece', 'and');
        $said = $c->at;
        $c->takeType(TokenType::Separator);
        $isWith = $c->take('with', 'by', 'using', 'over', 'across', 'in', 'working', 'crocheting', 'sc') && ('sc' !== $c->value(-1) || (bool) --$c->at);
        $c->skip('working', 'crocheting', 'the', 'next', 'a', 'an', 'following');
        $number = $isWith ? $c->takeNumber() : null;
        $name = null === $number ? null : $c->name();
        if (null === $number || (null === $name && !$c->isWord(...Words::STITCHES))) {
            return $c->back($from);
        }
        $c->at += $name->tokens ?? 1;
        $stitches = new Work($name->stitch ?? Stitch::Single, $number, $c->span($said));
        $after = self::goingThrough($c, true);
        Loops::bothSides($c);

        return [$after[0] ?? new Cue(CueKind::Part, $c->tokens->typed($from, $said), $c->tokens->span($from, $said)), $stitches];
    }

    private static function joins(Cursor $c, int $from): Cue
    {
        return new Cue(CueKind::Part, $c->tokens->typed($from, $c->at), $c->span($from));
    }

    /** "the first arm", "left ear": one of the usual parts. */
    private static function part(Cursor $c): bool
    {
        $from = $c->at;
        $c->skip('both', 'the', 'a', 'an', 'one', 'each', 'of', 'your', ...self::ORDINALS);
        if ($c->take(...self::NAMES)) {
            return true;
        }
        $c->back($from);

        return false;
    }

    /** Whether another piece is held to the work in this line, so that "through both" is through it and the fabric. */
    public static function isHeld(Cursor $c): bool
    {
        return $c->tokens->isAmong($c->begins, $c->at, ['attach', 'place', 'hold', 'join', 'insert', 'put', 'position', 'holding'])
            && $c->tokens->isAmong($c->begins, $c->at, self::NAMES);
    }

    /** Passes over where a number of stitches go, which needs no counting: they follow one another. */
    public static function pass(Cursor $c): bool
    {
        if (!$c->namesOthers) {
            return false;
        }
        $from = $c->at;
        if ($c->take('in', 'into', 'on')) {
            $c->skip('the', 'each', ...self::CHAINS);
            if (\in_array($c->value(-1), self::CHAINS, true) && $c->isClauseEnd()
                && Assumption::SpaceOfAll === $c->choose($from, [Assumption::SpaceOfAll, Assumption::SpaceOfOne])) {
                return true;
            }
            $c->back($from);
        }
        $isAlong = $c->take('around', 'along', 'across', 'over', 'on', 'onto', 'down', 'up', 'of');
        if ($isAlong && $c->take('it') && $c->isClauseEnd()) {
            return true;
        }
        if (!$isAlong && !$c->take('in', 'into')) {
            return false;
        }
        if (!self::name($c, $isAlong ? [...self::NAMES, ...self::CHAINS] : self::NAMES)) {
            $c->back($from);

            return false;
        }

        return true;
    }

    /** "(12)" after a piece that is gone around: so many on it. */
    public static function counted(Cursor $c): ?int
    {
        if (!$c->is(TokenType::Open) || !$c->isAhead(1, TokenType::Number) || !$c->isAhead(2, TokenType::Close) || !$c->tokens->has($c->at + 3)) {
            return null;
        }
        ++$c->at;
        $number = $c->takeNumber();
        ++$c->at;

        return $number;
    }

    /** The chain between two pieces, "12 sc around leg 1, ch 2, 12 sc around leg 2": its stitches count, or it only leads over. */
    public static function bridge(Cursor $c): Work|Glue|null
    {
        $from = $c->at;
        if (!$c->namesOthers || !$c->take('ch', 'chain') || null === ($chains = $c->takeNumber())) {
            return $c->back($from);
        }
        $after = $c->at;
        $c->skipTypes(TokenType::Separator, TokenType::Stop, TokenType::Dash);
        $c->skip('and', 'then');
        $c->takeNumber();
        $name = $c->name();
        $c->at += $name->tokens ?? 0;
        $c->takeNumber();
        $c->take(...Words::STITCHES);
        $isBetween = null !== $name && $c->take('around', 'along', 'across', 'over', 'on', 'onto', 'in', 'into') && self::name($c, self::NAMES);
        $c->back($isBetween ? $after : $from);

        return match (true) {
            !$isBetween => null,
            Assumption::SpaceOfOne === $c->choose($from, [Assumption::SpaceOfOne, Assumption::SpaceOfAll]) => new Glue($c->span($from)),
            default => new Work(Stitch::Single, $chains, $c->span($from)),
        };
    }

    /**
     * Several that are gone around one after the other, without a number: one round around all of them.
     *
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    public static function asOne(array $items): array
    {
        $all = [];
        foreach ($items as $item) {
            $last = end($all);
            $isMore = $item instanceof Work && null === $item->times && $last instanceof Work && null === $last->times && $last->stitch === $item->stitch;
            $all = $isMore ? $all : [...$all, $item];
        }

        return $all;
    }

    /** @param list<string> $names */
    private static function name(Cursor $c, array $names): bool
    {
        $from = $c->at;
        $c->skip('each', 'of', 'the', 'your', 'both');
        $isOne = $c->skip(...self::ORDINALS);
        if (!$c->take(...$names)) {
            $c->back($from);

            return false;
        }
        // "leg 2", "leg A", but "leg, 12 sc".
        if (!$isOne && null !== $c->number() && !\in_array($c->value(1), ['sc', 'hdc', 'dc', 'sl', 'inc', 'dec', 'x'], true)) {
            ++$c->at;
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;

/** Reads what names other pieces that a round is worked on: "join to the first leg with sc", "12 sc around leg 2", "3 sc along the chain". */
final class OtherPieces
{
    private const ORDINALS = [
        'first', 'second', 'third', 'fourth', 'other', 'left', 'right', 'next', 'last', 'same', 'new', 'previous', '1st', '2nd', '3rd', '4th',
    ];
    private const NAMES = [
        'leg', 'legs', 'foot', 'feet', 'paw', 'paws', 'arm', 'arms', 'ear', 'ears', 'wing', 'wings', 'fin', 'fins', 'horn', 'horns', 'tube', 'tubes', 'toe',
        'toes', 'finger', 'fingers', 'body', 'head', 'piece', 'pieces', 'part', 'parts', 'dome', 'domes', 'half',
    ];
    private const CHAINS = ['ch', 'chs', 'chain', 'chains', 'bridge', 'gap'];

    /**
     * The stitch that joins: "join to the first leg with a sc", "attach to other leg with sc".
     *
     * @return array{Work}|null null: nothing of the kind stands here
     */
    public static function joined(Cursor $c): ?array
    {
        $from = $c->at;
        $c->skip('and', 'then', 'now');
        if (!$c->namesOthers || !$c->take('join', 'joining', 'connect', 'connecting', 'attach', 'attaching')) {
            return $c->back($from);
        }
        $c->skip('it', 'this', 'them', 'the', 'chain', 'ch');
        if (!$c->take('to', 'with', 'onto', 'on', 'in', 'into') || !self::name($c, self::NAMES)) {
            return $c->back($from);
        }
        if (!$c->take('with', 'by', 'using', 'in')) {
            return $c->back($from);
        }
        $c->skip('a', 'an', 'one', '1', 'making', 'working');
        $name = $c->name();
        if (Stitch::Single !== $name?->stitch) {
            return $c->back($from);
        }
        $c->at += $name->tokens;

        return [new Work(Stitch::Single, 1, $c->span($from))];
    }

    /** Passes over where a number of stitches go, which needs no counting: they follow one another. */
    public static function pass(Cursor $c): bool
    {
        if (!$c->namesOthers) {
            return false;
        }
        $from = $c->at;
        $isAlong = $c->take('around', 'along', 'across', 'over', 'on', 'onto', 'down', 'up');
        if (!$isAlong && !$c->take('in', 'into')) {
            return false;
        }
        if (!self::name($c, $isAlong ? [...self::NAMES, ...self::CHAINS] : self::NAMES)) {
            $c->back($from);

            return false;
        }

        return true;
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

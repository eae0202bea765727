<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Drawing;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Tail;

/** What becomes of the old yarn and of each end, drawn. Common practice, no source. */
final class EndDrawings
{
    /** @return array<string, Series> by what becomes of the old yarn, as a change says it: Place\OldYarn */
    public static function yarns(): array
    {
        return [
            'cut' => new Series('Cut', [
                new Drawing('Change to the new yarn, and work a few stitches.', Sketch::rows('ooonnn')->tail(Ink::Old, 2, 40)),
                new Drawing('Cut the old yarn, leaving an end.', Sketch::rows('ooonnn')->tail(Ink::Old, 2)->scissors(3)),
                new Drawing(
                    'Tug at it, so that its last stitch is as large as the others.',
                    Sketch::rows('ooonnn')->tail(Ink::Old, 2)->way(58, 66, 48, 92, 0),
                ),
            ]),
            'carry' => new Series('Carry inside', [
                new Drawing('Let the old yarn hang inside, and work on in the new one.', Sketch::rows('ooonnn')->tail(Ink::Old, 2, 40)),
                new Drawing(
                    'When it is wanted again, a few rounds higher, bring it straight up inside.',
                    Sketch::rows('nnnnnn', 'ooonnnn')->line(Ink::Old, 'M58 84Q50 60 58 36')->way(64, 80, 64, 38, 0),
                ),
                new Drawing(
                    'Pick it up without pulling: stretch the fabric, so that the yarn lies as long as it.',
                    Sketch::rows('nnnooo', 'ooonnnn')->line(Ink::Old, 'M58 84Q44 62 58 46')->hook(6, 'o'),
                ),
            ]),
            'float' => new Series('Carry loosely across', [
                new Drawing(
                    'Let the old yarn hang behind, and work the stitches in the new one.',
                    Sketch::rows('oonnn')->tail(Ink::Old, 1)->hook(5, 'n'),
                ),
                new Drawing(
                    'Bring it across behind them, loosely, and close the last one with it.',
                    Sketch::rows('oonnn')->behind(Ink::Old, 1, 5)->hook(5, 'nn', Ink::Old),
                ),
                new Drawing(
                    'Where it passes more than about five stitches, catch it: lay it over the hook behind a stitch halfway.',
                    Sketch::rows('onnnnno')->line(Ink::Old, 'M24 56Q46 74 70 52T122 56'),
                ),
            ]),
            'over' => new Series('Crochet over', [
                new Drawing('Lay the old yarn along the tops of the round below.', Sketch::rows('oo ', 'ooooooo')->line(Ink::Old, 'M48 60H136')),
                new Drawing(
                    'Insert the hook under it as well as under the stitch.',
                    Sketch::rows('oo', 'ooooooo')->line(Ink::Old, 'M48 60H136')->into(2, 'n', Ink::New, isLower: true),
                ),
                new Drawing('It lies inside the new stitches, and comes out where it is wanted.', Sketch::rows('oonnnn')->line(Ink::Old, 'M48 58H136')),
            ]),
            'wait' => new Series('Let the loop wait', [
                new Drawing('Stop at the next yarn’s loop.', Sketch::rows('ooo nnn')->loop(3, Ink::New)->hook(3, 'o')),
                new Drawing('Put the loop from the hook on a marker.', Sketch::rows('ooo nnn')->loop(2, Ink::Old)->marker(3)),
                new Drawing(
                    'Pick up the loop that waits, and work it up to the next one.',
                    Sketch::rows('ooo nnn')->loop(2, Ink::Old)->marker(3)->hook(6, 'n'),
                ),
            ]),
        ];
    }

    public static function of(Tail $tail): Series
    {
        return match ($tail) {
            Tail::Knot => new Series('Knot inside', [
                new Drawing('Both ends hang inside.', Sketch::rows('ooonnn')->tail(Ink::Old, 2)->tail(Ink::New, 3)),
                new Drawing('Knot them close to the fabric: right over left, left over right.', Sketch::rows('ooonnn')->knot(2, Ink::Old, Ink::New)),
                new Drawing(
                    'Cut them short; in a piece that stays open, a knot shows.',
                    Sketch::rows('ooonnn')->knot(2, Ink::Old, Ink::New)->scissors(4),
                ),
            ]),
            Tail::Weave => new Series('Weave in', [
                new Drawing('Thread the end.', Sketch::rows('ooooo')->needle(4, Ink::Old)),
                new Drawing(
                    'Go through the backs of stitches in its own colour, one way.',
                    Sketch::rows('ooooo')->woven(Ink::Old, 0, 4)->way(26, 30, 84, 30, 8),
                ),
                new Drawing(
                    'Go back through others, and cut it off.',
                    Sketch::rows('ooooo')->woven(Ink::Old, 0, 4)->way(84, 30, 26, 30, 8)->scissors(4),
                ),
            ]),
            Tail::Inside => new Series('Leave inside', [
                new Drawing('Leave the end long, and push it inside.', Sketch::rows('ooonnn')->tail(Ink::Old, 2, 44)->way(70, 88, 64, 60, -8)),
                new Drawing(
                    'Knot nothing: the stuffing holds it.',
                    Sketch::rows('ooonnn')->line(Ink::Old, 'M58 58q-4 10 4 16t-2 16')->way(92, 90, 74, 80, 4),
                ),
                new Drawing('It stays there with the stuffing.', Sketch::rows('ooonnn')->line(Ink::Thing, 'M22 80q10 -12 18 0t18 0t18 0t18 0t18 0')),
            ]),
            Tail::Over => new Series('Crochet over 3–4 stitches', [
                new Drawing(
                    'Lay the end along the tops of the round below.',
                    Sketch::rows('ooo', 'ooooooo')->line(Ink::New, 'M64 60h66')->hook(3, 'n'),
                ),
                new Drawing('Work three or four stitches over it.', Sketch::rows('ooonnnn')->line(Ink::New, 'M64 58h72')),
                new Drawing('Tug at it, and cut it off.', Sketch::rows('ooonnnn')->line(Ink::New, 'M132 58q8 4 8 16')->scissors(5)),
            ]),
            Tail::Sew => new Series('Sew with it', [
                new Drawing('Leave a long end, and thread it.', Sketch::rows('ooooo')->needle(4, Ink::Old)),
                new Drawing(
                    'Sew through a stitch of the other piece, and through the next of this one.',
                    Sketch::rows('ooooo', 'nnnnnnn')->needle(3, Ink::Old, true)->woven(Ink::Old, 0, 3),
                ),
                new Drawing('Go on all around, and hide the end inside.', Sketch::rows('ooooo', 'nnnnnnn')->woven(Ink::Old, 0, 5)),
            ]),
            Tail::Keep => new Series('Keep to hang it by', [
                new Drawing('Leave the end long, outside.', Sketch::rows('ooooo')->line(Ink::Old, 'M54 40q-8 -16 2 -34')),
                new Drawing(
                    'Thread it through the same stitch once more, so that it holds.',
                    Sketch::rows('ooooo')->line(Ink::Old, 'M54 40q-8 -16 2 -34M54 40q14 -8 8 10'),
                ),
                new Drawing('Knot it to a loop to hang the piece by.', Sketch::rows('ooooo')->line(Ink::Old, 'M52 40c-2 -16 -14 -34 2 -34s4 18 2 34')),
            ]),
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Drawing;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;

/** How a piece is begun, shaped and closed, drawn. Common practice, no source. */
final class TechniqueDrawings
{
    /** @return array<string, Series> by a name of their own */
    public static function all(): array
    {
        return [
            'magic-ring' => new Series('Magic ring', [
                new Drawing(
                    'Make a ring with the yarn, its end below.',
                    Sketch::blank()->line(Ink::Old, 'M96 24C60 4 34 26 44 52s52 18 50 -8q0 -14 -18 -22M60 70q-6 12 -2 22'),
                ),
                new Drawing(
                    'Pull the working yarn up through it, and chain 1.',
                    Sketch::blank()
                        ->line(Ink::Old, 'M40 50a28 22 0 1 0 56 0a28 22 0 1 0 -56 0M60 70q-6 12 -2 22')
                        ->line(Ink::Hook, 'M66 34q-6 1 -5 -5m5 5l50 -30')
                        ->line(Ink::Old, 'M74 20c8 -4 10 8 3 15'),
                ),
                new Drawing(
                    'Work the stitches of round 1 around the ring and its end.',
                    Sketch::blank()
                        ->line(Ink::Old, 'M44 54a24 18 0 1 0 48 0a24 18 0 1 0 -48 0M58 70q-6 12 -2 22M44 48l-14 -10M52 40l-8 -16M68 36v-18'
                            .'M84 40l8 -16M92 48l14 -10M94 60l14 4'),
                ),
                new Drawing(
                    'Draw the ring close by its end: quite tight only after round 2.',
                    Sketch::blank()
                        ->line(Ink::Old, 'M62 50a6 5 0 1 0 12 0a6 5 0 1 0 -12 0M66 56q-8 16 -6 34M62 48l-18 -12M64 45l-10 -20M68 44v-22'
                            .'M72 45l10 -20M74 48l18 -12M74 53l20 4')
                        ->way(76, 66, 66, 92, -6),
                ),
            ]),
            'two-chains' => new Series('Two chains', [
                new Drawing(
                    'Make a slip knot, and chain 2.',
                    Sketch::blank()
                        ->line(Ink::Old, 'M40 76q9 -9 18 0q-9 9 -18 0M58 76q9 -9 18 0q-9 9 -18 0')
                        ->line(Ink::Hook, 'M84 68q-6 1 -5 -5m5 5l44 -30'),
                ),
                new Drawing(
                    'Insert the hook in the second chain from it.',
                    Sketch::blank()
                        ->line(Ink::Old, 'M40 60q9 -9 18 0q-9 9 -18 0M58 60q9 -9 18 0q-9 9 -18 0')
                        ->line(Ink::Hook, 'M42 66q-6 1 -5 -5m5 5l70 -44')
                        ->way(96, 66, 52, 72, -10),
                ),
                new Drawing(
                    'Work all stitches of round 1 in that one chain; it closes well with a thin yarn.',
                    Sketch::blank()->line(Ink::Old, 'M60 60q9 -9 18 0q-9 9 -18 0M60 58l-22 -12M62 54l-12 -22M69 52v-24M76 54l12 -22M78 58l22 -12'),
                ),
            ]),
            'increase' => new Series('Increase', [
                new Drawing('Work a stitch.', Sketch::rows('ooo', 'ooooooo')->hook(3, 'o')),
                new Drawing('Insert the hook in the same stitch again.', Sketch::rows('ooo', 'ooooooo')->into(2, 'o', Ink::Old, isLower: true)),
                new Drawing(
                    'Work a second one in it: two stand in one.',
                    Sketch::rows('oo', 'ooooooo')
                        ->line(Ink::Old, 'M54 66l-7 -20M54 66l7 -20M40 44q7 -8 14 0q-7 8 -14 0M54 44q7 -8 14 0q-7 8 -14 0')
                        ->hook(4, 'o'),
                ),
            ]),
            'decrease' => new Series('Decrease', [
                new Drawing('Pull a loop up in a stitch, and leave it on the hook.', Sketch::rows('oo', 'ooooooo')->hook(2, 'oo')),
                new Drawing('Pull another up in the next stitch: three loops.', Sketch::rows('oo', 'ooooooo')->hook(3, 'ooo', Ink::Old)),
                new Drawing(
                    'Pull the yarn through all three: two stitches end in one.',
                    Sketch::rows('oo', 'ooooooo')->line(Ink::Old, 'M54 66l9 -20M72 66l-9 -20M54 44q9 -9 18 0q-9 9 -18 0')->hook(4, 'o'),
                ),
            ]),
            'invisible-decrease' => new Series('Invisible decrease', [
                new Drawing(
                    'Put the hook through the front loop alone of the next stitch.',
                    Sketch::rows('oo', 'ooooooo')->into(2, 'o', isLower: true, isFront: true),
                ),
                new Drawing(
                    'And through the front loop of the one after it, with no yarn over between.',
                    Sketch::rows('oo', 'ooooooo')->into(3, 'oo', isLower: true, isFront: true),
                ),
                new Drawing(
                    'Yarn over, through both front loops; yarn over, through the two left.',
                    Sketch::rows('oo', 'ooooooo')->line(Ink::Old, 'M54 66l9 -20M72 66l-9 -20M54 44q9 -9 18 0q-9 9 -18 0')->hook(4, 'o'),
                ),
            ]),
            'bobble' => new Series('Bobble', [
                new Drawing(
                    'Yarn over, pull a loop up, and through two: a tall stitch less its last step.',
                    Sketch::rows('oo', 'ooooooo')->hook(2, 'oo'),
                ),
                new Drawing(
                    'The same again in the same stitch, until as many wait as the pattern says.',
                    Sketch::rows('oo', 'ooooooo')->line(Ink::Old, 'M54 66l-9 -24M54 66l-3 -26M54 66l3 -26M54 66l9 -24')->hook(4, 'oooo'),
                ),
                new Drawing(
                    'Pull the yarn through all of them.',
                    Sketch::rows('oo', 'ooooooo')
                        ->line(Ink::Old, 'M54 66q-18 -12 0 -24q18 12 0 24M54 66v-24M45 42q9 -9 18 0q-9 9 -18 0')
                        ->hook(4, 'o'),
                ),
                new Drawing(
                    'Push it out to the right side, and work a plain stitch beside it.',
                    Sketch::rows('oo o', 'ooooooo')->line(Ink::Old, 'M54 66q-22 -12 0 -26q22 12 0 26M54 66v-24')->way(40, 84, 52, 62, -6),
                ),
            ]),
            'close' => new Series('Close through the front loops', [
                new Drawing('Cut a long end after the last round, and thread it.', Sketch::rows('oooooo')->needle(5, Ink::Old)),
                new Drawing(
                    'Go through the front loop of each stitch, from the middle outwards.',
                    Sketch::rows('oooooo')->line(Ink::Old, 'M14 50q9 -12 18 0q9 -12 18 0q9 -12 18 0q9 -12 18 0q9 -12 18 0')->way(20, 26, 108, 26, 8),
                ),
                new Drawing(
                    'Draw it close, and take the end down through the middle.',
                    Sketch::blank()
                        ->line(Ink::Old, 'M66 48l-30 -16M68 44l-18 -30M72 42v-32M76 44l18 -30M78 48l30 -16M72 50v40')
                        ->way(84, 58, 84, 88, 0),
                ),
            ]),
            'fasten-off' => new Series('Fasten off', [
                new Drawing('Cut the yarn, leaving the end that is wanted.', Sketch::rows('ooooo')->hook(5, 'o')->tail(Ink::Old, 5)->scissors(5)),
                new Drawing(
                    'Pull the end right through the last loop.',
                    Sketch::rows('ooooo')->line(Ink::Old, 'M104 46c10 -14 20 -16 24 -34')->way(108, 40, 132, 12, 0),
                ),
                new Drawing('Draw it tight.', Sketch::rows('ooooo')->tail(Ink::Old, 4, 40)->way(112, 56, 104, 88, 0)),
            ]),
        ];
    }
}

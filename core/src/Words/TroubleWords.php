<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Trouble;

/** What often goes wrong, and what helps. */
final class TroubleWords
{
    /** @return array{trouble: string, remedy: string} */
    public static function of(Trouble $trouble): array
    {
        [$said, $helps] = match ($trouble) {
            Trouble::TightBeginning => [
                'Is the first round too tight for the hook?',
                'Wind the ring loosely, and leave it open until round 2 is worked; of two chains, work the first one loosely.',
            ],
            Trouble::HoleBetweenLegs => [
                'Does a hole stay where the legs meet?',
                'Before you stuff, take a stitch or two across it from inside with the end that hangs there.',
            ],
            Trouble::DarkYarn => [
                'Are the stitches hard to see in this yarn?',
                'Work by daylight with a white cloth on your lap, feel for the gap beside each post, and move the marker up in every round.',
            ],
            Trouble::FluffyYarn => [
                'Are the stitches lost in the pile of this yarn?',
                'Feel for them with the finger that holds the work, count as you work and not afterwards, and put a marker into every tenth stitch.'
                    .' Loops that are pulled tight can hardly be undone: work loosely.',
            ],
            Trouble::LumpyStuffing => [
                'Does it get lumpy?',
                'Pull the stuffing apart and put it in by small pieces, along the fabric first. Shape it from outside by hand. It settles: give it a little'
                    .' more than seems enough.',
            ],
            Trouble::CaughtFibre => [
                'Is stuffing caught in a stitch?',
                'Push it back with the end of the hook before you go on, and leave the topmost rounds free until it is closed.',
            ],
            Trouble::StuffingShows => [
                'Does stuffing show between the stitches?',
                'Take some out again, or use stuffing in the colour of the yarn. Next time a smaller hook closes the fabric.',
            ],
            Trouble::TipsOver => [
                'Is it to stand, and tips over?',
                'Stuff the base more firmly than the rest and press it flat on a table while you do; or let it sit or hang.',
            ],
            Trouble::HoleLeft => [
                'Is a hole left in the middle?',
                'Take the tail through the same loops once more, then across the hole from both sides.',
            ],
            Trouble::WeakYarn => [
                'Does a plush or loosely spun yarn tear as it is drawn?',
                'Draw it slowly, a little at a time, or close with a stronger thread in its colour.',
            ],
            Trouble::EndShows => [
                'Does a knot or an end come through?',
                'Pull it back inside with the hook from the other side, and take the end once more through the stuffing.',
            ],
            Trouble::Wobbles => [
                'Does it wobble?',
                'Sew around once more, half a stitch farther out, and fill up the stuffing under the seam before you close it.',
            ],
            Trouble::SitsWrong => [
                'Does it sit wrong?',
                'Hold it with pins and look at it from all sides before you sew. If it is sewn already, cut the sewing thread, never the fabric.',
            ],
        };

        return ['trouble' => $said, 'remedy' => $helps];
    }
}

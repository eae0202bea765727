<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Slip\Mishap;

/** What went wrong beside the count, the ways out, and what each costs. Common practice, no source. */
final class MishapWords
{
    public static function name(Mishap $mishap): string
    {
        return match ($mishap) {
            Mishap::ChangeOvershot => 'A change came too late',
            Mishap::WrongYarn => 'Some stitches are in the wrong yarn',
            Mishap::PartForgotten => 'Eyes or another part were forgotten',
            Mishap::LoopDropped => 'The loop slipped off the hook',
        };
    }

    /** @return list<array{way: string, costs: string}> the one that leaves least behind first */
    public static function ways(Mishap $mishap): array
    {
        return match ($mishap) {
            Mishap::ChangeOvershot => [
                ['way' => 'Pull back to the last stitch before the change, and make it there.', 'costs' => 'The stitches since are worked again.'],
                [
                    'way' => 'Make the change now, and the next ones where the plan has them.',
                    'costs' => 'The edge of the colours has a step of so many stitches in this round. At the back nobody sees it.',
                ],
                [
                    'way' => 'Go on, and cover the stitches later with duplicate stitches in the right yarn: up through the foot of the V, behind the V above,'
                        .' back down.',
                    'costs' => 'A needle, and about as much yarn as the stitches took. They stand out a little.',
                ],
            ],
            Mishap::WrongYarn => [
                ['way' => 'Pull back to the first of them.', 'costs' => 'All that was worked since is worked again.'],
                [
                    'way' => 'Cover them with duplicate stitches in the right yarn when the piece is done.',
                    'costs' => 'They stand out a little; in fluffy yarn they hardly show.',
                ],
                ['way' => 'Leave them, and note it here, so that the other copies come out alike.', 'costs' => 'This copy is as you made it.'],
            ],
            Mishap::PartForgotten => [
                [
                    'way' => 'While fingers still get in, set it now from inside, and press its washer on.',
                    'costs' => 'The stuffing above it comes out and goes in again.',
                ],
                ['way' => 'Pull back to the last round at which fingers got in, set it, and go on.', 'costs' => 'The rounds since are worked again.'],
                [
                    'way' => 'Embroider it, or sew on from outside what has no washer.',
                    'costs' => 'It looks otherwise. For a small child only what is embroidered: sewn on parts come off. Local rules say what else holds.',
                ],
            ],
            Mishap::LoopDropped => [
                [
                    'way' => 'Pull at nothing. Catch the loop with the tip of the hook from behind, and count the stitches since the marker.',
                    'costs' => 'Nothing, where no stitch came undone.',
                ],
                [
                    'way' => 'Where some came undone, pull back to the last whole stitch, and say below where you are.',
                    'costs' => 'Those stitches are worked again.',
                ],
            ],
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Practice\Lesson;

/** What is explained while a first small ball is made, each thing where it comes. */
final class PracticeWords
{
    /** @return list<string> a sentence or two each */
    public static function says(Lesson $lesson): array
    {
        return match ($lesson) {
            Lesson::Ring => [
                'Wind the yarn once around two fingers, and work six single crochets into that ring. Draw it closed by its tail.',
                'When they are there, tap below: a tap counts a whole round.',
            ],
            Lesson::Marker => [
                'The rounds of a spiral have no beginning of their own. Put a marker into the first stitch of this round, and move it up in each.',
            ],
            Lesson::Counting => [
                'Here the picture is worth a look: the ring shows the round from above, the black line is the marker, the small figure the piece so far.',
                'An increase is two in one stitch. This round ends on one.',
            ],
            Lesson::Change => [
                'At the end of this round the yarn changes. It is told here before its stitch comes, as it begins in the last stitch of the old yarn.',
            ],
            Lesson::PlainJog => [
                'Look at where the two colours meet: a small stair, one round high. It is called a jog, as a spiral climbs. This one was left as it comes.',
            ],
            Lesson::DrawnLoop => [
                'The next change has a loop drawn up through the stitch below, which flattens the stair. Compare the two when you are past it.',
            ],
            Lesson::Stuffing => [
                'What cannot be undone waits for an answer: done, later or left out. What you put off is told again while it can still be done.',
            ],
            Lesson::Closing => [
                'The yarn is cut, and its end closes the ball. Leave it long: what is too short cannot be threaded.',
            ],
            Lesson::Tails => [
                'That was all of it: a ring, a marker, a count, two changes and their tails. The toys on the shelf are made in the same way.',
            ],
        };
    }

    /** @return array{ask: string, right: string, wrong: string, because: string}|null what is asked there */
    public static function asks(Lesson $lesson): ?array
    {
        return match ($lesson) {
            Lesson::Marker => [
                'ask' => 'What is in your hand now?',
                'right' => 'Six stitches in a ring, and a loop on the hook',
                'wrong' => 'Seven stitches in a ring',
                'because' => 'The loop on the hook is no stitch: it is never counted.',
            ],
            Lesson::Change => [
                'ask' => 'The round before ended on a plain single crochet. What does that tell?',
                'right' => 'The count is off',
                'wrong' => 'That is as it should be',
                'because' => 'Its last stitch is an increase. Where it is none, a stitch was missed, and “Something is wrong” helps to find it.',
            ],
            Lesson::PlainJog => [
                'ask' => 'When did the new yarn come in?',
                'right' => 'On the last pull-through of the last stitch in the old yarn',
                'wrong' => 'With the first stitch of the new round',
                'because' => 'The loop on the hook becomes the top of the next stitch: so it has the new colour before that is worked.',
            ],
            default => null,
        };
    }
}

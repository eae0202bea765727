<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** What was done, as a journal has it. */
enum EventKind: string
{
    /** Stitches were worked, up to one of a round. */
    case Worked = 'worked';
    /** Done up to a place without having been counted here. */
    case Moved = 'moved';
    /** A step that cannot be undone was done, put off or left out. */
    case Answered = 'answered';
    /** Another event did not happen: a tap too many. */
    case Back = 'back';
    /** Stitches were pulled out, down to one of a round. */
    case Ripped = 'ripped';
    /** A round has other stitches than it is to have. */
    case Slipped = 'slipped';
    case Paused = 'paused';
    /** A ball was weighed. */
    case Weighed = 'weighed';
    case Noted = 'noted';
    /** The plan was changed meanwhile: what is made from that revision on. */
    case Took = 'took';

    /** @return list<string> the fields that it has beside what every event has, in the order in which they are written */
    public function fields(): array
    {
        return match ($this) {
            self::Worked, self::Moved, self::Ripped => ['piece', 'copy', 'round', 'stitch'],
            self::Answered => ['piece', 'copy', 'round', 'stitch', 'key', 'answer'],
            self::Slipped => ['piece', 'copy', 'round', 'stitch', 'has', 'key'],
            self::Back => ['of'],
            self::Paused => [],
            self::Weighed => ['yarn', 'grams'],
            self::Noted => ['piece', 'copy', 'round', 'text'],
            self::Took => ['revision', 'from'],
        };
    }
}

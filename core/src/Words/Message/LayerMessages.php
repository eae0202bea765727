<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Message;

/** Sentences of what colour layers hold: see MessageWords. */
final class LayerMessages
{
    public const ALL = [
        'band.fewer' => [
            'This band is asked to be {count} {worked, select, rows {rows} other {rounds}} high, but only {there, plural, one {# is} other {# are}} there.',
            'Leave it if the piece is still to grow; else make it lower.',
        ],
        'handSet.noRound' => [
            'Stitches are set by hand in {worked, select, rows {row} other {round}} {round}, which the piece does not have.',
            'Clear what is past the end.',
        ],
        'handSet.tooFar' => [
            'Stitch {stitch} of {worked, select, rows {row} other {round}} {round} is set by hand, but it has {made}.',
            'Clear what is past the end.',
        ],
        'helix.notSpiral' => [
            'Several yarns go on side by side only where the piece is worked in a spiral.',
            'Work the piece in a spiral, or take stripes of one round.',
        ],
        'helix.oneYarn' => ['Several yarns are two at the least.', 'Add a yarn, or give the rounds one yarn.'],
        'helix.tooFew' => [
            'This spiral has rounds of {fewest} stitches for {yarns} yarns: each yarn needs one at the least.',
            'Begin it where the piece is wider, or take fewer yarns.',
        ],
        'helix.yarnTwice' => ['A yarn goes along in this spiral twice.', 'Name each yarn once.'],
        'layer.backwards' => [
            '{layer, select, stripes {These stripes} spots {These spots} helix {This spiral} panel {This patch} blend {This fade} other {This layer}} '
                .'{layer, select, stripes {run} spots {run} other {runs}} backwards, from {worked, select, rows {row} other {round}} {from} to {to}.',
            'Let {layer, select, stripes {them} spots {them} other {it}} run from {to} to {from}.',
        ],
        'layer.covered' => ['“{name}” is wholly covered by layers above it, so nothing of it is seen.', 'Move it up, or delete it.'],
        'layer.noRounds' => ['This band names {worked, select, rows {rows} other {rounds}} that the piece does not have.', 'Take it out, or name others.'],
        'layer.noYarn' => [
            'Yarn {yarn} is used here, but the plan has no yarn {yarn}.',
            'Add a yarn {yarn}, or give these {worked, select, rows {row} other {round}}s another one.',
        ],
        'layer.tooFar' => [
            '{layer, select, stripes {These stripes} spots {These spots} helix {This spiral} panel {This patch} blend {This fade} other {This layer}} '
                .'{layer, select, stripes {go} spots {go} other {goes}} to {worked, select, rows {row} other {round}} {to}, but the piece ends with {worked, '
                .'select, rows {row} other {round}} {last}.',
            'Let {layer, select, stripes {them} spots {them} other {it}} end with {worked, select, rows {row} other {round}} {last}, or work more '
                .'{worked, select, rows {row} other {round}}s.',
        ],
        'layer.unknown' => ['This kind of colour layer is not known.', 'Write one of: {kinds}.'],
        'motif.rows' => ['The rows of a motif are as long as one another, and there is one at least.', 'Fill the shorter ones with stops.'],
        'motif.tooHigh' => [
            'This motif needs {worked, select, rows {row} other {round}}s {from} to {to}, but the piece ends with {worked, select, rows {row} other '
                .'{round}} {last}.',
            'Move it to an earlier one.',
        ],
        'motif.tooWide' => [
            'This motif is {width} stitches wide, but {worked, select, rows {row} other {round}} {round} has {made}.',
            'Move it to wider {worked, select, rows {row} other {round}}s, or draw it narrower.',
        ],
        'picture.empty' => ['There is no letter in this table.', 'Write a yarn’s letter for each stitch, a row for each round.'],
        'picture.noYarn' => ['Row {row}, column {column}: “{said}” is no yarn of this plan.', 'Write a yarn’s letter, or leave the cell empty.'],
        'picture.tooLarge' => ['This is {wide} cells wide and {high} high; a motif can have {most} of each.', 'Cut it into parts.'],
        'run.noRound' => [
            'This is set in {worked, select, rows {row} other {round}} {round}, but the piece ends with {worked, select, rows {row} other {round}} {last}.',
            'Take it out, or set it in another.',
        ],
        'run.tooFar' => [
            'This goes to stitch {stitch}, but {worked, select, rows {row} other {round}} {round} has {made} stitches.',
            'Let it end with stitch {made}.',
        ],
        'spots.cut' => [
            'These spots are {tall} {worked, select, rows {rows} other {rounds}} high, but the piece ends with {worked, select, rows {row} other {round}} '
                .'{last}: those that begin in {worked, select, rows {row} other {round}} {round} are cut off.',
            'Let them end earlier, or make them lower.',
        ],
        'spots.none' => [
            '{worked, select, rows {Row} other {Round}} {round} has {made} stitches, fewer than the {every} from one spot to the next, so it gets none.',
            'Put them closer together, or begin where the piece is wider.',
        ],
        'spots.touch' => [
            '{worked, select, rows {Row} other {Round}} {round} has {made} stitches, and these spots fill all of it.',
            'Take fewer of them, or narrower ones.',
        ],
    ];
}

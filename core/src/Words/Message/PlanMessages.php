<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Message;

/** Sentences of what a plan and a message hold: see MessageWords. */
final class PlanMessages
{
    public const ALL = [
        'field.cells' => ['Write a yarn’s letter or a stop for each cell.'],
        'field.hex' => ['Write a colour as #RRGGBB.'],
        'field.key' => ['Write small letters, digits and dashes.'],
        'field.lineBreak' => ['A line break is in it: write each line as a text of its own.'],
        'field.linesApart' => ['Write each line as a text of its own.'],
        'field.missing' => ['This field is missing.', 'Put it in.'],
        'field.nameYarn' => ['Name the yarn.'],
        'field.noChoice' => ['This is none of the choices.', 'Write one of: {choices}.'],
        'field.noList' => ['This is not a list.', 'Put its parts between [ and ].'],
        'field.noNumber' => ['This is not a number.', 'Write a number without quotes.'],
        'field.noObject' => ['This is not an object with named fields.', 'Put its fields between \'{\' and \'}\'.'],
        'journal.noId' => ['This names no event.', 'It has 26 capital letters and digits.'],
        'journal.noJournal' => ['This is no journal of Alternum.', 'Choose a file that was downloaded as a journal.'],
        'journal.later' => ['This journal was written by a later version.', 'Open it there, or update this one.'],
        'field.noText' => ['This is not a text.', 'Put it between quotes.'],
        'field.noTruth' => ['This is neither true nor false.', 'Write true or false.'],
        'field.notNumbers' => ['These are not {count} numbers from {least} to {most}.', 'Write one for each.'],
        'field.notWhole' => ['{value} is not a whole number.', 'Write it without a fraction.'],
        'field.notBeside' => ['This cannot stand beside “{other}”.', 'Take out one of the two.'],
        'field.oneLine' => ['It is one line.'],
        'field.otherPlacement' => ['Name another placement by its key.'],
        'field.pieceKey' => ['Name a piece by its key.'],
        'field.placementKey' => ['Name a placement by its key.'],
        'field.round' => ['Name a round by its number.'],
        'field.stitches' => ['Write a yarn’s letter or a stop for each stitch.'],
        'field.tooFew' => ['There are {count} here.', 'At least {least} must be.'],
        'field.tooLarge' => ['{value} is too large.', 'Write a number from {least} to {most}.'],
        'field.tooLong' => ['This is longer than {most, number} characters.', 'Make it shorter.'],
        'field.tooMany' => ['There are {count} here.', 'There can be {most} at the most.'],
        'field.tooSmall' => ['{value} is too small.', 'Write a number from {least} to {most}.'],
        'field.twice' => [
            'Two {of} have the {of, select, yarns {letter} other {key}} “{key}”.',
            'Give one of them another {of, select, yarns {letter} other {key}}.',
        ],
        'field.unfit' => ['This cannot be used here.'],
        'field.unfitValue' => ['“{value}” cannot be used here.'],
        'field.unknown' => ['This field is not known here.', 'Take it out, or fix its spelling.'],
        'field.yarnKey' => ['A yarn is known by one capital letter, A to Z.'],
        'field.yarnOrStop' => ['Name a yarn by its letter, or write a stop to clear.'],
        'joint.circle' => [
            '{part} is put on {onto}, and {onto} is put on {part} in turn: neither can be first.',
            'Take one of them off the other.',
        ],
        'joint.closedBefore' => [
            '{part} is closed where it is put on, so nothing can be stuffed through the seam.',
            'Stuff it before, or choose its open edge.',
        ],
        'joint.noCopy' => [
            'Copy {copy} of {part} is to be put on, and {copies, plural, one {# is} other {# are}} made.',
            'Make more of {part}, or place fewer.',
        ],
        'joint.noPiece' => ['A part is placed by the piece “{piece}”, which the plan does not have.', 'Choose another piece, or take the part off.'],
        'joint.noRounds' => ['{piece} has no rounds yet.', 'Type its rounds first.'],
        'joint.noStretch' => ['{part} is to touch up to round {to}, and has rounds 1 to {last}.', 'Name a round that it has.'],
        'joint.onItself' => ['{part} cannot be put on itself.', 'Choose another piece to put it on.'],
        'joint.twice' => ['Copy {copy} of {part} is put on twice.', 'Make more of {part}, or take one off.'],
        'joint.unfitHold' => ['{hold} does not go {edge}.', 'Choose another edge, or another way to hold it.'],
        'joint.unknownHold' => ['This way to hold a part is not known.', 'Write one of: {holds}.'],
        'json.damaged' => [
            'This is not {what, select, plan {a plan} yarn {a yarn} key {a key} pattern {a pattern} weights {weights} picture {a picture} save {a save} '
                .'other {this}}, or it is damaged.',
            'Load the page again, and do it once more.',
        ],
        'json.damagedFile' => [
            'This is not {what, select, plan {a plan} yarn {a yarn} key {a key} pattern {a pattern} weights {weights} picture {a picture} save {a save} '
                .'other {this}}, or it is damaged.',
            'Choose a file that was saved as a plan.',
        ],
        'json.tooLarge' => [
            'This is larger than {most, number} kB, more than a plan takes.',
            'Choose a file that holds {what, select, plan {a plan} yarn {a yarn} key {a key} pattern {a pattern} weights {weights} picture {a picture} '
                .'save {a save} other {this}}, or split the plan in two.',
        ],
        'gauge.begins' => [
            '{piece} has {stitches} stitches in 10 cm, and goes on from {on}, which has {other}: the edge between them draws in or ruffles.',
            'Give both one gauge, or as many stitches fewer or more in the first round.',
        ],
        'gauge.hookLarge' => [
            '{stitches} stitches in 10 cm are more than the label of {yarn} says, and the hook of {hook} mm is larger than its {most} mm: one of them is a'
                .' slip.',
            'Measure a swatch again, or correct the hook or the yarn’s weight.',
        ],
        'gauge.hookSmall' => [
            '{stitches} stitches in 10 cm are fewer than the label of {yarn} says, and the hook of {hook} mm is smaller than its {least} mm: one of them is a'
                .' slip.',
            'Measure a swatch again, or correct the hook or the yarn’s weight.',
        ],
        'gauge.measuredElse' => [
            '{piece} was measured at {stitches} stitches in 10 cm, which is no longer the gauge: sizes are worked out as is usual.',
            'Measure a finished piece again, or set the gauge back.',
        ],
        'gauge.ratio' => [
            '{stitches} stitches and {rounds} rounds in 10 cm do not belong together: a single crochet is about as wide as it is high.',
            'Count both over the same 10 cm.',
        ],
        'gauge.yarn' => [
            '{stitches} stitches in 10 cm do not fit yarn {yarn}: a label of its weight says {least} to {most}.',
            'Correct the gauge, or the weight of {yarn}.',
        ],
        'held.held' => ['Yarn {yarn} is held together of {other}, which is held together itself.', 'Choose the yarns that {other} is made of.'],
        'held.none' => ['Yarn {yarn} is held together of {other}, but the plan has no yarn {other}.', 'Add a yarn {other}, or choose another one.'],
        'held.onHand' => ['What is at hand is asked of the yarns that {yarn} is held together of, so this does nothing.', 'Clear it.'],
        'held.same' => ['Yarn {yarn} is held together of {other} twice.', 'Give {other} two strands, or choose another yarn.'],
        'name.unseen' => ['This holds a character that cannot be seen.', 'Delete it, or type the words anew.'],
        'offer.backLoop' => ['Close all rounds in the back loop of the first stitch'],
        'offer.place' => ['Set the {what} between rounds {round} and {next}'],
        'offer.placeApart' => ['Set the {what} between rounds {round} and {next}, {apart} stitches apart'],
        'offer.joint' => ['Put {part} on {onto}'],
        'offer.joined' => ['Mark where the {part} is joined: round {round}, stitches {first} to {last}'],
        'offer.edge' => ['Count the edge as {on, plural, one {# stitch} other {# stitches}}: {join, select,'
            .' Seam {{yes, select, 1 {with} other {without}} the seam}'
            .' Side {{yes, select, 1 {up one side alone} other {up one side and down the other}}}'
            .' other {{yes, select, 1 {with one in the gap of the join} other {without the gap of the join}}}}'],
        'offer.tail' => ['Reckon with {tail} for each tail that sews a part on'],
        'placing.afterEnd' => ['{named} come after round {round}, but the piece has rounds 1 to {last}.', 'Name another, or a round.'],
        'placing.noAcross' => ['{named} are counted from another placement, which does not come before them.', 'Name another, or count from the front.'],
        'placing.noBand' => [
            '{named} would lie in stripe {number}, and the piece has {bands, plural, =0 {none} one {# stripe} other {# stripes}}.',
            'Count the stripes from its beginning, or name a round.',
        ],
        'placing.noChange' => ['{named} are placed by colour change {number}, which the piece does not have.', 'Name another, or a round.'],
        'placing.noIncrease' => [
            '{named} are placed by increase {number} of round {round}, which has {increases, plural, =0 {none} one {# increase} other {# increases}}.',
            'Name another, or count from the front.',
        ],
        'placing.noOther' => ['{named} are placed by another placement, which does not come before them.', 'Name another, or a round.'],
        'placing.noWidest' => ['{named} are placed {offset} rounds on from the widest, where the piece has none.', 'Name another, or a round.'],
        'placing.outOfReach' => [
            '{named} lie after round {round}, where no fingers get in: after round {deadline} the opening is too small.',
            'Set them after round {deepest} or before, or sew or embroider them.',
        ],
        'placing.overlap' => [
            '{isSame, select, 1 {{named}} other {{other} and {named}}} would lie on one another: there are {between} mm of fabric between their '
                .'middles, and they need {needs}.',
            'Set them farther apart, or take smaller ones.',
        ],
        'placing.tooNarrow' => ['{named}: no fingers get into a piece this narrow to put a washer on.', 'Sew or embroider them.'],
        'placing.tooFarApart' => ['{named} are to be {apart} stitches apart, but round {round} has {makes}.', 'Set them nearer to one another.'],
        'plan.full' => ['The plan is full: it can have {most, number} stitches.', 'Split it into two plans.'],
        'plan.layers' => ['All pieces together can have {most} layers of colour.', 'Delete some, or lay one in place of several.'],
        'plan.layersOfPiece' => ['A piece can have {most} layers of colour.', 'Delete some, or lay one in place of several.'],
        'plan.newer' => ['This plan is of version {version}, newer than this program reads.', 'Open it with a newer program.'],
        'plan.noPlan' => ['This is not an Alternum plan.', 'Choose a file that was saved as a plan; it says "format": "{format}".'],
        'plan.rounds' => ['All pieces together can have {most, number} rounds.', 'Make two plans of it, or let alike pieces be copies of one.'],
        'plan.tooLarge' => ['The plan is larger than {most, number} kB, more than can be kept.', 'Split it in two.'],
        'said' => ['{says}', '{mend}'],
        'text.noUtf8' => ['This is not text in UTF-8.', 'Save it anew as UTF-8.'],
        'text.tooLarge' => ['This is larger than {most, number} kB.', 'Read it in parts.'],
        'thread.noOther' => ['{named} ends on a piece that is not there, or on its own.', 'Choose another piece.'],
        'thread.notJoined' => ['{named} goes from {piece} to {other}, which are not joined to one another.', 'Put one on the other first.'],
        'thread.outside' => [
            '{named} would reach from round {from} to round {to}, and the piece has rounds 1 to {last}.',
            'Move it, or make it smaller.',
        ],
        'thread.around' => [
            '{named} would reach over {stitches} stitches, and round {round} has {makes}.',
            'Make it smaller.',
        ],
        'thread.crowded' => [
            '{named}: {each, number} to a stitch of round {round} are more than there is room for.',
            'Take fewer of them, or spread them wider.',
        ],
        'thread.twoPoints' => ['A line has two points at least.', 'Add a point.'],
        'thread.unknown' => ['This kind of thread is not known.', 'Write one of: {kinds}.'],
        'unfit.begins' => [
            'Only a standing start begins the round elsewhere, and the change after round {round} is none.',
            'Choose a standing start, or clear this.',
        ],
        'unfit.clear' => ['The piece is not stuffed, so nothing has to be kept clear.', 'Choose how firmly it is stuffed, or clear this.'],
        'unfit.closing' => ['Only joined rounds are closed with a slip stitch, so this does nothing.', 'Work the piece in joined rounds, or clear this.'],
        'unfit.counted' => ['No chain is typed that could count as a stitch, so this does nothing.', 'Type the chain, as “ch 3, 35 dc”, or clear this.'],
        'unfit.drawn' => ['Only a piece that is closed at its end can be drawn in by its tail.', 'Let it be drawn closed, or clear this.'],
        'unfit.end' => ['Another piece is worked on from this one, so it has no end of its own.', 'Clear this, or let the other piece begin on its own.'],
        'unfit.endOfRows' => ['Rows have no opening to join or to press flat, so this does nothing.', 'Choose another end.'],
        'unfit.face' => [
            'The face begins with round {from}, but the piece ends with round {last}, so this does nothing.',
            'Name rounds that the piece has.',
        ],
        'unfit.lies' => ['A piece in rows has no face end and no tail end, so this only says which way up it is.', 'Choose top or bottom.'],
        'unfit.baseLies' => ['A piece that lies has no base to stand on, so one end of it is drawn flat.', 'Clear this, or say that it stands.'],
        'unfit.faceOfRows' => ['A piece in rows has no front to keep plain, so this does nothing.', 'Clear it.'],
        'unfit.goes' => ['{chosen} stages were chosen, but there {goes, plural, one {is room for # only} other {are rounds for # only}}.', 'Choose fewer.'],
        'unfit.goesNone' => ['The piece is not stuffed, so this does nothing.', 'Choose how firmly it is stuffed, or clear this.'],
        'unfit.copyGauge' => [
            '{copy} in yarn {yarn} comes out in another size, as that has a gauge of its own; all sizes here are those of the first.',
            'Make it a piece of its own, or give the piece one gauge.',
        ],
        'unfit.yarnGauge' => [
            'No piece takes the gauge of yarn {yarn}: a piece takes that of the yarn that all of it is made of, or its own.',
            'Give a piece the gauge, or clear this one.',
        ],
        'unfit.lean' => ['Rows do not slant, so this does nothing.', 'Clear it.'],
        'unfit.lift' => ['In a spiral no round is lifted by a chain, so this does nothing.', 'Work the piece in joined rounds or in rows, or clear this.'],
        'unfit.line' => ['No colour change of this piece can lie on a line, so this does nothing.', 'Clear it.'],
        'unfit.method' => ['No change of this piece can be made as “{method}”.', 'Choose another method.'],
        'unfit.methodAt' => ['The change after round {round} cannot be made as “{method}”; it is made as “{used}”.', 'Choose another method.'],
        'unfit.noChange' => [
            'No yarn is changed after round {round}, so what was set there does nothing.',
            'Clear it, or colour the rounds so that the yarn changes there.',
        ],
        'unfit.noNewEnd' => ['Yarn {yarn} hangs there already, so it has no new end.', 'Clear this.'],
        'unfit.noOldEnd' => ['Yarn {yarn} is not cut there, so it has no end.', 'Let it be cut, or clear this.'],
        'unfit.notBack' => ['Yarn {yarn} does not come back, so it is cut.', 'Clear this, or use it again.'],
        'unfit.onward' => ['The start of the round is not moved on after round {round}: only a spiral’s can be, and not on the change line.', 'Clear it.'],
        'unfit.ring' => ['This piece does not begin in a magic ring, so this does nothing.', 'Clear it, or begin in a ring.'],
        'unfit.tail' => ['Another piece is worked on from this one, so no such tail is left.', 'Clear this, or let the other piece begin on its own.'],
        'unfit.tailShort' => [
            'The tail of {tail} cm is too short: drawing the piece in alone takes {needs} cm.',
            'Leave a longer tail, or draw it in less often.',
        ],
        'unfit.tooNarrow' => ['The piece is under 1 cm across: no stuffing goes in, and its own ends fill it.', 'Clear this, or make the piece wider.'],
        'unfit.turned' => [
            'It is to be turned after round {turned}, but it ends with round {last}, so it is turned after that.',
            'Name a round that the piece has.',
        ],
        'unfit.turnedRows' => ['Rows have no inside, so there is nothing to turn out.', 'Clear this.'],
    ];
}

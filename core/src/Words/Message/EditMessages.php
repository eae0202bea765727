<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Message;

/** Sentences of edits that do not fit: see MessageWords. */
final class EditMessages
{
    private const ELSE = 'Try another way.';

    public const ALL = [
        'anotherYarn.gauge' => ['That would be {stitches} stitches and {rounds} rounds in 10 cm, which no yarn gives.', self::ELSE],
        'anotherYarn.run' => ['Of yarn {yarn} 100 g would then run {metres} m, which no yarn does.', self::ELSE],
        'choice.back' => ['the back in front'],
        'choice.best' => ['the front that hides most'],
        'choice.closer' => ['{thing} closer together'],
        'choice.earlier' => ['{thing} a round earlier'],
        'choice.fronts' => ['Which side is the front'],
        'choice.later' => ['{thing} a round later'],
        'choice.methods' => ['How colours change'],
        'choice.on' => ['{way, select, on {a quarter on} other {a quarter back}}'],
        'choice.places' => ['Where things are'],
        'choice.swapped' => ['{one} and {other}'],
        'choice.wider' => ['{thing} wider apart'],
        'choice.yarns' => ['Yarns swapped'],
        'begin.on' => [
            '{join, select, Bridge {{chains, plural, =0 {on others, joined} other {on others, joined by # chains}}} Layers {through two layers}'
                .' Edge {around the edge of a flat piece} Edges {around the edges of two} Side {into the side of a tube}'
                .' SpiralLoops {in loops that were left free} Seam {on two that are seamed together}'
                .' other {on the edge of another, without cutting the yarn}}',
        ],
        'begin.countsOn' => ['its own rounds are counted from 1, so that round {said} of the pattern is round 1 here'],
        'best.noChange' => ['The piece has no change at a round’s end, so there is nothing to decide.', self::ELSE],
        'bobbles.none' => ['No plain single crochet lies there that could be a bobble.', self::ELSE],
        'cover.noRing' => ['A cover needs a piece that begins in a ring, with rounds that can be read.', self::ELSE],
        'cover.noRounds' => ['A cover goes over one round at the least.', self::ELSE],
        'crisp.loops' => ['Round {round} says already which loops it goes into.', self::ELSE],
        'crisp.unknown' => ['Round {round} has no stitches below it that are known. Fix it first.', self::ELSE],
        'cue.gone' => ['The words no longer say that there.', self::ELSE],
        'edit.fixFirst' => ['Fix the rounds first: {wrong}', self::ELSE],
        'edit.fullOfPieces' => ['A plan can have {most} pieces at the most.', self::ELSE],
        'edit.fullOfYarns' => ['A plan can have {most} yarns at the most.', self::ELSE],
        'edit.gone' => ['What was changed is no longer there.', self::ELSE],
        'edit.noLayer' => ['The piece has no such layer.', self::ELSE],
        'edit.noPiece' => ['The plan has no piece “{piece}”.', self::ELSE],
        'edit.noRound' => ['The piece has no round {round}.', self::ELSE],
        'edit.noRounds' => ['The piece has no rounds yet.', self::ELSE],
        'edit.sameKey' => ['The plan has a piece “{piece}” already.', self::ELSE],
        'edit.sameYarn' => ['The plan has a yarn {yarn} already.', self::ELSE],
        'edit.unknown' => ['This edit is not known.', 'Ask for {kinds}.'],
        'lean.tooMuch' => ['That is more than two stitches a round, which no fabric slants by. Count again: even rounds, and stitches.', self::ELSE],
        'made.cannot' => ['Round {round} cannot be written with {has} stitches.', 'Type it as it was made.'],
        'made.saysMore' => [
            'Round {round} names yarns, or several loops, among its stitches, which would be lost if it were written anew.',
            'Type it as it was made.',
        ],
        'spiral.none' => ['No stripes of one round begin in round {round}.', self::ELSE],
        'measured.notStuffed' => [
            '{piece} holds no stuffing, or does not change with it: it does not say how far the fabric gives.',
            'Measure a piece that is stuffed.',
        ],
        'measured.unlike' => [
            '{cm, number} cm is more or less than this fabric gives: between {least, number} and {most, number} cm.',
            'Measure again, or measure the gauge again: the size depends most on it.',
        ],
        'motif.higher' => ['{name} is {height} rounds high, and the piece has {rounds}.', self::ELSE],
        'motif.letters' => ['{name} cannot be drawn here. Letters A to Z, digits and blanks can be, {most} at the most.', self::ELSE],
        'order.waits' => [
            '{part} is put on {onto} only after {first} is on {on}: later no hand gets there, or it would be in the way.',
            'Move {first} first, or hold one of them another way.',
        ],
        'paint.noRound' => ['No round is named.', 'Pick one round or more.'],
        'paint.noStitch' => ['Round {round} has {makes} stitches, so stitch {stitch} cannot be coloured.', self::ELSE],
        'paint.rounds' => ['This is not a list of rounds.', 'Name rounds by their numbers.'],
        'paste.pieceTooLong' => [
            '“{name}” has more than {lines, number} lines, or one of more than {characters, number} characters. Paste it in parts.',
            self::ELSE,
        ],
        'paste.tooLong' => [
            'A piece has more than {lines, number} lines, or one of more than {characters, number} characters. Paste it in parts.',
            self::ELSE,
        ],
        'paste.tooManyPieces' => ['A plan can have {most} pieces at the most. Paste this in parts, or into a plan of its own.', self::ELSE],
        'put.allPlaced' => ['All of {part} are placed.', 'Make more of it, or take one off.'],
        'put.full' => ['There are {most} of them already, and no more can be kept.', 'Take one off first.'],
        'put.noRound' => ['The piece has no round {round}: its last is round {last}.', 'Press one of its rounds.'],
        'place.unread' => [
            '“{said}” says no place.',
            'Say it as in “between rounds 9 and 10, 6 stitches apart” or “2 rounds below the eyes”.',
        ],
        'put.notJoined' => ['The thread ends on another piece, and none is put together with this one.', 'Put one of the pieces on the other first.'],
        'put.unknown' => ['“{what}” is nothing that can be placed.', self::ELSE],
        'resize.begins' => ['A piece that begins on others is as wide as they are: make those wider or narrower.', self::ELSE],
        'resize.narrow' => ['The piece cannot be made that narrow: it has no increase rounds left to take out.', self::ELSE],
        'resize.notPlain' => [
            'Round {round} is not plain single crochet in one yarn, so it is not clear which rounds may be added or taken out.',
            self::ELSE,
        ],
        'resize.rows' => ['A piece worked in rows is not resized this way.', self::ELSE],
        'resize.short' => ['The piece cannot be made that short: it has no even rounds left to take out.', self::ELSE],
        'resize.unfit' => ['The piece does not fit together in that size: {wrong}', self::ELSE],
        'resize.wide' => ['The piece cannot be made that wide: a round can have {most, number} stitches at the most.', self::ELSE],
        'shape.begins' => ['This piece begins on others, and a shape begins in a ring. Let it begin on its own first.', self::ELSE],
        'shape.tooFlat' => ['A cone this flat would more than double in a round. Give it more height, or let it begin with more stitches.', self::ELSE],
        'shape.tooLarge' => [
            'A piece of this size has more than {rounds} rounds, rounds of more than {stitches, number} stitches, or more than {all, number} stitches in all.',
            self::ELSE,
        ],
        'shape.unreached' => ['That wide, this form comes out {cm, number} cm high and no nearer. Ask for that height, or take another form.', self::ELSE],
        'shift.noPlace' => ['This layer has no place that it could be moved from.', self::ELSE],
        'swatch.tooMany' => ['That would be {stitches} stitches and {rounds} rounds in 10 cm, which no yarn gives. Count and measure again.', self::ELSE],
        'value.gone' => ['What was changed is no longer there: {at}.', self::ELSE],
    ];
}

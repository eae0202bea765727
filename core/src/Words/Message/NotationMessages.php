<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Message;

/** Sentences of how a typed round is read: see MessageWords. */
final class NotationMessages
{
    public const ALL = [
        'again.already' => ['There are so many rounds already.', 'Correct the number.'],
        'again.elsewhere' => ['This is worked as another piece is, which the words do not tell.', 'Write the rounds out, or copy them from that piece.'],
        'again.even' => ['This is taken as plain rounds, one stitch in each.', 'Write the count, or “continue increasing”, if they grow or shrink on.'],
        'again.forHowMany' => ['It does not say for how many rounds.', 'Write “for 3 rounds”, or the rounds’ numbers before it.'],
        'again.howMany' => ['It does not say how many rounds these are.', 'Say how many: “work 6 rounds even”.'],
        'again.never' => ['Worked on like this, no round makes {stitches} stitches.', 'Correct the number, or write the rounds out.'],
        'again.noRound' => ['It names round {round}, but there {done, plural, one {is # round} other {are # rounds}} before it.', 'Name one that is there.'],
        'again.noStep' => ['No round before this grows or shrinks, so it is not clear by how many.', 'Write the next round out.'],
        'again.nothing' => ['There is no round before this that could be worked again.', 'Write the first rounds out.'],
        'again.stepMisses' => ['By {step} a round from {made}, no round makes {stitches}.', 'Correct the number, or write the rounds out.'],
        'again.stepNever' => ['By {step} a round from {made}, no round makes that.', 'Correct the number, or write the rounds out.'],
        'again.tooMany' => ['A piece can have {most} rounds at the most.', 'Correct the number.'],
        'around.inBracket' => ['“Around” inside a bracket does not say how often.', 'Put it after the bracket, or say x6.'],
        'around.never' => ['This uses no stitch of the round below, so “around” would never end.', 'Say how often: x6.'],
        'around.otherRest' => [
            '{said, plural, =1 {The last stitch is} other {The last # stitches are}} said to be left, and what stands after this uses '
            .'{used, plural, =0 {none} other {#}}.',
            'Correct the number, or what is worked into {said, plural, =1 {it} other {them}}.',
        ],
        'around.tooMany' => ['{times} of these use {uses} stitches, but there {below, plural, =1 {is #} other {are #}}.', 'Work fewer.'],
        'around.twice' => ['It says “around” twice.', 'Say how often one of the two is worked.'],
        'around.uneven' => [
            '{below} stitches below do not come out even in repeats of {uses}: {left, plural, =1 {the last is} other {the last # are}} worked plain.',
            'Write x{whole}, then {left, plural, =1 {# plain one} other {# plain ones}}, if that is meant.',
        ],
        'bracket.empty' => ['There is nothing between these brackets.', 'Write the stitches of one repeat between them, as {way}.'],
        'bracket.notOpen' => ['There is a “{sign}” with no bracket open before it.', 'Take it out, or open a bracket where the repeat begins.'],
        'bracket.open' => ['This “{sign}” is never closed.', 'Close it with “{closing}” and say how often: x6.'],
        'bracket.other' => ['“{sign}” is closed by “{by}”.', 'Close it with “{closing}”.'],
        'bracket.tooDeep' => ['There are more than {most} brackets within brackets.', 'Write the round with fewer.'],
        'chain.lastLeft' => ['It says the last chain, but {left} are left before it.', 'Correct the number of stitches before it.'],
        'chain.lastUsed' => ['It says the last chain, but that is used already.', 'Correct the number of stitches before it.'],
        'chain.noChain' => ['There is no chain {from}: the chain has {chains}.', 'Correct one of the two.'],
        'chain.sideLeft' => [
            'The first side has {side} chains to work into, but {used} are used before the other side.',
            'Work the {more} that are left over.',
        ],
        'chain.sideOver' => [
            'The first side has {side} chains to work into, but {used} are used before the other side.',
            'Remove {more, plural, one {# stitch} other {# stitches}}.',
        ],
        'chain.standsOut' => [
            'Stitches along a chain stand out of the round: {makes} stitches are left for the next.',
            'If the next round goes into them too, write them as stitches of the round.',
        ],
        'count.other' => ['This makes {made} stitches, but the line says {said}.', 'Write ({made}), or fix the stitches.'],
        'cue.eyesNarrow' => ['No fingers get into a piece this narrow, so eyes cannot be set from inside.', 'Sew or embroider them.'],
        'cue.eyesLate' => [
            'After round {deadline} no fingers get in, so eyes cannot be set from inside after round {round}.',
            'Say it earlier, or sew or embroider them.',
        ],
        'fix.add' => ['Add {rest} {single}'],
        'fix.close' => ['Close it at the end, around'],
        'fix.ring' => ['Work them into a ring'],
        'fix.take' => ['Take {text}'],
        'fix.write' => ['Write {text}'],
        'habit.joined' => ['These rounds are closed with a slip stitch, but the piece is worked in a spiral.', 'If they are joined, say that the piece is.'],
        'habit.ukTerms' => ['dc all round with 6 increases a round: are these UK terms?', 'If they are, set the plan’s terms to UK.'],
        'head.backwards' => ['The rounds run backwards: from {first} to {last}.', 'Write {last}-{first}.'],
        'head.gap' => ['It names rounds {first} and {last}, and none between them.', 'Write each round on a line of its own, or say {first}-{last}.'],
        'head.missing' => [
            'This line says {worked, select, rows {row} other {round}} {said}, but it is {worked, select, rows {row} other {round}} {is}.',
            'Write the {worked, select, rows {row} other {round}} that is missing before it, or number the lines anew.',
        ],
        'head.number' => [
            'This line says {worked, select, rows {row} other {round}} {said}, but it is {worked, select, rows {row} other {round}} {is}.',
            'Number the lines anew.',
        ],
        'head.otherRounds' => ['The head names {head} rounds, but this makes {said}.', 'Correct one of the two.'],
        'head.otherStated' => ['The head names {head} rounds, but it says {said}.', 'Correct one of the two.'],
        'head.tooFar' => ['A piece has rounds 1 to {most}.', 'Correct the round’s number.'],
        'into.oneByOne' => ['These stitches in one stitch are not known here.', 'Write them one by one: {way}.'],
        'into.onlyPlain' => ['These stitches in one stitch are not known here.', 'Plain ones can be: {way}.'],
        'into.shared' => ['{stitches} stitches into the next {places}: it does not say how they are shared out.', 'Write each one out, or “{way}”.'],
        'into.uneven' => ['{uses} together do not come out even over {places}.', 'Say how often it is worked: x3.'],
        'into.unknown' => ['{number} {stitch} in one stitch is not known here.', 'Plain ones can be, as many as you like: {way}.'],
        'line.severalWays' => ['This can be read in {ways} ways, which make {made}.', 'Choose the one that is meant, or write the count.'],
        'line.tooLong' => ['This line is longer than {most, number} characters.', 'Split it into one line a round.'],
        'meaning.doubt' => ['Not understood: {wrong}'],
        'meaning.none' => ['Not understood.'],
        'meaning.yarns' => ['Which rounds take which yarn.'],
        'meaning.remark' => ['A remark, for people only.'],
        'mend.add' => ['Add {rest} {single} at the end.'],
        'mend.addMaking' => ['Add {rest} {single} at the end, which makes {makes}.'],
        'mend.addOrWrite' => ['Add {rest} {single} at the end, or write {text}.'],
        'mend.broken' => ['{broken} {mend}'],
        'mend.agrees' => ['The next one is worked into {said}: fix the stitches.'],
        'mend.remove' => ['Remove {rest, plural, one {# stitch} other {# stitches}}.'],
        'mend.write' => ['Write {text}.'],
        'mend.writeOrAdd' => ['Write {text}, or add {rest} {single} at the end.'],
        'mend.writeOrCount' => ['Write {text}, or ({makes}) as the count.'],
        'number.farTooMany' => ['This is more than a round can hold, which is {most, number} stitches.', 'Correct the number.'],
        'number.none' => ['0 stitches are none.', 'Leave it out, or write how many there are.'],
        'number.stitches' => ['This is {stitches, number} stitches, and a round can have {most, number} at the most.', 'Correct the number of repeats.'],
        'number.tooMany' => ['{number} is more than a round can hold, which is {most, number} stitches.', 'Correct the number.'],
        'piece.tooManyRounds' => ['A piece can have {most} {worked, select, rows {row} other {round}}s at the most.', 'Go on in another piece.'],
        'place.chains' => ['There are not {chains} chains before this.', 'Correct the number.'],
        'place.ring' => ['It says the ring, but only the first round goes into it.', 'Say into what it goes, as “in next st”.'],
        'place.stitch' => ['It says stitch {said}, but the next one is stitch {next}.', 'Say what is worked before it, or write “in next st”.'],
        'repeat.breaks' => ['Repeat {repeat} finds {left} of the {uses} stitches that it uses.'],
        'repeat.fits' => ['It fits {whole, plural, one {# time} other {# times}}, not {times}.'],
        'ring.empty' => ['It does not say how many stitches go into the ring.', 'Write {way}.'],
        'round.full' => ['A {worked, select, rows {row} other {round}} can have {most, number} stitches at the most.', 'Correct the number of repeats.'],
        'round.leftOver' => [
            '{worked, select, rows {Row} other {Round}} {round} uses {uses} of the {below} {into, select, chain {places along the chain} sides {places '
                .'along both sides of the chain} other {stitches below}}: {rest} left over.',
        ],
        'round.makesNone' => ['{worked, select, rows {Row} other {Round}} {round} makes no stitch to go on from.', 'Work at least one stitch in it.'],
        'round.miscount' => [
            '{worked, select, rows {Row} other {Round}} {round} makes {makes, plural, one {# stitch} other {# stitches}}, but the line says {said}.',
            'Write ({makes}), or fix the stitches.',
        ],
        'round.newPiece' => [
            '{worked, select, rows {Row} other {Round}} {round} begins a new piece.',
            'Only the first round begins in a ring or in chains; give the new piece its own lines.',
        ],
        'round.newRing' => [
            '{worked, select, rows {Row} other {Round}} {round} begins in a ring, but this piece begins on others.',
            'Only the first round begins in a ring or in chains; give the new piece its own lines.',
        ],
        'round.noStart' => ['Round {round} has nothing below it to work into.', 'Write {ways}.'],
        'round.noStitches' => ['{worked, select, rows {Row} other {Round}} {round} has no stitches.', 'Write them after the number, as “{way}”.'],
        'round.onlyCue' => [
            '{worked, select, rows {Row} other {Round}} {round} has no stitches: “{words}” is taken for something to do.',
            'Write its stitches after the number, as “{way}”.',
        ],
        'round.saysLeft' => [
            'It says that stitches are left, but this works into all {below}.',
            'Say how many are worked, as “8 sc”; the next round finds those alone.',
        ],
        'round.tooMany' => [
            '{worked, select, rows {Row} other {Round}} {round} uses {uses} stitches, but {on, select, round {{worked, select, rows {row} other {round}} '
                .'{before} made {below}} edge {it begins on {below}} chain {there are {below} places along the chain} sides {there are {below} places along '
                .'both sides of the chain} other {there are {below} stitches below}}: {over} too many.',
        ],
        'row.noStart' => ['Row {round} has nothing below it to work into.', 'Begin with a row of chains, as “ch 10”.'],
        'star.empty' => ['There is nothing after this star.', 'Write the stitches of one repeat, then “rep from * around”.'],
        'star.howOften' => ['It does not say how often this star’s repeat is worked.', 'End it with “rep from * around”, or “* x6”.'],
        'start.copies' => [
            'This piece begins on {times} of “{piece}”, and {copies, plural, one {only one is} other {only # are}} made.',
            'Make {times} of “{piece}”.',
        ],
        'start.layers' => [
            'The two layers have {one} and {other} stitches, so they cannot be worked together stitch by stitch.',
            'Give both the same number.',
        ],
        'start.noLoops' => [
            'Round {round} of “{piece}” leaves no loop free.',
            'Work round {next} of it in one loop only, as “sc around in BLO”, or name another round.',
        ],
        'start.notFlat' => ['An edging goes around a piece that is worked in rows, and “{piece}” is not.', 'Let this piece begin on its opening.'],
        'start.notMade' => [
            'This piece begins on “{piece}”, which is not made before it.',
            'Put that piece before this one, or let this one begin on another.',
        ],
        'start.pieces' => ['This many pieces cannot be joined like that.', '{most, plural, =1 {Name one.} other {Name two.}}'],
        'start.seam' => ['The seam takes more stitches than the pieces have.', 'Let it take fewer.'],
        'start.side' => ['That piece has {rounds} rounds, so the last space between two is after round {last}.', 'Name rounds up to that.'],
        'start.take' => ['It begins on more stitches than the edge has, which is {edge}.', 'Take fewer.'],
        'stitch.loops' => ['A bobble or popcorn of {loops} loops is not known here.', 'It can have 3 to 6.'],
        'stitch.throughBoth' => ['This stitch through both sides is not known here.', 'Close with {known} through both.'],
        'stitch.together' => ['{number} stitches worked together are not known here.', 'Two or three can be: {known}.'],
        'until.howMany' => ['It does not say about how many rounds these are.', 'Write their numbers, and stop where it fits: “R{round}-{to}: …”.'],
        'word.missing' => ['Something is missing at the end.', 'Write it with {known}; start a remark with #.'],
        'word.near' => ['“{said}” isn’t a stitch I know.', 'Did you mean {near}?'],
        'word.neither' => [
            '“{name}” is neither a yarn that is known here nor something to work into.',
            'Name a yarn by its letter, as “in B”, or say where the stitches go.',
        ],
        'word.ofWhat' => ['It does not say {value} of what.', 'Write {value} {single}.'],
        'word.otherTerms' => [
            '“{said}” is a {those, select, uk {UK} other {US}} word, and this plan is read in {these, select, uk {UK} other {US}} words.',
            'If these are {those, select, uk {UK} other {US}} words, set the plan’s words to {those, select, uk {UK} other {US}}.',
        ],
        'word.sign' => ['“{said}” cannot be read here.', 'Take it out, or write the stitches it stands for.'],
        'word.english' => ['“{said}” isn’t a stitch I know.', 'Put # before it if it is a remark; else write it with {known}.'],
        'word.unknown' => ['“{said}” isn’t a stitch I know.', 'Write it with {known}; start a remark with #.'],
        'round.turns' => [
            'It turns within the round: what is worked back and forth in a part of a round is not read.',
            'Write the part as a piece in rows, or leave the turn out.',
        ],
        'round.shapingUnread' => [
            '“{words}” is not read: it does not say which stitches its rounds have.',
            'Write each of its rounds on a line of its own, or put # before it if it is a remark.',
        ],
        'yarn.unread' => [
            '“{words}” speaks of yarn {yarn}, and is not read.',
            'Say it as “with {yarn}: 6 sc” or “change to {yarn} in last st”, or put # before it if it is a remark.',
        ],
        'yarn.withinSpan' => [
            'This changes yarn at the end of round {round}, and the line is about rounds {from} to {to}.',
            'Write rounds {from} to {round} and those after them on lines of their own.',
        ],
        'yarn.unreadLine' => [
            'These colours are not read: nothing says which rounds they are.',
            'Lay stripes in Colours, or name the yarn in each round; put # before it if it is a remark.',
        ],
        'yarn.listBeyond' => [
            'The list names round {round}, but the piece has {rounds, plural, one {# round} other {# rounds}}.',
            'Name rounds that the piece has, or add the rounds.',
        ],
        'yarn.listTwice' => ['The list gives round {round} yarn {other} and yarn {yarn}: {other} is taken.', 'Name each round once.'],
        'yarn.listOther' => [
            'The list gives round {round} yarn {yarn}, but its own line begins in {own}, which is taken.', 'Write the same yarn in both, or name it once.',
        ],
        'yarn.listLaid' => ['The stripes are laid from round 1 to {last}, over and over; a round that names its own yarn keeps it.'],
        'yarn.noLetter' => ['It names yarn {yarn}, which the plan does not have.', 'Add a yarn {yarn}, or name another.'],
        'yarn.noName' => ['“{yarn}” is the name of no yarn of this plan.', 'Add the yarn, or name one by its letter: with B:'],
    ];
}

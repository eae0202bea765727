<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** What a reading takes for granted where the words leave it open. The reader knows what is likely in a piece. */
enum Assumption
{
    /** "sc, inc x6": all of the list before it. */
    case WholeList;
    /** The same: its last stitch alone. */
    case LastOnly;
    /** "sc, inc around": all of the list. */
    case WholeListAround;
    case LastOnlyAround;
    /** "dec, sc around", without numbers: as often meant once as all around, so it asks. */
    case OnceBeforeAround;
    /** "sc inc": one stitch's name, an increase. */
    case NameWhole;
    /** The same: two stitches whose comma was lost. */
    case NameParted;
    /** "(sc inc)", "(2 sc dec)", nothing else in the bracket: a comma was lost. */
    case CommaLost;
    case NameAlone;
    /** "sc 5 inc": the number belongs to what stands before it. */
    case NumberBefore;
    case NumberAfter;
    /** "Rnd 1 - 6 sc": the number after the dash ends a range of rounds. */
    case DashRange;
    case DashPause;
    /** "- 6 sc" at a line's end: what the round makes. */
    case DashCounts;
    case DashStitches;
    /** One stitch and nothing else, "sc (12)": all around. */
    case OneOnly;
    case OneAround;
    /** "sl st" at a round's end closes it. */
    case SlipCloses;
    case SlipWorked;
    /** A chain at a round's beginning lifts the hook. */
    case ChainLifts;
    /** The same: it stands for the first stitch. */
    case ChainStands;
    case ChainWorked;
    /** "ch 4, 11 dc in 4th ch from hook": the chains beside it only lift. */
    case PointLifts;
    /** The same: they are the first stitch. */
    case PointStands;
    /** A chain at a round's end lifts the hook for the next. */
    case ChainLiftsNext;
    case ChainWorkedLast;
    /** "ch 6, sc in 2nd ch from hook": the piece begins on the chain. */
    case ChainBegins;
    /** The same: the chain stands out of the round. */
    case ChainStandsOut;
    /** "MC" at a round's beginning: a magic circle. */
    case CircleRing;
    /** The same: the main colour. */
    case CircleYarn;
    /** "A": a yarn. */
    case LetterYarn;
    /** "A": a decrease, where X, V and A name the stitches. */
    case LetterStitch;
    /** "(6)" after a bracket counts what was made. */
    case NumberCounts;
    /** The same: says how often. */
    case NumberRepeats;
    /** "2 hdc in next 2 sts": one in each. */
    case SharedOut;
    /** The same: two in each. */
    case AllInEach;
    /** "3 sc in ch-sp": it is under one chain. */
    case SpaceOfOne;
    /** The same: under as many as there are stitches. */
    case SpaceOfAll;
    /** "6 (8) sc": of two sizes the first. */
    case SizeFirst;
    case SizeSecond;
    /** "join B with a standing sc, …": it is the first stitch. */
    case StandingWorks;
    /** The same: it only joins. */
    case StandingJoins;
    /** "sk 1, sc 1 around": skipped at the beginning alone. */
    case SkipOnce;
    /** The same: each time. */
    case SkipRepeats;
    /** "continue": as the round before was worked. */
    case OnAsBefore;
    /** The same: plain, one in each. */
    case OnEven;
    /** The same: growing or shrinking on as it did. */
    case OnAndOn;
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Drawing;

use Alternum\Core\Plan\Method;

/** How each method of changing yarn at a round's end is done. Common practice, no source. */
final class MethodDrawings
{
    public static function of(Method $method): Series
    {
        return match ($method) {
            Method::Plain => self::plain(),
            Method::Early => self::early(),
            Method::SlipStitch => self::slipStitch(),
            Method::DrawnLoop => self::drawnLoop(),
            Method::DrawnLoopAfter => self::drawnLoopAfter(),
            Method::StandingStart => self::standingStart(),
            Method::ClosedRound => self::closedRound(),
            Method::Levelled => self::levelled(),
            Method::Covered => self::covered(),
        };
    }

    private static function plain(): Series
    {
        return new Series('A plain change', [
            new Drawing(
                'Work the last stitch of the round to its last yarn over: two loops are on the hook.',
                Sketch::rows('ooo')->hook(3, 'oo')->behind(Ink::Old, 3, 5),
            ),
            new Drawing('Lay the new yarn over the hook.', Sketch::rows('ooo')->behind(Ink::Old, 3, 5)->hook(3, 'oo', Ink::New)),
            new Drawing(
                'Pull it through both loops: the loop of the next stitch is in the new yarn.',
                Sketch::rows('oooo')->behind(Ink::Old, 3, 5)->hook(4, 'n'),
            ),
            new Drawing('Go on in the new yarn.', Sketch::rows('oooonn')->hook(6, 'n')),
        ]);
    }

    private static function early(): Series
    {
        return new Series('A stitch early', [
            new Drawing('Stop one stitch before the round’s end, with two loops on the hook.', Sketch::rows('oo')->hook(2, 'oo')->marker(4)),
            new Drawing('Close that stitch with the new yarn.', Sketch::rows('oo')->hook(2, 'oo', Ink::New)->marker(4)),
            new Drawing('Work the last stitch of the round in the new yarn.', Sketch::rows('ooon')->hook(4, 'n')->marker(4)),
            new Drawing('Go on past the marker: the colours step in two small steps.', Sketch::rows('ooonnn')->hook(6, 'n')->marker(4)),
        ]);
    }

    private static function slipStitch(): Series
    {
        return new Series('Start with a slip stitch', [
            new Drawing('Finish the last stitch of the round with the new yarn.', Sketch::rows('oooo')->hook(4, 'n')),
            new Drawing(
                'Insert the hook in the next stitch, the first of the round, and lay the yarn over.',
                Sketch::rows('oooo')->into(4, 'n', Ink::New, isLower: true),
            ),
            new Drawing(
                'Pull it through the stitch and the loop at once: a slip stitch, which stands for the first stitch.',
                Sketch::rows('oooo')->through(4, Ink::New)->way(92, 74, 98, 36),
            ),
            new Drawing(
                'Work the second stitch as usual; a round later, work into the slip stitch as into any other.',
                Sketch::rows('oooo n')->hook(6, 'n'),
            ),
        ]);
    }

    private static function drawnLoop(): Series
    {
        return new Series('Pull the loop through', [
            new Drawing('Finish the last stitch with the new yarn, and drop the loop.', Sketch::rows('oooo')->loop(3, Ink::New)),
            new Drawing(
                'Insert the hook from front to back under both loops of the next stitch.',
                Sketch::rows('oooo')->loop(3, Ink::New)->into(4, '', isLower: true),
            ),
            new Drawing('Catch the loop and pull it through to the front.', Sketch::rows('oooo')->through(4, Ink::New)->way(84, 34, 92, 72, -16)),
            new Drawing('Snug it. Begin in the stitch after it, and move the marker there.', Sketch::rows('oooo n')->hook(6, 'n')->marker(5)),
        ]);
    }

    private static function drawnLoopAfter(): Series
    {
        return new Series('Pull the loop through, a stitch later', [
            new Drawing(
                'Work the first stitch of the new round in the old yarn, to its last yarn over.',
                Sketch::rows('oooo')->marker(4)->hook(4, 'oo'),
            ),
            new Drawing('Close it with the new yarn, and drop the loop.', Sketch::rows('ooooo')->marker(4)->loop(4, Ink::New)),
            new Drawing(
                'Insert the hook under both loops of the next stitch, and pull the loop through.',
                Sketch::rows('ooooo')->marker(4)->through(5, Ink::New),
            ),
            new Drawing('Snug it, and go on in the stitch after it.', Sketch::rows('ooooo n')->marker(4)->hook(6, 'n')),
        ]);
    }

    private static function standingStart(): Series
    {
        return new Series('Cut, and a standing stitch', [
            new Drawing('Slip stitch in the next stitch, chain 1, cut the yarn and pull it out.', Sketch::rows('oooo')->tail(Ink::Old, 4)->scissors(5)),
            new Drawing('Put the new yarn on the hook with a slip knot.', Sketch::rows('oooo')->hook(5, 'n')->tail(Ink::New, 5)),
            new Drawing(
                'Insert the hook where the round is to begin, and pull a loop up.',
                Sketch::rows('oooo')->into(5, 'n', Ink::New, isLower: true),
            ),
            new Drawing(
                'Yarn over, and through both loops: the stitch stands. Put the marker in it.',
                Sketch::rows('oooo n')->tail(Ink::New, 5)->hook(6, 'n')->marker(5),
            ),
        ]);
    }

    private static function closedRound(): Series
    {
        return new Series('A joined round', [
            new Drawing('Finish the last stitch with the new yarn.', Sketch::rows('nooooo ')->hook(6, 'n')),
            new Drawing('Insert the hook in the first stitch of the same round.', Sketch::rows('oooooo')->into(0, 'n', Ink::New)),
            new Drawing(
                'Pull the yarn through both: the round is closed with a slip stitch.',
                Sketch::rows('oooooo')->through(0, Ink::New, isLower: false),
            ),
            new Drawing(
                'Chain 1, and work the first stitch of the new round in the same place.',
                Sketch::rows('oooooo')->line(Ink::New, 'M18 40c-8 -8 8 -14 2 -24')->hook(1, 'n'),
            ),
        ]);
    }

    private static function levelled(): Series
    {
        return new Series('Level with a slip stitch', [
            new Drawing('Work the last stitch of the round as usual.', Sketch::rows('oooo')->hook(4, 'o')),
            new Drawing(
                'Insert the hook in the next stitch, a round lower, and lay the new yarn over.',
                Sketch::rows('oooo')->into(4, 'o', Ink::New, isLower: true),
            ),
            new Drawing(
                'Pull it through both: the slip stitch leads the round down. It is no stitch.',
                Sketch::rows('oooo')->line(Ink::Old, 'M78 44q8 2 14 24')->hook(5, 'n'),
            ),
            new Drawing(
                'Work the first stitch of the new round in the same place.',
                Sketch::rows('oooon')->line(Ink::Old, 'M78 44q8 2 14 24')->hook(6, 'n'),
            ),
        ]);
    }

    private static function covered(): Series
    {
        return new Series('Covered by a part', [
            new Drawing('Change plainly: the colours step by a round.', Sketch::rows('oooonnn')->way(84, 22, 82, 36, 0)),
            new Drawing('When the piece is stuffed, lay the part over the step.', Sketch::rows('oooonnn')->part(3)->way(120, 16, 98, 40)),
            new Drawing('Sew it on all around.', Sketch::rows('oooonnn')->part(3)->needle(5, Ink::New)),
        ]);
    }
}

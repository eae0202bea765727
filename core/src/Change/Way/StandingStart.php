<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\JoinEdge;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Method;

/** The old yarn is fastened off, and the new one begins with a standing stitch wherever the maker likes: always on the same line, as a rule at the back. */
final class StandingStart extends Plain
{
    public static function method(): Method
    {
        return Method::StandingStart;
    }

    public function step(): float
    {
        return 0.25;
    }

    /** The old round is closed level, and the new one begins on it. */
    public function edge(): JoinEdge
    {
        return JoinEdge::eased(0.45, 2.0, 0.25, 1.5);
    }

    public function fits(ChangeSite $site): bool
    {
        return $site->mayMove;
    }

    public function instead(ChangeSite $site): Method
    {
        return Method::ClosedRound;
    }

    /** On to where the new yarn begins, which is said in degrees from the front. */
    public function moves(ChangeSite $site): float
    {
        $turns = ($site->piece->frontDegrees + ($site->choice()->begins ?? ChangeAt::BACK) - $site->degrees) / 360.0;

        return $turns - floor($turns);
    }

    public function parts(): bool
    {
        return true;
    }

    /** A slip stitch and a chain fasten it off. */
    public function oldYarn(bool $isJoined): float
    {
        return Stitch::SlipStitch->yarnFactor() + Stitch::Chain->yarnFactor();
    }

    /** Its slip knot, a chain's worth. */
    public function newYarn(bool $isJoined, Stitch $first): float
    {
        return Stitch::Chain->yarnFactor();
    }

    public function label(): string
    {
        return 'cut, and a standing stitch';
    }

    public function short(): string
    {
        return 'standing start';
    }

    public function leaves(): string
    {
        return 'a jog of about ¼ round';
    }

    public function typedAs(): YarnWay
    {
        return YarnWay::Standing;
    }

    public function inRound(string $from, string $to, string $single): string
    {
        return "; fasten off {$from}, attach {$to} with a standing {$single}";
    }

    public function whyChosen(WaySaid $words): string
    {
        return parent::whyChosen($words).' Each new colour begins on the same line; each end is to be hidden.';
    }

    public function whyCut(): string
    {
        return 'A standing stitch begins each yarn anew.';
    }

    public function drawing(): Series
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

    public function toDo(WaySaid $words): array
    {
        $next = $words->round() + 1;
        $slip = $words->stitch(Stitch::SlipStitch);
        $chain = $words->stitch(Stitch::Chain);

        return [
            $words->isJoined()
                ? "Finish the {$words->once()} in {$words->old()}, close it with the needle instead of a {$slip}, and fasten off."
                : "Finish the {$words->once()} in {$words->old()}, {$slip} in the next stitch, {$chain} 1, and fasten off; or close it with a needle, for an"
                    .' unbroken edge.',
            "Attach {$words->new()} with a standing {$words->stitch(Stitch::Single)} {$words->place()}: round {$next} begins there, put the marker in it.",
        ];
    }
}

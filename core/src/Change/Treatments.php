<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** How each round's end at which the yarn changes is treated, and by how many turns the marker moves there. Found from the colours of whole rounds. */
final readonly class Treatments
{
    /**
     * @param array<int, Treatment> $at    by the round at whose end the yarn changes
     * @param array<int, float>     $moves turns that the marker moves on at a round's end, where it does
     * @param list<int>             $loops rounds at whose end the method of the change moves the marker
     */
    private function __construct(public array $at, public array $moves, public array $loops)
    {
    }

    /**
     * @param float|null $front    degrees; null: as if no step showed
     * @param list<int>  $unmoving rounds at whose end the marker may not move
     */
    public static function of(Piece $piece, Fabric $fabric, Colouring $colouring, ?float $front, array $unmoving = []): self
    {
        $at = $moves = $loops = [];
        $moved = 0.0;
        $rounds = $colouring->rounds;
        for ($round = 1, $last = \count($rounds); $round < $last && Worked::Rows !== $piece->worked; ++$round) {
            $makes = $fabric->rounds[$round - 1]->makes;
            $next = $rounds[$round];
            $onward = self::onward($piece, $round) / $makes;
            if ($onward > 0.0) {
                $moves[$round] = $onward;
                $moved += $onward;
            }
            if ($rounds[$round - 1][$makes - 1] === $next[0]) {
                continue;
            }
            $degrees = Turn::degrees($fabric->rounds[$round]->start + $moved);
            $line = Worked::Spiral === $piece->worked ? $piece->changes->lineAfter($round) : null;
            $holds = self::holds($rounds, $round);
            $isStacked = !$holds && (self::isThin($rounds, $round - 1) || self::isThin($rounds, $round + 1));
            $site = ChangeSite::in($piece, $fabric, $round, $degrees, !\in_array($round, $unmoving, true));
            $chosen = null === $line ? $piece->changes->afterRound($round) : Method::Plain;
            $shows = null !== $front && Sight::showsAt($degrees, $front);
            $way = Ways::fitting($chosen ?? Ways::automatic($shows, $holds, $isStacked), $site);
            $move = $way->moves($site);
            $at[$round] = new Treatment(
                method: $way::method(),
                isChosen: null === $line && $way::method() === $chosen,
                degrees: $way->parts() ? Turn::degrees($fabric->rounds[$round]->start + $moved + $move) : $degrees,
                isStacked: $isStacked,
                line: $line,
                holds: $holds,
            );
            if ($move > 0.0) {
                $moves[$round] = $onward + $move;
                $moved += $move;
                $loops[] = $round;
                if (null === $front && $at[$round]->followsFront()) {
                    // From here on all turns with the front.
                    break;
                }
            }
        }

        return new self($at, $moves, $loops);
    }

    /** Stitches that are worked on at a round's end before the marker is moved: a spiral alone has no place where a round must begin. */
    public static function onward(Piece $piece, int $round): int
    {
        return Worked::Spiral === $piece->worked ? $piece->changes->onwardAfter($round) : 0;
    }

    /**
     * The treatment of a change that only layers at places make, which may not move the marker that they are laid by.
     *
     * @param int    $makes     stitches of the round
     * @param float  $degrees   where it is
     * @param Stitch $next      the next round's first
     * @param bool   $isStacked the yarn changes at the end of the round before or after it, too
     */
    public static function unmoving(Piece $piece, int $round, int $makes, float $degrees, Stitch $next, bool $isStacked): Treatment
    {
        $chosen = $piece->changes->afterRound($round);
        $shows = Sight::showsAt($degrees, $piece->frontDegrees);
        $site = new ChangeSite(piece: $piece, round: $round, makes: $makes, next: $next, degrees: $degrees, mayMove: false);
        $way = Ways::fitting($chosen ?? Ways::automatic($shows, false, $isStacked), $site);
        // What changes the yarns before or after the round's end would move them in the picture.
        $method = 0 === $way->offset() ? $way::method() : Method::Plain;

        return new Treatment($method, null !== $chosen && $method === $chosen, $degrees, $isStacked);
    }

    /**
     * Whether a second round of the new yarn holds a loop down that is pulled through.
     *
     * @param list<string> $rounds the yarns of their stitches
     */
    private static function holds(array $rounds, int $round): bool
    {
        $next = $rounds[$round];

        return strspn($next, $next[0]) === \strlen($next) && (!isset($rounds[$round + 1]) || $rounds[$round + 1][0] === $next[0]);
    }

    /**
     * Whether the yarn changes at a round's end, for one round alone.
     *
     * @param list<string> $rounds the yarns of their stitches
     */
    private static function isThin(array $rounds, int $round): bool
    {
        $before = $rounds[$round - 1] ?? '';

        return '' !== $before && isset($rounds[$round]) && $before[\strlen($before) - 1] !== $rounds[$round][0] && !self::holds($rounds, $round);
    }
}

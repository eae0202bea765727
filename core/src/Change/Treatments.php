<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** How each round's end at which the yarn changes is treated, and by how many turns the marker moves there. Found from the colours of whole rounds. */
final readonly class Treatments
{
    /** Degrees from the front within which a jog shows. */
    public const SHOWS_WITHIN = 60.0;
    /** Degrees from the front from which on a jog is at the back. */
    public const BACK_FROM = 120.0;

    /**
     * @param array<int, Treatment> $at    by the round at whose end the yarn changes
     * @param array<int, float>     $moves turns that the marker moves on there, where it does
     */
    private function __construct(public array $at, public array $moves)
    {
    }

    /**
     * @param float|null $front    degrees; null: as if no step showed
     * @param list<int>  $unmoving rounds at whose end the marker may not move
     */
    public static function of(Piece $piece, Fabric $fabric, Colouring $colouring, ?float $front, array $unmoving = []): self
    {
        $at = $moves = [];
        $moved = 0.0;
        $rounds = $colouring->rounds;
        for ($round = 1, $last = \count($rounds); $round < $last && Worked::Rows !== $piece->worked; ++$round) {
            $makes = $fabric->rounds[$round - 1]->makes;
            $next = $rounds[$round];
            if ($rounds[$round - 1][$makes - 1] === $next[0]) {
                continue;
            }
            $degrees = Turn::degrees($fabric->rounds[$round]->start + $moved);
            $shows = null !== $front && Turn::apart($degrees, $front) <= self::SHOWS_WITHIN;
            $chosen = $piece->changes->afterRound($round);
            // A second round of the new yarn holds a drawn loop down.
            $holds = strspn($next, $next[0]) === \strlen($next) && (!isset($rounds[$round + 1]) || $rounds[$round + 1][0] === $next[0]);
            $method = self::method($piece->worked, $chosen, $shows, $holds, !\in_array($round, $unmoving, true));
            $at[$round] = new Treatment($method, null !== $chosen && $method === $chosen, $degrees);
            if (Method::DrawnLoop === $method) {
                // By one stitch of the round whose first stitch the loop is drawn through; every later round goes along by the same turn.
                $moves[$round] = 1.0 / $makes;
                $moved += $moves[$round];
            }
        }

        return new self($at, $moves);
    }

    /**
     * The treatment of a change that only layers at places make, which may not move the marker that they are laid by.
     *
     * @param float $degrees where it is
     */
    public static function unmoving(Piece $piece, int $round, float $degrees): Treatment
    {
        $chosen = $piece->changes->afterRound($round);
        $shows = Turn::apart($degrees, $piece->frontDegrees) <= self::SHOWS_WITHIN;
        $method = self::method($piece->worked, $chosen, $shows, false, false);

        return new Treatment($method, null !== $chosen && $method === $chosen, $degrees);
    }

    private static function method(Worked $worked, ?Method $chosen, bool $shows, bool $holds, bool $mayMove): Method
    {
        if (Worked::Joined === $worked) {
            return Method::ClosedRound;
        }
        $method = $chosen ?? match (true) {
            !$shows => Method::Plain,
            $holds => Method::DrawnLoop,
            default => Method::SlipStitch,
        };

        return Method::DrawnLoop === $method && !$mayMove ? Method::SlipStitch : $method;
    }
}

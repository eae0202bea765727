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
    /** Degrees from the front within which a jog shows: who looks at the front sees half of the piece. */
    public const SHOWS_WITHIN = 90.0;
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
            $holds = self::holds($rounds, $round);
            $isStacked = !$holds && (self::isThin($rounds, $round - 1) || self::isThin($rounds, $round + 1));
            $maySlip = Stitch::Single->code() === $fabric->rounds[$round]->tops[0];
            $method = self::method($piece->worked, $chosen, $shows, $holds, $maySlip, $isStacked, !\in_array($round, $unmoving, true));
            $at[$round] = new Treatment($method, null !== $chosen && $method === $chosen, $degrees, $isStacked);
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
     * @param bool  $maySlip the next round's first stitch is a single crochet
     */
    public static function unmoving(Piece $piece, int $round, float $degrees, bool $maySlip): Treatment
    {
        $chosen = $piece->changes->afterRound($round);
        $shows = Turn::apart($degrees, $piece->frontDegrees) <= self::SHOWS_WITHIN;
        $method = self::method($piece->worked, $chosen, $shows, false, $maySlip, false, false);

        return new Treatment($method, null !== $chosen && $method === $chosen, $degrees);
    }

    /**
     * @param bool $holds     a second round of the new yarn holds a loop down that is pulled through
     * @param bool $maySlip   a slip stitch can stand for the first stitch: not for a decrease, nor for a taller one
     * @param bool $isStacked it would stand on another slip stitch, or under one, where they pucker
     */
    private static function method(Worked $worked, ?Method $chosen, bool $shows, bool $holds, bool $maySlip, bool $isStacked, bool $mayMove): Method
    {
        if (Worked::Joined === $worked) {
            return Method::ClosedRound;
        }
        $method = $chosen ?? match (true) {
            !$shows => Method::Plain,
            $holds => Method::DrawnLoop,
            $isStacked => Method::Plain,
            default => Method::SlipStitch,
        };
        if (Method::DrawnLoop === $method && !$mayMove) {
            $method = Method::SlipStitch;
        }

        return Method::SlipStitch === $method && !$maySlip ? Method::Plain : $method;
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

<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/**
 * How firmly a piece is stuffed where nothing is said, and why: by how it begins and ends, what is made of it, what it is called, and how much
 * its skin encloses. All of that is common practice, no source.
 */
final readonly class PieceFilling
{
    /** Open at more than so much of its widest round, it encloses nothing by itself. */
    private const OPEN = 0.75;
    /** Less deep than so much of its width, it is a disc or a lid. */
    private const DISC = 0.25;
    /** Less deep than that, it is a cup; deeper, a tube. */
    private const CUP = 0.9;
    /** Pressed flat at its end it is a limb where it is so much longer than wide, else it stays flat. */
    private const LIMB = 1.2;
    /** Narrower than so many mm, no stuffing goes in: the ends of its own yarn fill it. */
    private const LEAST_MM = 10.0;
    /** A round that grows by more than that is a frill's. */
    private const FRILL = 1.4;

    private function __construct(public Firmness $firmness, public FinishReason $why)
    {
    }

    /** @param PieceEnd|null $end how it ends; null: another piece is worked on from it */
    public static function of(Plan $plan, Piece $piece, Fabric $fabric, ?PieceEnd $end, Openings $openings): self
    {
        $counts = $fabric->counts();
        if (Worked::Rows === $piece->worked || [] === $counts) {
            return self::none(FinishReason::Flat);
        }
        $join = $piece->start?->join;
        // What is joined to others by chains carries what goes on from them: legs, whatever they are called.
        $carries = Join::Bridge === $plan->goesOnFrom($piece->key)?->start?->join;
        $role = $carries ? Role::Bears : Role::of($piece->name);
        $isOpen = true !== $end?->closes() && $counts[\count($counts) - 1] >= self::OPEN * max($counts);

        return match (true) {
            true === $join?->isThroughBoth() => new self(Firmness::Light, FinishReason::Between),
            self::isLayer($plan, $piece->key) => self::none(FinishReason::Layer),
            Join::Edge === $join, Join::Rim === $join => self::none(FinishReason::Flat),
            self::isTooNarrow($fabric) => self::none(FinishReason::TooNarrow),
            Role::Flat === $role => self::none(FinishReason::Named),
            Role::Worn === $role && ($isOpen || PieceEnd::Flat === $end) => self::none(FinishReason::Worn),
            PieceEnd::Flat === $end => self::flattened($fabric, $role),
            $isOpen => self::open($piece, $fabric, $end, $role, $openings),
            default => self::enclosed($counts, $end, $role, $openings),
        };
    }

    /** Whether no stuffing goes into it anywhere. */
    public static function isTooNarrow(Fabric $fabric): bool
    {
        return 2 * $fabric->widest() < self::LEAST_MM;
    }

    private static function none(FinishReason $why): self
    {
        return new self(Firmness::None, $why);
    }

    private static function isLayer(Plan $plan, string $key): bool
    {
        foreach ($plan->pieces as $other) {
            if (true === $other->start?->join->isThroughBoth() && \in_array($key, $other->start->pieces, true)) {
                return true;
            }
        }

        return false;
    }

    private static function flattened(Fabric $fabric, Role $role): self
    {
        return match (true) {
            Role::Bears === $role => new self(Firmness::Firm, FinishReason::Bears),
            self::depth($fabric) >= self::LIMB => new self(Firmness::Light, FinishReason::Limb),
            default => self::none(FinishReason::Flattened),
        };
    }

    /** It is as wide at its end as anywhere: a disc, a cup, a tube, a frill. */
    private static function open(Piece $piece, Fabric $fabric, ?PieceEnd $end, Role $role, Openings $openings): self
    {
        $depth = self::depth($fabric);
        $isOn = null !== $piece->start;

        return match (true) {
            $isOn && self::isFrill($fabric) => self::none(FinishReason::Frill),
            Join::Loops === $piece->start?->join, Join::SpiralLoops === $piece->start?->join => self::none(FinishReason::StandsOff),
            !$isOn && $depth < self::DISC => self::none(FinishReason::Flat),
            null === $end, $isOn, Role::Bears === $role, Role::Filled === $role => self::enclosed($fabric->counts(), $end, $role, $openings),
            $depth < self::CUP && Role::Light !== $role => self::none(FinishReason::Cup),
            PieceEnd::Sewn !== $end => self::none(FinishReason::LeftOpen),
            default => self::enclosed($fabric->counts(), $end, $role, $openings),
        };
    }

    /**
     * What holds stuffing, closed over it or filled through its opening.
     *
     * @param list<int> $counts
     */
    private static function enclosed(array $counts, ?PieceEnd $end, Role $role, Openings $openings): self
    {
        return match (true) {
            Role::Bears === $role => new self(Firmness::Firm, FinishReason::Bears),
            Role::Light === $role => new self(Firmness::Light, FinishReason::Limb),
            max([0, ...$counts]) < $openings->least() => new self(Firmness::Light, FinishReason::Narrow),
            true === $end?->closes() => new self(Firmness::Firm, FinishReason::Closes),
            default => new self(Firmness::Usual, FinishReason::Open),
        };
    }

    /** How deep it is as it lies before it is stuffed, in its widest diameters. */
    private static function depth(Fabric $fabric): float
    {
        return $fabric->rounds[\count($fabric->rounds) - 1]->level / max(1e-6, 2 * $fabric->widest());
    }

    /** Whether it grows so fast that it ruffles. */
    public static function isFrill(Fabric $fabric): bool
    {
        $before = $fabric->begins;
        foreach ($fabric->rounds as $round) {
            if ($before > 0.0 && $round->radius > self::FRILL * $before) {
                return true;
            }
            $before = $round->radius;
        }

        return false;
    }
}

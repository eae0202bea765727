<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Notation\LiftingChains;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/**
 * The chains and slip stitches of a piece that are not among its rounds' stitches: foundation and bridge chains, those that lift a row
 * or a joined round, the slip stitch that closes it, the stitches of a seam, those that are worked on before a marker is moved. In single
 * crochets' worth of yarn, by round from 0.
 */
final readonly class Joins
{
    /**
     * @param list<float> $before what is worked before each round's stitches
     * @param list<float> $after  what is worked after them
     */
    private function __construct(public array $before, public array $after)
    {
    }

    public static function of(Piece $piece, Reading $reading): self
    {
        $before = $after = [];
        $chain = Stitch::Chain->yarnFactor();
        $slip = Stitch::SlipStitch->yarnFactor();
        foreach ($reading->rounds as $i => $round) {
            $before[] = $chain * LiftingChains::usual($piece->worked, $round, $i > 0 ? $reading->rounds[$i - 1] : null, $piece->lift);
            $after[] = $chain * $round->lifting->after + (Worked::Joined === $piece->worked || null !== $round->closed ? $slip : 0.0)
                + (isset($reading->rounds[$i + 1]) ? Treatments::onward($piece, $round->number) : 0) * Stitch::Single->yarnFactor();
        }
        if ([] !== $before) {
            $before[0] += $chain * $reading->foundation + self::start($piece, $chain);
        }

        return new self($before, $after);
    }

    /** The chains between pieces that a piece begins on, once each although both sides are worked along, or the stitches of their seam. */
    private static function start(Piece $piece, float $chain): float
    {
        return match ($piece->start?->join) {
            Join::Bridge => $chain * $piece->start->across * (\count($piece->start->pieces) - 1),
            Join::Seam => $piece->start->across * Stitch::Single->yarnFactor(),
            default => 0.0,
        };
    }
}

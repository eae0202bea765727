<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;

/** What grows out of a round and comes back to it: a leaf along a chain, a loop, a petal. */
final readonly class StandOut
{
    /** A loop of chains lies open by so much of its length. */
    private const OPEN = 1 / 3;

    /**
     * @param int   $after how many stitches of the round are made before it
     * @param float $long  how far it stands out, in stitch widths
     * @param float $wide  how wide it is, in stitch widths
     */
    private function __construct(public int $after, public float $long, public float $wide)
    {
    }

    /** @return list<self> in working order */
    public static function all(Round $round): array
    {
        if (!str_contains($round->codes, Stitch::ChainOut->code())) {
            return [];
        }
        $all = [];
        $tops = $chains = $along = 0;
        $tall = $inside = 0.0;
        $codes = $round->codes;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            $stitch = Stitch::ofCode($codes[$i]);
            $tops += $stitch->makes();
            if (Stitch::ChainOut === $stitch) {
                ++$chains;
            } elseif ($stitch->isOut()) {
                ++$along;
                $tall = max($tall, $stitch->plain()->height());
            } elseif ($stitch->isInLoop()) {
                $inside = max($inside, Stitch::SlipLoop === $stitch ? 0.0 : $stitch->plain()->height());
            }
            $next = $i + 1 < $end ? Stitch::ofCode($codes[$i + 1]) : null;
            if ($chains > 0 && (Stitch::SlipLoop === $stitch || !(true === $next?->isOut() || true === $next?->isInLoop())
                || ($along > 0 && Stitch::ChainOut === $next))) {
                $all[] = $along > 0
                    ? new self($tops, (float) $along, max(0.5, $tall))
                    : new self($tops, max($inside, $chains / 2.0), max(0.8, $chains * self::OPEN));
                $chains = $along = 0;
                $tall = $inside = 0.0;
            }
        }

        return $all;
    }
}

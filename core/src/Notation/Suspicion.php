<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;

/**
 * Rounds that were probably written in the other country's words.
 *
 * A flat circle of US double crochet grows by 12 a round, one of single crochet by 6 (common practice, no source). Double crochet
 * all round that grows by 6 is UK double crochet, which is single.
 */
final class Suspicion
{
    private const MOST = 0.8;

    public static function of(Reading $reading, Terms $terms): ?Problem
    {
        if (Terms::Us !== $terms || \count($reading->rounds) < 3) {
            return null;
        }
        $doubles = Stitch::Double->code().Stitch::DoubleIncrease->code().Stitch::DoubleDecrease->code();
        $stitches = $ofDouble = $bySix = 0;
        foreach ($reading->rounds as $round) {
            $stitches += \strlen($round->codes);
            // "inc" and "dec" are said of either country's stitch.
            $ofDouble += \strlen($round->codes) - \strlen((string) preg_replace("/[{$doubles}]/", '', $round->codes));
            $bySix += $round->below > 0 && \in_array($round->makes - $round->below, [5, 6, 7], true) ? 1 : 0;
            $stitches -= substr_count($round->codes, Stitch::Increase->code()) + substr_count($round->codes, Stitch::Decrease->code()) + substr_count($round->codes, Stitch::InvisibleDecrease->code());
        }

        return $stitches > 0 && $bySix >= 2 && $ofDouble >= self::MOST * $stitches
            ? Problem::inLine($reading->rounds[0]->line, 1, 1, 1, 'dc all round with 6 increases a round: are these UK words?', 'If they are, set the plan’s words to UK.')
            : null;
    }
}

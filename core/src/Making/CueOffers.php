<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Fabric\SaidTail;
use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/** Finds the cues that the plan can act on, and has not yet. */
final class CueOffers
{
    private const KINDS = ['eye' => PlacementKind::Eyes, 'nose' => PlacementKind::Nose, 'button' => PlacementKind::Buttons];

    /** @return list<CueOffer> in the lines' order */
    public static function of(Plan $plan, Piece $piece, Reading $reading): array
    {
        $offers = [self::closing($piece, $reading)];
        foreach ($reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                $offers[] = self::offer($plan, $piece, $round->line, $cue->text);
            }
        }
        foreach ($reading->said as $said) {
            $offers[] = self::offer($plan, $piece, $said->line, $said->text);
        }
        $offers = array_values(array_filter($offers));
        usort($offers, static fn (CueOffer $one, CueOffer $other): int => $one->line <=> $other->line);

        return $offers;
    }

    /** "join with sl st in the back loop of the first st", in joined rounds: the first that says so. */
    private static function closing(Piece $piece, Reading $reading): ?CueOffer
    {
        if (Worked::Joined !== $piece->worked || Closing::BackLoop === $piece->closing) {
            return null;
        }
        foreach ($reading->rounds as $round) {
            if (Closed::ToBackLoop === $round->closed) {
                return new CueOffer($round->line, $round->closed->value, 'Close all rounds in the back loop of the first stitch', closing: Closing::BackLoop);
            }
        }

        return null;
    }

    private static function offer(Plan $plan, Piece $piece, int $line, string $text): ?CueOffer
    {
        return self::placed($piece, $line, $text) ?? self::tail($plan, $line, $text);
    }

    /** "eyes between rounds 5 and 6, 7 stitches apart" */
    private static function placed(Piece $piece, int $line, string $text): ?CueOffer
    {
        $isBetween = 1 === preg_match(
            '/\b(?<what>eye|nose|button)s?\b.*?\bbetween\s+(?:r(?:ou)?n?ds?|r)?\.?\s*(?<first>\d{1,3})\s*(?:and|&|-|–|to|\/)\s*(?:r(?:ou)?n?ds?|'
                .'r)?\.?\s*(?<second>\d{1,3})/i',
            $text,
            $match,
        );
        if (!$isBetween || (int) $match['second'] !== (int) $match['first'] + 1) {
            return null;
        }
        $apart = 1 === preg_match('/(\d{1,2})\s*(?:sts?|stitches|sc|dc)\b(?:\s*(?:apart|between))/i', $text, $distance) ? (float) $distance[1] : null;
        $kind = self::KINDS[strtolower($match['what'])];
        $round = (int) $match['first'];
        foreach ($piece->placements as $placement) {
            if ($kind === $placement->kind && Anchor::Round === $placement->anchor && $round === $placement->number && $apart === $placement->apart) {
                return null;
            }
        }

        return new CueOffer(
            $line,
            $text,
            "Set the {$kind->value} between rounds {$round} and {$match['second']}".(null === $apart ? '' : ", {$distance[1]} stitches apart"),
            new Placement(
                key: Placement::freeKey(array_map(static fn (Placement $one): string => $one->key, $piece->placements)),
                kind: $kind,
                name: '',
                anchor: Anchor::Round,
                number: $round,
                apart: $apart,
            ),
        );
    }

    /** "leave a tail of 40 cm", "leaving a 12-inch tail for sewing" */
    private static function tail(Plan $plan, int $line, string $text): ?CueOffer
    {
        $tail = SaidTail::in($text);
        if (null === $tail || $tail->cm < 1.0 || abs($tail->cm - $plan->yarnUse->sewingTailCm) < 0.05) {
            return null;
        }

        return new CueOffer($line, $text, "Reckon with {$tail->words} for each tail that sews a part on", null, $tail->cm);
    }
}

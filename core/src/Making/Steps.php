<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\HelixPart;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;

/** One piece in the steps that it is worked in: its rounds, gathered where they are alike, and the changes and parts where they come. */
final class Steps
{
    /** @return list<Step> rounds that are alike in stitches and yarn are one step; a change, a part or a cue ends one */
    public static function of(Piece $piece, Reading $reading, Colouring $colouring, Changes $changes, Placing $placing): array
    {
        $rounds = $reading->rounds;
        $told = $set = $slips = $moved = [];
        foreach (array_keys($piece->changes->at) as $round) {
            $moved[$round] = Treatments::onward($piece, $round);
        }
        foreach ($changes->all as $change) {
            if (Method::SlipStitch === $change->method) {
                $slips[$change->treated] = true;
            }
            if ($change->onward > 0) {
                unset($moved[$change->round]);
            }
            // Within a round the line itself says which yarn is next; only a short float behind the stitches needs no word.
            if (HelixPart::GoesOn === $change->helix) {
                // How several yarns go on side by side is said in the first round in which they do.
                continue;
            }
            if ($change->isAtEnd || $change->isJog || OldYarn::Float !== $change->oldYarn || $change->passesBack || [] !== $change->catches) {
                $told[$change->round][] = $change;
            }
        }
        foreach ($placing->placed as $placed) {
            // It is set once the round above it is worked, while the opening still lets a hand in.
            $set[min(\count($rounds), $placed->round + 1)][] = $placed;
        }
        $steps = [];
        $inHand = '';
        for ($i = 0, $end = \count($rounds); $i < $end; $i = $last + 1) {
            $last = $i;
            while ($i > 0 && !isset($slips[$i]) && !isset($told[$last + 1]) && !isset($set[$last + 1])
                && 0 === ($moved[$last + 1] ?? 0)
                && [] === $reading->cuesOf($last + 1) && isset($rounds[$last + 1])
                && self::areAlike($rounds[$last + 1], $rounds[$i]) && $colouring->rounds[$last + 1] === $colouring->rounds[$i]) {
                ++$last;
            }
            $steps[] = new Step(
                from: $i + 1,
                to: $last + 1,
                makes: $rounds[$i]->makes,
                inHand: $inHand,
                changes: $told[$last + 1] ?? [],
                placed: $set[$last + 1] ?? [],
                cues: $reading->cuesOf($last + 1),
                slips: isset($slips[$i]),
                onward: isset($rounds[$last + 1]) ? $moved[$last + 1] ?? 0 : 0,
            );
            $letters = $colouring->rounds[$last];
            $inHand = '' === $letters ? $inHand : $letters[\strlen($letters) - 1];
        }

        return $steps;
    }

    private static function areAlike(Round $one, Round $other): bool
    {
        return $one->codes === $other->codes && $one->loops === $other->loops && $one->closed === $other->closed
            && $one->lifting->before === $other->lifting->before && $one->lifting->after === $other->lifting->after
            && $one->below === $other->below && $one->readable === $other->readable;
    }
}

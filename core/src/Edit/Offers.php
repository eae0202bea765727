<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Making\CueOffers;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\SaidJoin;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** What a piece's words say that the plan can act on: eyes and tails, and which piece goes on which. */
final class Offers
{
    /** @return list<CueOffer> in the lines' order */
    public static function of(Plan $plan, Piece $piece, Reading $reading, Frame $frame): array
    {
        $offers = CueOffers::of($plan, $piece, $reading, $frame);
        $held = array_fill_keys(array_map(static fn (CueOffer $offer): string => "{$offer->line} {$offer->text}", $offers), true);
        $said = new SaidJoint($plan);
        foreach (self::said($reading) as [$line, $text]) {
            $joints = isset($held["{$line} {$text}"]) ? [] : self::joints($said, $plan, $piece, $text);
            if ([] !== $joints) {
                $names = static fn (string $key): string => $plan->piece($key)->name ?? $key;
                $label = Message::of('offer.joint', part: $names($joints[0]->part), onto: $names($joints[0]->onto));
                $offers[] = new CueOffer($line, $text, $label, joints: $joints);
            }
        }
        usort($offers, static fn (CueOffer $one, CueOffer $other): int => $one->line <=> $other->line);

        return $offers;
    }

    /** @return iterable<array{int, string}> lines and cues */
    private static function said(Reading $reading): iterable
    {
        foreach ($reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                yield [$round->line, $cue->text];
            }
        }
        foreach ($reading->said as $said) {
            yield [$said->line, $said->text];
        }
    }

    /** @return list<Joint> what is put on by these words and is put nowhere yet */
    private static function joints(SaidJoint $names, Plan $plan, Piece $piece, string $text): array
    {
        if (\count($plan->pieces) < 2 || '' === $piece->name) {
            return [];
        }
        foreach (SaidJoin::readings($text, $piece->name) as $said) {
            $joints = $names->in($said);
            $isOwn = [] !== array_filter($joints, static fn (Joint $joint): bool => \in_array($piece->key, [$joint->part, $joint->onto], true));
            if ($isOwn) {
                return array_values(array_filter($joints, static fn (Joint $joint): bool => [] === array_filter(
                    $plan->assembly,
                    static fn (Joint $other): bool => $other->part === $joint->part && $other->copy === $joint->copy,
                )));
            }
        }

        return [];
    }
}

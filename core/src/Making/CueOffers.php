<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\SaidPlace;
use Alternum\Core\Notation\SaidTail;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;

/** Finds the cues that the plan can act on, and has not yet. */
final class CueOffers
{
    private const KINDS = ['eye' => PlacementKind::Eyes, 'nose' => PlacementKind::Nose, 'button' => PlacementKind::Buttons];

    /** @return list<CueOffer> in the lines' order */
    public static function of(Plan $plan, Piece $piece, Reading $reading, Frame $frame): array
    {
        $offers = [self::closing($piece, $reading), self::edge($plan, $piece, $reading)];
        foreach (JoinedPart::all($reading, $frame) as $joined) {
            $offers[] = self::joined($plan, $piece, $joined);
        }
        foreach ($reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                $offers[] = self::offer($plan, $piece, $round->line, $cue);
            }
        }
        foreach ($reading->said as $said) {
            $offers[] = self::offer($plan, $piece, $said->line, $said);
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
                return new CueOffer($round->line, $round->closed->value, Message::of('offer.backLoop'), setting: Closing::BackLoop);
            }
        }

        return null;
    }

    /** "35 or 36": where the first round does not use what the edge has, and does as others count it. */
    private static function edge(Plan $plan, Piece $piece, Reading $reading): ?CueOffer
    {
        $line = $reading->rounds[0]->line ?? $reading->errors()[0]->line ?? null;
        $isOff = static fn (Reading $read): bool => [] !== array_filter($read->errors(), static fn (Problem $error): bool => $line === $error->line);
        if (null === $piece->start || null === $line || 0 === $reading->on || !$isOff($reading)) {
            return null;
        }
        foreach ($piece->start->countedOtherwise() as $start) {
            $read = PieceReading::of($plan, $piece->set($start));
            if ($read->on > 0 && !$isOff($read)) {
                return new CueOffer(
                    $line,
                    $piece->rounds[$line - 1],
                    Message::of('offer.edge', join: $start->join->name, yes: $start->counts || $start->gap || $start->isOneSide ? 1 : 0, on: $read->on),
                    setting: $start,
                );
            }
        }

        return null;
    }

    private static function offer(Plan $plan, Piece $piece, int $line, LineCue|Cue $words): ?CueOffer
    {
        $means = $words->meaning();

        return self::placed($piece, $line, $words->text, $means->place) ?? self::tail($plan, $line, $words->text, $means->tail);
    }

    /** "eyes between rounds 5 and 6, 7 stitches apart" */
    private static function placed(Piece $piece, int $line, string $text, ?SaidPlace $place): ?CueOffer
    {
        $kind = self::KINDS[$place->what ?? ''] ?? null;
        if (null === $place || null === $kind) {
            return null;
        }
        $round = $place->round;
        $next = $round + 1;
        $apart = null === $place->apart ? null : (float) $place->apart;
        foreach ($piece->placements as $placement) {
            $at = $placement->place;
            if ($kind === $placement->kind && Anchor::Round === $at->anchor && $round === $at->number && $apart === $at->apart) {
                return null;
            }
        }

        return new CueOffer(
            $line,
            $text,
            null === $apart
                ? Message::of('offer.place', what: $kind->value, round: $round, next: $next)
                : Message::of('offer.placeApart', what: $kind->value, round: $round, next: $next, apart: $apart),
            new Placement(
                key: Placement::freeKey(array_map(static fn (Placement $one): string => $one->key, $piece->placements)),
                kind: $kind,
                name: '',
                place: new Place(Anchor::Round, $round, apart: $apart),
            ),
        );
    }

    /** "join the arm with the next 3 sc": marked where it is joined. */
    private static function joined(Plan $plan, Piece $piece, JoinedPart $joined): ?CueOffer
    {
        if ([] !== array_filter($piece->placements, $joined->isHeldBy(...))) {
            return null;
        }
        $named = array_filter($plan->pieces, static fn (Piece $one): bool => $one->key !== $piece->key && false !== mb_stripos($one->name, $joined->part));

        return new CueOffer(
            $joined->line,
            $joined->cue->text,
            Message::of('offer.joined', part: $joined->part, round: $joined->round, first: $joined->first, last: $joined->last),
            new Placement(
                key: Placement::freeKey(array_map(static fn (Placement $one): string => $one->key, $piece->placements)),
                kind: $joined->kind,
                name: array_values($named)[0]->name ?? '',
                place: new Place(Anchor::Round, $joined->round, fromFront: $joined->fromFront),
            ),
        );
    }

    /** "leave a tail of 40 cm", "leaving a 12-inch tail for sewing" */
    private static function tail(Plan $plan, int $line, string $text, ?SaidTail $tail): ?CueOffer
    {
        if (null === $tail || $tail->cm < 1.0 || abs($tail->cm - $plan->yarnUse->sewingTailCm) < 0.05) {
            return null;
        }

        return new CueOffer($line, $text, Message::of('offer.tail', tail: $tail->words), null, $tail->cm);
    }
}

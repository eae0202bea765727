<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Frame\Frame;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Thread\ThreadKinds;
use Alternum\Core\Plan\Thread\UsualThread;

/** Where on a piece something usually goes. All of it common practice, from memory. */
final readonly class UsualPlace
{
    private function __construct(public Place $place, public bool $isPair, public bool $tiesToEyes, public ?UsualThread $thread = null)
    {
    }

    /** What lies as it does now, to be put elsewhere: a pair stays one, and what goes with another place still does. */
    public static function like(Place $place): self
    {
        return new self($place, null !== $place->apart, Anchor::Placement === $place->anchor);
    }

    /** @param string $what as the tray has it; null: it is none of its things, or cannot be put there */
    public static function of(string $what, Plan $plan, Piece $piece, Frame $frame): ?self
    {
        $site = new PieceSite($plan, $piece, $frame);
        $placement = PlacementKind::tryFrom($what);
        if (null !== $placement) {
            $place = self::placement($placement, $site);

            return new self($place, null !== $place->apart, PlacementKind::Nose === $placement);
        }
        $thread = ThreadKinds::usual($what, $site);

        return null === $thread ? null : new self($thread->place, null !== $thread->place->apart, $thread->goesWithEyes, $thread);
    }

    private static function placement(PlacementKind $kind, PieceSite $site): Place
    {
        return match ($kind) {
            PlacementKind::Eyes => $site->at($site->eyesHeight(), $site->share(5)),
            PlacementKind::Nose => $site->underEyes(1),
            PlacementKind::Ears => $site->at(0.85, $site->share(3)),
            PlacementKind::Arms, PlacementKind::Wings => $site->at(0.5, $site->share(2)),
            PlacementKind::Legs => $site->at(0.15, $site->share(4)),
            PlacementKind::Tail => $site->at(0.2, null, 180.0),
            PlacementKind::Buttons, PlacementKind::Beads, PlacementKind::Felt => $site->at(0.4),
            PlacementKind::Ring, PlacementKind::Loop, PlacementKind::Clasp => $site->top(),
            PlacementKind::Other => $site->at(0.5),
        };
    }

    /** Whether it sits on top of what it is put on, whose upper end is its neck, and is begun at its own top. */
    public static function isHead(Piece $part): bool
    {
        return 1 === preg_match('/\bhead\b/i', $part->name);
    }

    /**
     * @param PieceStages $stages of the piece that it is put on
     * @param bool        $isPair two of its copies are put on at once
     */
    public static function ofPart(Plan $plan, Piece $part, Piece $piece, PieceStages $stages, bool $isPair): self
    {
        $frame = $stages->frame;
        $site = new PieceSite($plan, $piece, $frame);
        $endsOpen = $stages->filled->isLeftOpen() && !$frame->lies();
        if (self::isHead($part)) {
            // On a body that was begun below, it closes the neck.
            return new self($endsOpen && !$frame->beginsAtTop() ? new Place(Anchor::Edge) : $site->top(), false, false);
        }
        if (1 === preg_match('/\b(?:hat|cap)\b/i', $part->name)) {
            return new self($site->top(), false, false);
        }
        if (1 === preg_match('/\bbody\b/i', $part->name)) {
            // It hangs from the neck of the other: from its open edge, or from the middle of its lower end.
            $lower = new Place(Anchor::Pole, $frame->beginsAtTop() ? 2 : 1);

            return new self($endsOpen && $frame->beginsAtTop() ? new Place(Anchor::Edge) : $lower, false, false);
        }
        $kind = PlacementKind::Other;
        foreach (PlacementKind::cases() as $one) {
            if (1 === preg_match('/\b'.rtrim($one->value, 's').'s?\b/i', $part->name)) {
                $kind = $one;
            }
        }
        $place = self::placement($kind, $site);
        $apart = $isPair ? $place->apart ?? $site->share(3) : null;

        return new self(
            new Place(anchor: $place->anchor, number: $place->number, offset: $place->offset, fromFront: $place->fromFront, apart: $apart),
            $isPair,
            false,
        );
    }
}

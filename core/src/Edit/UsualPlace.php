<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Thread\Backstitch;
use Alternum\Core\Plan\Thread\Bars;
use Alternum\Core\Plan\Thread\Fringe;
use Alternum\Core\Plan\Thread\Lashes;
use Alternum\Core\Plan\Thread\Seeds;
use Alternum\Core\Plan\Thread\Smile;
use Alternum\Core\Plan\Thread\Swirl;
use Alternum\Core\Plan\Thread\ThreadKind;
use Alternum\Core\Plan\Thread\ThreadLine;
use Alternum\Core\Plan\Thread\Veins;

/** Where on a piece something usually goes. All of it common practice, from memory. */
final readonly class UsualPlace
{
    private function __construct(public Place $place, public bool $isPair, public bool $tiesToEyes, public ?ThreadKind $thread = null, public string $name = '')
    {
    }

    /** What lies as it does now, to be put elsewhere: a pair stays one, and what goes with another place still does. */
    public static function like(Place $place): self
    {
        return new self($place, null !== $place->apart, Anchor::Placement === $place->anchor);
    }

    /** @param string $what a kind of placement or of thread, or a part of a face: mouth, cheeks, brows, lashes; null: it is none */
    public static function of(string $what, Piece $piece, Frame $frame): ?self
    {
        $eyes = self::eyes($piece);
        $up = self::up($frame);
        $makes = max([1, ...$frame->counts]);
        $apart = null === $eyes ? self::pair($makes, 5) : $eyes->place->apart ?? self::pair($makes, 5);
        // No farther apart than the round there is wide.
        $on = static fn (int $round, ?float $apart, float $fromFront = 0.0): Place => new Place(
            Anchor::Round, $round, apart: null === $apart ? null : max(1.0, min($apart, $frame->makes($round) - 1.0)), fromFront: $fromFront,
        );
        $tied = static fn (int $rounds, ?float $apart): Place => null === $eyes
            ? $on(max(1, min($frame->rounds() - 1, self::level($frame, 0.55) - $up * $rounds)), $apart)
            : new Place(Anchor::Placement, of: $eyes->key, offset: -$up * $rounds, apart: $apart);
        $at = static fn (float $height, ?float $apart, float $fromFront = 0.0): Place => $on(self::level($frame, $height), $apart, $fromFront);
        // As far down as there are rounds.
        $down = static fn (float $height): int => $frame->beginsAtTop() ? $frame->rounds() - self::level($frame, $height) : self::level($frame, $height);

        $rows = min(3, 1 + intdiv($down(0.75), 2));
        $seeds = new Seeds(around: 8, rows: $rows, step: 2, length: 0.5, across: 360.0, isStaggered: true);

        return match ($what) {
            'eyes' => new self($at(0.55, self::pair($makes, 5)), true, false),
            'nose' => new self($tied(1, null), false, true),
            'ears' => new self($at(0.85, self::pair($makes, 3)), true, false),
            'arms', 'wings' => new self($at(0.5, self::pair($makes, 2)), true, false),
            'legs' => new self($at(0.15, self::pair($makes, 4)), true, false),
            'tail' => new self($at(0.2, null, 180.0), false, false),
            'buttons', 'beads', 'felt' => new self($at(0.4, null), false, false),
            // Where it hangs level: in the middle of its upper end.
            'ring', 'loop', 'clasp' => new self(new Place(Anchor::Pole, $frame->beginsAtTop() ? 1 : 2), false, false),
            'other' => new self($at(0.5, null), false, false),
            'smile' => new self($tied(3, null), false, true, new Smile(max(2.0, $apart - 1), 1.0), 'Mouth'),
            'cheeks' => new self($tied(2, min($apart + 4, $makes - 1.0)), true, true, new Bars(3, 2.0, 0.4, 0.0), 'Cheeks'),
            'brows' => new self($tied(-3, $apart), true, true, new Bars(1, 2.0, 0.4, 0.5), 'Brows'),
            'lashes' => new self($tied(-1, $apart), true, true, new Lashes(3, 1.0, 90.0), 'Lashes'),
            'bars' => new self($tied(2, null), false, true, new Bars(1, 3.0, 0.4, 0.0)),
            'seeds' => new self($at(0.75, null), false, false, $seeds),
            'swirl' => new self($at(0.9, null), false, false, new Swirl(1.0, max(1.0, min($down(0.9), floor($frame->rounds() * 0.6))), 0.0, 0)),
            'surface' => new self($at(0.5, null), false, false, new Veins(self::line())),
            'backstitch' => new self($at(0.5, null), false, false, new Backstitch(self::line())),
            'fringe' => new self($at(0.85, null), false, false, new Fringe(6, 5.0, 40.0)),
            default => null,
        };
    }

    /** @param bool $isPair two of its copies are put on at once */
    public static function ofPart(Piece $part, Piece $piece, Frame $frame, bool $isPair): self
    {
        $kind = null;
        foreach (PlacementKind::cases() as $one) {
            if (1 === preg_match('/\b'.rtrim($one->value, 's').'s?\b/i', $part->name)) {
                $kind = $one;
            }
        }
        $usual = self::of(null === $kind ? 'other' : $kind->value, $piece, $frame);
        if (1 === preg_match('/\b(?:head|hat|cap)\b/i', $part->name) || null === $usual) {
            return new self(new Place(Anchor::Pole, $frame->beginsAtTop() ? 1 : 2), false, false);
        }
        $place = $usual->place;
        $apart = $isPair ? $place->apart ?? self::pair(max([1, ...$frame->counts]), 3) : null;

        return new self(
            new Place(anchor: $place->anchor, number: $place->number, offset: $place->offset, fromFront: $place->fromFront, apart: $apart),
            $isPair,
            false,
        );
    }

    private static function line(): ThreadLine
    {
        return ThreadLine::between(-3.0, 0.0, 3.0, 0.0);
    }

    private static function eyes(Piece $piece): ?Placement
    {
        foreach ($piece->placements as $placement) {
            if (PlacementKind::Eyes === $placement->kind) {
                return $placement;
            }
        }

        return null;
    }

    /** Rounds on that go up by one. */
    private static function up(Frame $frame): int
    {
        return $frame->beginsAtTop() ? -1 : 1;
    }

    /** @return int the round at such a share of the height, as the piece stands */
    private static function level(Frame $frame, float $height): int
    {
        $from = $frame->beginsAtTop() ? 1.0 - $height : $height;

        return max(1, min($frame->rounds() - 1, (int) round($from * $frame->rounds())));
    }

    /** Stitches between the two of a pair that are so small a share of the way around apart. */
    private static function pair(int $makes, int $share): float
    {
        return max(2.0, round($makes / $share));
    }
}

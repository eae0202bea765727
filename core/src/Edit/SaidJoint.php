<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\SaidJoin;
use Alternum\Core\Notation\SaidSeat;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Plan;

/** Words that put a piece on another, as what the plan has for it: "Sew the ears to the head between rounds 5 and 6, 8 sts apart", and our own. */
final class SaidJoint
{
    /** @var array<string, array{string, int}> pieces and copies by what they are called, in small letters */
    private readonly array $names;
    /** @var array<string, PieceStages> of those that were asked for: many lines may speak of one piece */
    private array $stages = [];

    /** @param Plan $plan with the pieces that are meant */
    public function __construct(private readonly Plan $plan)
    {
        $this->names = self::names($plan);
    }

    /**
     * @param list<Joint>|null $before those that are there; null: the plan's
     *
     * @return list<Joint> what a line says; none where it says nothing of the kind, or something besides
     */
    public function in(string $line, ?array $before = null): array
    {
        $before ??= $this->plan->assembly;
        $joints = [];
        foreach (SaidJoin::clauses($line, array_map(strval(...), array_keys($this->names))) as $clause) {
            $made = $this->clause($clause, [...$before, ...$joints]);
            if ([] === $made) {
                return [];
            }
            array_push($joints, ...$made);
        }

        return $joints;
    }

    /**
     * @param list<Joint> $before those that are there
     *
     * @return list<Joint>
     */
    private function clause(string $line, array $before): array
    {
        $names = $this->names;
        $said = SaidJoin::in($line, array_map(strval(...), array_keys($names)));
        $onto = null === $said ? null : $this->plan->piece($names[$said->onto][0]);
        if (null === $said || null === $onto) {
            return [];
        }
        $parts = [];
        foreach ($said->parts as $key) {
            $found = $names[$key] ?? $names[rtrim($key, 's')] ?? null;
            if (null === $found) {
                return [];
            }
            $parts[] = $found;
        }

        return $this->joints($onto, $parts, $said, $before);
    }

    /**
     * @param list<array{string, int}> $parts  each piece and which of its copies
     * @param list<Joint>              $before those that are there
     *
     * @return list<Joint>
     */
    private function joints(Piece $onto, array $parts, SaidJoin $said, array $before): array
    {
        if (0 === $this->stages($onto)->frame->rounds()) {
            return [];
        }
        $made = [];
        $first = $this->plan->piece($parts[0][0] ?? '')->copies->count ?? 0;
        $isEven = $said->isEven && null !== $said->rounds && 1 === \count($parts) && $first > 1;
        // All copies, each at its own place around.
        $parts = $isEven ? array_map(static fn (int $copy): array => [$parts[0][0], $copy], range(1, $first)) : $parts;
        foreach ($parts as $i => [$key, $copy]) {
            $part = $this->plan->piece($key);
            if (null === $part || $part->key === $onto->key) {
                return [];
            }
            $isPair = !$isEven && 1 === \count($parts) && $part->copies->count >= 2 && $copy + 1 <= $part->copies->count;
            $isPair = $isPair || (!$isEven && 2 === \count($parts) && $parts[0][0] === $parts[1][0]);
            [$edge, $hold] = Put::held($part, $this->stages($part));
            $made[] = new Joint(
                key: Placement::freeKey(array_map(static fn (Joint $joint): string => $joint->key, [...$before, ...$made]), 'j'),
                part: $part->key,
                copy: $copy,
                onto: $onto->key,
                place: $isEven
                    ? $this->place($part, $onto, $said, false, $i)->alone(($i + 0.5) * 360.0 / $first)
                    : $this->place($part, $onto, $said, $isPair, $i),
                edge: $said->edge ?? $edge,
                hold: $said->hold ?? $hold,
                isWithNew: $said->isWithNew || $this->stages($part)->filled->typed->hides,
                stretch: $said->stretch,
            );
            if ($isPair) {
                break;
            }
        }

        return $made;
    }

    /**
     * A plan with what is left open, and by a line gets its head or something on its top, begun at its bottom, where nothing says at which: a body, a tower.
     * A head is begun at its top, and left open for the body.
     *
     * @param list<Joint> $joints what the line says
     */
    public function standing(Plan $plan, string $line, array $joints): Plan
    {
        $seat = SaidSeat::in($line);
        foreach ($joints as $joint) {
            $part = $plan->piece($joint->part);
            $onto = $plan->piece($joint->onto);
            $isOnTop = SaidSeat::Top === $seat || null !== $part && UsualPlace::isHead($part) && SaidSeat::WhereItBegins !== $seat;
            $isTop = $isOnTop && Anchor::Pole === $joint->place->anchor && 1 === $joint->place->number;
            if ($isTop && null !== $onto && null === $onto->firstRound && !UsualPlace::isHead($onto) && $this->stages($onto)->filled->isLeftOpen()) {
                $plan = $plan->withPiece($onto->set(FirstRound::Bottom));
            }
        }

        return $plan;
    }

    private function stages(Piece $piece): PieceStages
    {
        return $this->stages[$piece->key] ??= PieceStages::of($this->plan, $piece);
    }

    /** @param int $which of several that lie one after another */
    private function place(Piece $part, Piece $onto, SaidJoin $said, bool $isPair, int $which): Place
    {
        $seat = $this->stages($onto);
        $frame = $seat->frame;
        $usual = UsualPlace::ofPart($this->plan, $part, $onto, $seat, $isPair)->place;
        $rounds = $said->rounds;
        if (SaidSeat::WhereItBegins === $said->seat || SaidSeat::WhereItEnds === $said->seat) {
            return new Place(Anchor::Pole, SaidSeat::WhereItBegins === $said->seat ? 1 : 2);
        }
        if (SaidSeat::Edge === $said->seat && (null === $rounds || $rounds[0] === $frame->rounds())) {
            return new Place(Anchor::Edge);
        }
        if (SaidSeat::Top === $said->seat && null === $rounds) {
            $isOpen = !$frame->beginsAtTop() && !$frame->lies() && $seat->filled->isLeftOpen();

            return $isOpen ? new Place(Anchor::Edge) : new Place(Anchor::Pole, $frame->beginsAtTop() ? 1 : 2);
        }
        if (null === $rounds && \in_array($usual->anchor, [Anchor::Edge, Anchor::Pole], true) && !$said->isBehind) {
            return $usual;
        }
        $round = null === $rounds ? $usual->number : intdiv($rounds[0] + max($rounds[0], $rounds[1] - 1), 2);
        $round = max(1, min($frame->rounds(), $round));
        if (null !== $rounds && null !== $said->stitches) {
            $makes = $frame->makes($round);
            $at = $said->stitches;
            $apart = (float) ((($at[1] - $at[0]) % $makes + $makes) % $makes);
            $middle = $isPair ? $at[0] + $apart / 2 : (float) ($at[min(1, $which)]);
            $out = $frame->signedFromFront($frame->degrees($round, $middle)) / 360.0 * $makes;

            return new Place(Anchor::Round, $round, stitches: abs($out) < 0.75 ? 0.0 : round(2 * $out) / 2, apart: $isPair ? max(1.0, $apart) : null);
        }
        $apart = null === $said->apart ? $usual->apart : (float) $said->apart;

        return new Place(
            Anchor::Round,
            $round,
            fromFront: $said->isBehind ? 180.0 : $usual->fromFront,
            apart: $isPair ? min($apart ?? 2.0, $frame->makes($round) - 1.0) : null,
        );
    }

    /** "Sew the tail to the back over round 20", under all pieces: whose back it is goes without saying where one of them is the body. */
    public static function onBody(string $line, Plan $plan): string
    {
        foreach ($plan->pieces as $piece) {
            if (1 === preg_match('/\bbody\b/i', $piece->name)) {
                return (string) preg_replace('/\b(?:to|onto|on|at) the (?:back|front|top|sides?|bottom)\b(?! of\b)/i', '$0 of the body', $line, 1);
            }
        }

        return $line;
    }

    /** @return array<string, array{string, int}> pieces and copies by what they are called, in small letters */
    private static function names(Plan $plan): array
    {
        $names = [];
        foreach ($plan->pieces as $piece) {
            foreach ($piece->copies->named ?? [] as $i => $copy) {
                $names[mb_strtolower($copy->name)] ??= [$piece->key, $i + 1];
            }
            if ('' !== $piece->name) {
                $names[mb_strtolower($piece->name)] ??= [$piece->key, 1];
                // "The leg" is one of the piece "Legs".
                $names[rtrim(mb_strtolower($piece->name), 's')] ??= [$piece->key, 1];
            }
        }
        // "The body" of a "Head and body", where no piece is called so by itself.
        foreach ($plan->pieces as $piece) {
            foreach (1 === preg_match('/^(\pL+) (?:and|&|\+) (\pL+)$/u', mb_strtolower($piece->name), $both) ? [$both[1], $both[2]] : [] as $one) {
                $names[$one] ??= [$piece->key, 1];
            }
        }

        return $names;
    }
}

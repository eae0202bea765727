<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\TypedPlace;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Placements;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Thread\Thread;
use Alternum\Core\Plan\Thread\Threads;

/** Moves what is placed by rounds and stitches, the two of a pair alike, away from their middle or towards it; or to where it was dragged. */
final readonly class Nudge implements EditKind
{
    /**
     * @param string   $piece    on which it is; '': the key is a joint's
     * @param int      $rounds   on, in the order in which they are worked
     * @param float    $stitches on in the working direction, of a pair outwards
     * @param float    $turn     degrees to the right that a part is turned on its seat
     * @param int|null $round    to which it was dragged; null: it is moved by rounds and stitches
     * @param int      $stitch   of it
     * @param string   $said     where it is to be, in words; '': it is moved in another way
     */
    private function __construct(
        private string $piece,
        private string $key,
        private int $rounds,
        private float $stitches,
        private float $turn,
        private ?int $round,
        private int $stitch,
        private string $said,
    ) {
    }

    public static function words(): array
    {
        return ['nudge'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            piece: $fields->has('piece') ? $fields->text('piece', 40) : '',
            key: $fields->text('key', 40),
            rounds: $fields->whole('rounds', -Limits::ROUNDS, Limits::ROUNDS, 0),
            stitches: $fields->number('stitches', -Limits::STITCHES_IN_ROUND, Limits::STITCHES_IN_ROUND, 0),
            turn: $fields->number('turn', -180, 180, 0),
            round: $fields->has('round') ? $fields->whole('round', 1, Limits::ROUNDS) : null,
            stitch: $fields->whole('stitch', 1, Limits::STITCHES_IN_ROUND, 1),
            said: $fields->has('said') ? $fields->text('said', 200) : '',
        );
    }

    public function apply(Plan $plan): Plan
    {
        if ('' === $this->piece) {
            $found = false;
            $joints = array_map(function (Joint $joint) use ($plan, &$found): Joint {
                $found = $found || $joint->key === $this->key;

                return $joint->key === $this->key
                    ? $joint->at($this->moved($plan, $plan->piece($joint->onto), $joint->place))->turnedBy($this->turn)
                    : $joint;
            }, $plan->assembly);

            return $found ? $plan->withAssembly($joints) : throw $this->gone();
        }
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $placement = $piece->placement($this->key);
        if (null !== $placement) {
            $moved = new Placement($placement->key, $placement->kind, $placement->name, $this->moved($plan, $piece, $placement->place), $placement->mm);

            return $plan->withPiece($piece->set(new Placements(array_map(
                static fn (Placement $one): Placement => $one->key === $moved->key ? $moved : $one,
                $piece->placements,
            ))));
        }
        if ([] === array_filter($piece->threads, fn (Thread $one): bool => $one->key === $this->key)) {
            throw $this->gone();
        }

        return $plan->withPiece($piece->set(new Threads(array_map(
            fn (Thread $one): Thread => $one->key === $this->key ? $one->at($this->moved($plan, $piece, $one->place)) : $one,
            $piece->threads,
        ))));
    }

    private function moved(Plan $plan, ?Piece $piece, Place $place): Place
    {
        if ('' !== $this->said) {
            return $this->typed($plan, $piece ?? throw $this->gone(), $place);
        }
        if (null !== $this->round) {
            return $this->dragged($plan, $piece ?? throw $this->gone(), $place, $this->round);
        }
        $isNumbered = Anchor::Round === $place->anchor;

        return new Place(
            anchor: $place->anchor,
            number: $isNumbered ? max(1, $place->number + $this->rounds) : $place->number,
            of: $place->of,
            offset: $isNumbered ? $place->offset : $place->offset + $this->rounds,
            isWithin: $place->isWithin,
            fromFront: $place->fromFront,
            stitches: null === $place->apart ? $place->stitches + $this->stitches : $place->stitches,
            across: $place->across,
            apart: null === $place->apart ? null : max(1.0, $place->apart + 2 * $this->stitches),
        );
    }

    private function typed(Plan $plan, Piece $piece, Place $place): Place
    {
        $named = [];
        foreach ([...$piece->placements, ...$piece->threads] as $other) {
            $named[mb_strtolower($other->named())] ??= $other->key;
        }
        foreach ($plan->assembly as $joint) {
            $name = $joint->onto === $piece->key ? $plan->piece($joint->part)->name ?? '' : '';
            $named[mb_strtolower($name)] ??= $joint->key;
        }
        $up = PieceStages::of($plan, $piece)->frame->beginsAtTop() ? -1 : 1;

        return TypedPlace::read($this->said, $named, $up, $place) ?? throw EditRefused::because('place.unread', said: $this->said);
    }

    private function dragged(Plan $plan, Piece $piece, Place $place, int $round): Place
    {
        $stages = PieceStages::of($plan, $piece);
        if ($round > $stages->frame->rounds()) {
            throw EditRefused::because('put.noRound', round: $round, last: $stages->frame->rounds());
        }

        return Pressed::on($plan, $stages)->place(UsualPlace::like($place), $round, min($this->stitch, $stages->frame->makes($round)), $this->key);
    }

    private function gone(): EditRefused
    {
        return EditRefused::because('value.gone', at: $this->key);
    }

    public function inWords(): string
    {
        return 'Moved';
    }
}

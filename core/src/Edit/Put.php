<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Colour\LabColour;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Placements;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Thread\Thread;
use Alternum\Core\Plan\Thread\ThreadKinds;
use Alternum\Core\Plan\Thread\Threads;
use Alternum\Core\Plan\Yarn;

/** Puts eyes, a thread or another piece on a piece: where it was pressed, else where such a thing usually goes. */
final readonly class Put implements EditKind
{
    /**
     * @param string   $piece  on which it is put
     * @param string   $what   a kind of placement or of thread, or the key of the piece that is put on
     * @param bool     $isPart it is a piece
     * @param int|null $round  that was pressed, between it and the next; null: where it usually goes
     * @param int|null $stitch of it
     */
    private function __construct(private string $piece, private string $what, private bool $isPart, private ?int $round, private ?int $stitch)
    {
    }

    public static function words(): array
    {
        return ['put'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $isPart = $fields->has('part');

        return new self(
            piece: $fields->text('piece', 40),
            what: $isPart ? $fields->text('part', 40) : $fields->text('what', 40),
            isPart: $isPart,
            round: $fields->has('round') ? $fields->whole('round', 1, Limits::ROUNDS) : null,
            stitch: $fields->has('round') && $fields->has('stitch') ? $fields->whole('stitch', 1, Limits::STITCHES_IN_ROUND) : null,
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $stages = PieceStages::of($plan, $piece);
        $frame = $stages->frame;
        if (0 === $frame->rounds()) {
            throw EditRefused::because('edit.noRounds');
        }
        if (null !== $this->round && $this->round > $frame->rounds()) {
            throw EditRefused::because('put.noRound', round: $this->round, last: $frame->rounds());
        }

        return $this->isPart ? $this->withPart($plan, $stages) : $this->withKind($plan, $piece, $stages);
    }

    private function withKind(Plan $plan, Piece $piece, PieceStages $stages): Plan
    {
        $usual = UsualPlace::of($this->what, $plan, $piece, $stages->frame) ?? throw $this->noSuch();
        $place = $this->place($plan, $usual, $stages);
        $placement = PlacementKind::tryFrom($this->what);
        if (null !== $placement) {
            if (\count($piece->placements) >= Limits::PLACEMENTS) {
                throw EditRefused::because('put.full', most: Limits::PLACEMENTS);
            }
            $key = Placement::freeKey(array_map(static fn (Placement $one): string => $one->key, $piece->placements));

            return $plan->withPiece($piece->set(new Placements([...$piece->placements, new Placement($key, $placement, '', $place)])));
        }
        if (\count($piece->threads) >= Limits::PLACEMENTS) {
            throw EditRefused::because('put.full', most: Limits::PLACEMENTS);
        }
        $key = Placement::freeKey(array_map(static fn (Thread $one): string => $one->key, $piece->threads), 't');
        $lies = $usual->thread ?? throw $this->noSuch();
        $thread = new Thread(
            key: $key, name: $lies->name, yarn: self::seen($plan, $piece), strands: null, place: $place, kind: $lies->kind,
        );

        return $plan->withPiece($piece->set(new Threads([...$piece->threads, $thread])));
    }

    /** Only a thread that ends on another piece can have no place. */
    private function noSuch(): EditRefused
    {
        return EditRefused::because(ThreadKinds::isThing($this->what) ? 'put.notJoined' : 'put.unknown', what: $this->what);
    }

    /** The yarn of the plan that stands out most from what the piece is made of. */
    private static function seen(Plan $plan, Piece $piece): string
    {
        $counts = count_chars(implode('', PieceStages::of($plan, $piece)->colouring->rounds), 1);
        $own = $plan->yarn([] === $counts ? '' : \chr((int) array_search(max($counts), $counts, true))) ?? $plan->yarns[0];
        $ground = LabColour::of($own->hex);
        $far = array_map(static fn (Yarn $yarn): float => $ground->difference(LabColour::of($yarn->hex)), $plan->yarns);

        return $plan->yarns[(int) array_search(max($far), $far, true)]->key;
    }

    private function withPart(Plan $plan, PieceStages $stages): Plan
    {
        $part = $plan->piece($this->what) ?? throw EditRefused::noPiece($this->what);
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if ($part->key === $piece->key) {
            throw EditRefused::because('joint.onItself', part: $part->name);
        }
        if (\count($plan->assembly) >= Limits::JOINTS) {
            throw EditRefused::because('put.full', most: Limits::JOINTS);
        }
        $taken = [];
        foreach ($plan->assembly as $joint) {
            if ($joint->part === $part->key) {
                $taken += array_fill($joint->copy, $joint->count(), true);
            }
        }
        $free = array_values(array_filter(range(1, $part->copies->count), static fn (int $copy): bool => !isset($taken[$copy])));
        $copy = $free[0] ?? throw EditRefused::because('put.allPlaced', part: $part->name);
        $usual = UsualPlace::ofPart($plan, $part, $piece, $stages, \in_array($copy + 1, $free, true));
        [$edge, $hold] = self::held($part, PieceStages::of($plan, $part));
        $key = Placement::freeKey(array_map(static fn (Joint $joint): string => $joint->key, $plan->assembly), 'j');
        $joint = new Joint(
            key: $key, part: $part->key, copy: $copy, onto: $piece->key, place: $this->place($plan, $usual, $stages), edge: $edge, hold: $hold,
        );

        return $plan->withAssembly([...$plan->assembly, $joint]);
    }

    /**
     * What is usual for how the part ends.
     *
     * @return array{PartEdge, Hold}
     */
    public static function held(Piece $part, PieceStages $stages): array
    {
        $end = $stages->filled->end;

        return match (true) {
            PieceEnd::Flat === $end => [PartEdge::Flat, new Hold\Whip()],
            true === $end?->closes() => [PartEdge::Closed, new Hold\Whip()],
            1 === preg_match('/\b(?:hat|cap|cover|skirt|jumper|scarf|collar)\b/i', $part->name) => [PartEdge::Open, new Hold\Slipped()],
            default => [PartEdge::Open, new Hold\Whip()],
        };
    }

    /** Where it was pressed, tied to what is there already; else where it usually goes. */
    private function place(Plan $plan, UsualPlace $usual, PieceStages $stages): Place
    {
        return null === $this->round || null === $this->stitch ? $usual->place : Pressed::on($plan, $stages)->place($usual, $this->round, $this->stitch);
    }

    public function inWords(): string
    {
        return $this->isPart ? 'A part put on' : ucfirst($this->what).' placed';
    }
}

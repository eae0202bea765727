<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Change\BestFront;
use Alternum\Core\Change\LineCompared;
use Alternum\Core\Edit\Offers;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Making\LateCues;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\Placing;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Steps;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\UnfitSettings;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\FaceCheck;
use Alternum\Core\Place\Harmony;
use Alternum\Core\Place\Locator;
use Alternum\Core\Place\Tip;
use Alternum\Core\Place\Tips;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\EdgeStretch;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceGauge;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\FarSite;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Toy\PartTail;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Toy\PieceThreads;
use Alternum\Core\Toy\SeatMark;
use Alternum\Core\Toy\Solid;
use Alternum\Core\Yarn\Ends;

/** What every stage made of one piece. */
final readonly class PieceAnalysis
{
    /** Degrees between the points of the front where it is asked whether a part covers the face. */
    private const FACE = 12.0;

    /**
     * @param list<EdgeStretch> $edges   what the first round is worked into; none where it is a ring or chains of its own
     * @param PieceThreads      $threads what is embroidered on it
     * @param PieceForm         $form    as it is done: stuffed, and drawn in where its tail does that
     * @param list<LaidJoint>   $joints  parts that are put on it
     * @param float|null        $hookMm  that it is worked with, where another piece is worked with another
     * @param Ends|null         $ends    how its yarn begins and ends among the other pieces; null: it was looked at without them
     */
    private function __construct(
        public Piece $piece,
        public PieceStages $stages,
        public Changes $changes,
        public array $edges,
        public Placing $placing,
        public PieceThreads $threads,
        public Finishing $finishing,
        public PieceAsPart $part,
        public PieceForm $form,
        private ?float $hookMm,
        public ?Ends $ends = null,
        public array $joints = [],
    ) {
    }

    /** @param list<EdgeStretch> $edges */
    public static function of(Plan $plan, PieceStages $stages, array $edges): self
    {
        $changes = $stages->changes($plan);
        $finishing = Finishing::of($plan, $stages->piece, $stages->reading, $stages->filled, $stages->form);

        $locator = new Locator($stages->reading, $stages->frame, $stages->colouring, $changes);
        $placing = Placing::of($stages->piece, $stages->frame, $stages->colouring, $locator, $stages->form);
        $far = static fn (Piece $other): FarSite => self::far($plan, $other);
        $threads = PieceThreads::of($plan, $stages->piece, $stages->frame, $stages->form, $locator, $far);
        $marks = self::marks($stages->piece, $placing, $threads);
        $part = PieceAsPart::of($plan, $stages->piece, $stages->frame, $stages->form, $stages->colouring, $locator, $marks);
        $tail = PartTail::of($plan, $part);
        if (null !== $tail) {
            $isLevelled = $tail->isLevelled && $stages->fabric->endsOnStep($stages->piece->worked) && !$finishing->fastened;
            $finishing = $finishing->asPart($tail->sews, $tail->mm / 10.0, $isLevelled, $tail->stuffsThen, $plan);
        }

        $form = $stages->form->drawnIn($finishing->drawn, !$stages->frame->beginsAtTop());

        return new self(
            piece: $stages->piece,
            stages: $stages,
            changes: $changes,
            edges: $edges,
            placing: $placing,
            threads: $threads,
            finishing: $finishing,
            part: $part->finished(
                $finishing->tailCm * 10.0,
                true === $finishing->end?->closes(),
                Firmness::None !== $finishing->firmness,
                Solid::of($form, $stages->frame, $stages->piece->frontDegrees, $plan->hand),
            ),
            form: $form,
            hookMm: PieceGauge::hook($plan, $stages->piece),
        );
    }

    private static function far(Plan $plan, Piece $piece): FarSite
    {
        $stages = PieceStages::of($plan, $piece);
        $locator = new Locator($stages->reading, $stages->frame, $stages->colouring, $stages->changes($plan));
        $locator->findAll($piece->placements);

        return new FarSite($stages->frame, $stages->form, $locator);
    }

    /** @return list<SeatMark> what is on it that no part is to lie over */
    private static function marks(Piece $piece, Placing $placing, PieceThreads $threads): array
    {
        $marks = [];
        foreach ($placing->placed as $placed) {
            foreach ($placed->placement->kind->hasWasher() ? $placed->degrees : [] as $degrees) {
                $marks[] = new SeatMark($placed->placement->named(), (float) $placed->round, $degrees);
            }
        }
        // The face by points that are no farther apart than parts are small.
        $face = $piece->face;
        for ($round = $face->from ?? 0; null !== $face && $round <= $face->to; ++$round) {
            for ($degrees = -$face->degrees / 2; $degrees <= $face->degrees / 2; $degrees += self::FACE) {
                $marks[] = new SeatMark('the face that is to stay plain', (float) $round, $piece->frontDegrees + $degrees);
            }
        }
        foreach ($threads->all as $laid) {
            foreach ($laid->spot->degrees as $degrees) {
                $marks[] = new SeatMark($laid->thread->named(), $laid->spot->level(), $degrees);
            }
        }

        return $marks;
    }

    public function among(Ends $ends): self
    {
        return $this->with($ends, $this->joints);
    }

    /** @param list<LaidJoint> $joints parts that are put on it */
    public function joined(array $joints): self
    {
        return $joints === $this->joints ? $this : $this->with($this->ends, $joints);
    }

    /** @param list<LaidJoint> $joints */
    private function with(?Ends $ends, array $joints): self
    {
        return new self(
            piece: $this->piece,
            stages: $this->stages,
            changes: $this->changes,
            edges: $this->edges,
            placing: $this->placing,
            threads: $this->threads,
            finishing: $this->finishing,
            part: $this->part,
            form: $this->form,
            hookMm: $this->hookMm,
            ends: $ends,
            joints: $joints,
        );
    }

    public function bestFront(): BestFront
    {
        return BestFront::of($this->piece, $this->stages->fabric, $this->stages->byRounds, $this->sides());
    }

    public function lineCompared(): LineCompared
    {
        return LineCompared::of($this->piece, $this->stages->fabric, $this->stages->byRounds, $this->stages->treatments);
    }

    /**
     * Legs that are joined stand side by side: the front lies at the middle of the chain between them, on one side or the other.
     *
     * @return list<int> degrees; none: any side can be the front
     */
    private function sides(): array
    {
        if (Join::Bridge !== $this->piece->start?->join || 2 !== \count($this->piece->start->pieces)) {
            return [];
        }
        $all = array_sum(array_map(static fn (EdgeStretch $edge): int => $edge->count(), $this->edges));
        $sides = [];
        $before = 0;
        foreach ($this->edges as $edge) {
            if (null === $edge->piece) {
                $sides[] = (int) round(360 * ($before + $edge->count() / 2) / $all) % 360;
            }
            $before += $edge->count();
        }

        return $sides;
    }

    /** @return array<int, Placed|LaidJoint> what hides the jog at a round's end, by that round; what comes off again hides nothing */
    public function covers(): array
    {
        $covers = [];
        foreach ($this->joints as $laid) {
            $covers += $laid->joint->hold->isRemovable() ? [] : array_fill_keys($laid->hides, $laid);
        }
        foreach ($this->placing->placed as $placed) {
            $covers += array_fill_keys($placed->hides, $placed);
        }

        return $covers;
    }

    /** @return list<Tip> */
    public function tips(Plan $plan): array
    {
        $stages = $this->stages;

        return (new Tips(
            plan: $plan,
            piece: $this->piece,
            reading: $stages->reading,
            fabric: $stages->fabric,
            frame: $stages->frame,
            colouring: $stages->colouring,
            changes: $this->changes,
        ))->all();
    }

    /**
     * Whether the maker is to be asked which end is up: where it is guessed, and something on the piece stands upright by it.
     */
    public function asksEnd(): bool
    {
        return !$this->stages->end->reason->isKnown()
            && ([] !== array_filter($this->piece->placements, static fn (Placement $one): bool => Anchor::Pole !== $one->place->anchor)
                || [] !== $this->piece->threads || null !== $this->piece->face || [] !== array_filter(
                    $this->piece->colours,
                    static fn (LayerEntry $entry): bool => $entry->layer->facesFront(),
                ));
    }

    public function harmony(Plan $plan): Harmony
    {
        return Harmony::of($plan, $this->stages->colouring, $this->changes);
    }

    public function face(): FaceCheck
    {
        return FaceCheck::of($this->piece, $this->stages->frame, $this->stages->colouring, $this->changes);
    }

    /** @return list<CueOffer> what the maker’s words say that the plan can act on */
    public function offers(Plan $plan): array
    {
        return Offers::of($plan, $this->piece, $this->stages->reading, $this->stages->frame);
    }

    public function lateCues(): LateCues
    {
        return new LateCues($this->stages->reading, $this->stages->form->openings);
    }

    public function unfit(): UnfitSettings
    {
        return new UnfitSettings(
            piece: $this->piece,
            reading: $this->stages->reading,
            fabric: $this->stages->fabric,
            form: $this->stages->form,
            finishing: $this->finishing,
            changes: $this->changes,
        );
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return Steps::of($this->site());
    }

    public function site(): StepSite
    {
        return StepSite::of(
            piece: $this->piece, reading: $this->stages->reading, fabric: $this->stages->fabric, frame: $this->stages->frame,
            form: $this->stages->form, colouring: $this->stages->colouring, changes: $this->changes, placing: $this->placing, threads: $this->threads,
            finishing: $this->finishing, startsAnew: 0.0 !== $this->ends?->beginning, hookMm: $this->hookMm,
        );
    }
}

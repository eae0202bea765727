<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Locator;
use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** What a piece is to others that are put on it, or that it is put on: its edges, and where on it their places are. */
final readonly class PieceAsPart
{
    /** A closed end is sewn on around a circle of such a share of the widest round: from memory. */
    private const CLOSED = 0.5;
    /** An edge that is gathered is drawn together to such a share. */
    private const GATHERED = 0.5;

    /**
     * @param list<int>                   $counts   stitches that each round makes
     * @param array<string, float>        $edges    mm, by PartEdge's value
     * @param list<float>                 $sides    mm along the side up to each round's upper edge, from where it begins
     * @param array<string, Spot|Message> $spots    where each joint onto it is, by its key, or why it is nowhere
     * @param list<array{int, float}>     $jogs     of each the round at whose end it lies, and its degrees
     * @param list<SeatMark>              $marks    what is on it that a part should not lie over
     * @param array<string, float>        $aroundMm around it there
     * @param float                       $roundMm  how high a round is
     * @param float|null                  $tailMm   what is left of its last yarn; null: it is not known yet
     * @param bool                        $isClosed no hand gets inside once it is done
     * @param int                         $up       rounds that go up by one, as it stands: 1 or -1
     * @param string                      $lastYarn in hand when it is done; '': it has no rounds
     */
    private function __construct(
        public string $key,
        public string $name,
        public array $counts,
        public array $edges,
        public array $sides,
        public array $spots,
        public array $jogs,
        public array $marks,
        public array $aroundMm,
        public string $lastYarn,
        public float $roundMm,
        public ?float $tailMm,
        public int $up,
        public bool $isClosed = false,
        public bool $isStuffed = false,
        public ?Solid $solid = null,
    ) {
    }

    /** @param list<SeatMark> $marks what is on it that a part should not lie over */
    public static function of(Plan $plan, Piece $piece, Frame $frame, PieceForm $form, Colouring $colouring, Locator $locator, array $marks): self
    {
        $spots = $around = [];
        foreach ($plan->assembly as $joint) {
            if ($joint->onto !== $piece->key || [] === $frame->counts) {
                continue;
            }
            $spot = $locator->find(Locator::joint($joint->key), $plan->piece($joint->part)->name ?? $joint->part, $joint->place);
            $spots[$joint->key] = $spot;
            if ($spot instanceof Spot) {
                $around[$joint->key] = $form->around(max(1, $spot->round));
            }
        }
        $letters = $colouring->rounds[\count($colouring->rounds) - 1] ?? '';

        return new self(
            key: $piece->key,
            name: '' === $piece->name ? $piece->key : $piece->name,
            counts: $frame->counts,
            edges: self::edges($form, $frame->counts),
            sides: self::sides($form),
            spots: $spots,
            jogs: $locator->jogs(),
            marks: $marks,
            aroundMm: $around,
            lastYarn: '' === $letters ? '' : $letters[-1],
            roundMm: $plan->gaugeOf($piece)->roundHeightMm(),
            tailMm: null,
            up: $frame->beginsAtTop() ? -1 : 1,
        );
    }

    /**
     * @param list<int> $counts
     *
     * @return array<string, float>
     */
    private static function edges(PieceForm $form, array $counts): array
    {
        $edge = $form->unstuffed[\count($counts)] ?? null;
        $open = null === $edge ? 0.0 : $edge->around();
        $sides = self::sides($form);

        return [
            PartEdge::Open->value => $open,
            PartEdge::Flat->value => $open / 2,
            PartEdge::Gathered->value => self::GATHERED * $open,
            PartEdge::Closed->value => self::CLOSED * $form->girth,
            PartEdge::Side->value => $sides[\count($sides) - 1] ?? 0.0,
            PartEdge::Middle->value => $form->width,
            PartEdge::Around->value => $form->girth,
        ];
    }

    /** @return list<float> */
    private static function sides(PieceForm $form): array
    {
        $sides = [];
        $side = 0.0;
        foreach ($form->outline as $i => $one) {
            $below = $form->outline[$i - 1] ?? $one;
            $sides[] = $side += hypot($one->radius - $below->radius, $one->level - $below->level);
        }

        return $sides;
    }

    /** @return float mm along what of it touches */
    public function touching(Joint $joint): float
    {
        return null === $joint->stretch
            ? $this->edge($joint->edge)
            : ($this->sides[$joint->stretch->to] ?? 0.0) - ($this->sides[$joint->stretch->from - 1] ?? 0.0);
    }

    /** @return float mm */
    public function edge(PartEdge $edge): float
    {
        return $this->edges[$edge->value] ?? 0.0;
    }

    public function finished(float $tailMm, bool $isClosed, bool $isStuffed, Solid $solid): self
    {
        return new self(
            key: $this->key, name: $this->name, counts: $this->counts, edges: $this->edges, sides: $this->sides, spots: $this->spots,
            jogs: $this->jogs, marks: $this->marks,
            aroundMm: $this->aroundMm, lastYarn: $this->lastYarn, roundMm: $this->roundMm, tailMm: $tailMm, up: $this->up,
            isClosed: $isClosed, isStuffed: $isStuffed, solid: [] === $this->counts ? null : $solid,
        );
    }

    /**
     * Whether a part that lies on a spot, so many mm out from its middle, lies over a place.
     *
     * @param float $around mm around the piece there
     */
    public function isUnder(Spot $spot, float $around, float $out, float $round, float $degrees): bool
    {
        $up = ($round - $spot->round) * $this->roundMm;
        foreach ($spot->isPole ? [$degrees] : $spot->degrees as $at) {
            $across = $spot->isPole ? 0.0 : Turn::apart($at, $degrees) / 360.0 * $around;
            if (hypot($up, $across) <= $out) {
                return true;
            }
        }

        return false;
    }
}

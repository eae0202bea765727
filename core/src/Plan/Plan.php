<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\WorkMode;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Layer\Strokes;

/** One toy or object: its yarns, gauge, pieces and colours, as the maker wrote them. */
final readonly class Plan
{
    public const FORMAT = 'alternum-plan';
    public const VERSION = 1;

    /**
     * How far each stitch leans back where neither plan nor piece says, in stitches.
     *
     * Source: from memory, yarn caught over the hook, worked tightly.
     */
    public const USUAL_LEAN = 0.35;
    /** The same where the yarn is caught under the hook: from memory, to be measured. */
    public const USUAL_LEAN_UNDER = 0.15;
    /** Stitches that a yarn passes behind before it is caught: common practice, no source. */
    public const USUAL_FLOATS = 5;

    /**
     * @param non-empty-list<Yarn> $yarns
     * @param list<Piece>          $pieces
     * @param int                  $floats     stitches that a yarn passes behind before it is caught
     * @param list<Joint>          $assembly   which piece is put on which
     * @param bool                 $keepsOrder parts are put on in the order in which they are listed, as far as that can be
     */
    public function __construct(
        public string $title,
        public Terms $terms,
        public Hand $hand,
        public Units $units,
        public array $yarns,
        public Gauge $gauge,
        public YarnUse $yarnUse,
        public array $pieces,
        public ?float $lean = null,
        public Marker $marker = Marker::First,
        public int $floats = self::USUAL_FLOATS,
        public ChangeDefaults $changes = new ChangeDefaults(),
        public array $assembly = [],
        public bool $keepsOrder = false,
        public WorkMode $workMode = WorkMode::PiecesFirst,
    ) {
    }

    /** The piece that is worked on from the edge of another, by that one's key; null: none is. */
    public function goesOnFrom(string $key): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if (true === $piece->start?->join->goesOn() && \in_array($key, $piece->start->pieces, true)) {
                return $piece;
            }
        }

        return null;
    }

    public function piece(string $key): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->key === $key) {
                return $piece;
            }
        }

        return null;
    }

    public function yarn(string $key): ?Yarn
    {
        foreach ($this->yarns as $yarn) {
            if ($yarn->key === $key) {
                return $yarn;
            }
        }

        return null;
    }

    /** The same plan with the piece of the same key replaced. */
    public function withPiece(Piece $changed): self
    {
        $pieces = array_map(static fn (Piece $piece): Piece => $piece->key === $changed->key ? $changed : $piece, $this->pieces);

        return $this->withPieces($pieces);
    }

    /** With a piece whose rounds have moved: all that names them goes along, and so do the places of what is put on it. */
    public function carried(Piece $changed, RoundMoves $moves): self
    {
        $joints = array_map(static fn (Joint $joint): Joint => $joint->onto === $changed->key
            ? $joint->at($joint->place->carried($moves, null))
            : $joint, $this->assembly);

        return $this->withPiece($changed->carried($moves))->withAssembly($joints);
    }

    public function keepingOrder(bool $keepsOrder): self
    {
        return $this->but(keepsOrder: $keepsOrder);
    }

    /** @param list<Joint> $assembly */
    public function withAssembly(array $assembly): self
    {
        return $this->but(assembly: $assembly);
    }

    /** @param list<Piece> $pieces */
    public function withPieces(array $pieces): self
    {
        return $this->but(pieces: $pieces);
    }

    /** @param non-empty-list<Yarn> $yarns */
    public function withYarns(array $yarns): self
    {
        return $this->but(yarns: $yarns);
    }

    public function withYarnUse(YarnUse $yarnUse): self
    {
        return $this->but(yarnUse: $yarnUse);
    }

    public function withGauge(Gauge $gauge): self
    {
        return $this->but(gauge: $gauge);
    }

    public function withTitle(string $title): self
    {
        return $this->but(title: $title);
    }

    /** The same typed words read as another country's. */
    public function readIn(Terms $terms): self
    {
        return $this->but(terms: $terms);
    }

    public function withLean(float $lean): self
    {
        return $this->but(lean: $lean);
    }

    /** @return list<string> the letters of the yarns that any layer of any piece names */
    public function layerYarns(): array
    {
        $letters = [];
        foreach ($this->pieces as $piece) {
            foreach ($piece->colours as $entry) {
                $letters += array_fill_keys($entry->layer->yarns(), true);
            }
        }

        return array_keys($letters);
    }

    /** What a piece is worked in: its own gauge, else that of the yarn that it is made of, else the plan's. */
    public function gaugeOf(Piece $piece): Gauge
    {
        return $piece->gauge ?? $this->groundOf($piece)->gauge ?? $this->gauge;
    }

    /** The yarn that all of a piece is made of. */
    public function groundOf(Piece $piece): Yarn
    {
        return $this->yarn($piece->ground() ?? '') ?? $this->yarns[0];
    }

    /** Stitches that each round of the piece sits back against the working direction. */
    public function leanOf(Piece $piece): float
    {
        return $piece->lean ?? $this->lean ?? self::USUAL_LEAN;
    }

    /**
     * @param string $path of the plan within a message
     *
     * @throws InvalidFields that names each path
     */
    public static function read(Fields $fields, string $path = ''): self
    {
        $at = static fn (string $name): string => '' === $path ? $name : "{$path}.{$name}";
        if (!$fields->has('format') || self::FORMAT !== $fields->raw('format')) {
            throw InvalidFields::because(
                $at('format'),
                Message::of('plan.noPlan', format: self::FORMAT),
            );
        }
        $version = $fields->whole('version', 1, 1_000_000);
        if ($version > self::VERSION) {
            throw InvalidFields::because($at('version'), Message::of('plan.newer', version: $version));
        }
        $title = $fields->line('title', Limits::NAME);
        $terms = $fields->oneOf('terms', Terms::class);
        $hand = $fields->oneOf('hand', Hand::class);
        $units = $fields->oneOf('units', Units::class);
        $yarns = Yarn::together($fields->objects('yarns', 1, Limits::YARNS, Yarn::read(...)));
        $pieces = $fields->objects('pieces', 0, Limits::PIECES, Piece::read(...));
        $fields->unique('yarns', array_map(static fn (Yarn $yarn): string => $yarn->key, $yarns));
        $fields->unique('pieces', array_map(static fn (Piece $piece): string => $piece->key, $pieces));
        $assembly = $fields->has('assembly') ? $fields->objects('assembly', 0, Limits::JOINTS, Joint::read(...)) : [];
        $fields->unique('assembly', array_map(static fn (Joint $joint): string => $joint->key, $assembly));
        $plan = new self(
            title: $title,
            terms: $terms,
            hand: $hand,
            units: $units,
            yarns: [] === $yarns ? [new Yarn('A', '', '#000000', WeightCategory::Dk, 1.0)] : $yarns,
            gauge: Gauge::read($fields->object('gauge')),
            yarnUse: YarnUse::read($fields->object('yarnUse')),
            pieces: Strokes::inPieces($pieces, implode('', array_map(static fn (Yarn $yarn): string => $yarn->key, $yarns))),
            lean: $fields->has('lean') ? $fields->number('lean', -2, 2) : null,
            marker: $fields->has('marker') ? $fields->oneOf('marker', Marker::class) : Marker::First,
            floats: $fields->whole('floatStitches', 1, 30, self::USUAL_FLOATS),
            changes: $fields->has('changes') ? ChangeDefaults::read($fields->object('changes')) : new ChangeDefaults(),
            assembly: $assembly,
            keepsOrder: $fields->has('keepOrder') && $fields->truth('keepOrder'),
            workMode: $fields->has('workOrder') ? $fields->oneOf('workOrder', WorkMode::class) : WorkMode::PiecesFirst,
        );
        $fields->done();

        return $plan;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'title' => $this->title,
            'terms' => $this->terms->value,
            'hand' => $this->hand->value,
            'units' => $this->units->value,
        ] + (null === $this->lean ? [] : ['lean' => Number::plain($this->lean)])
            + (Marker::First === $this->marker ? [] : ['marker' => $this->marker->value])
            + (self::USUAL_FLOATS === $this->floats ? [] : ['floatStitches' => $this->floats])
            + ([] === $this->changes->values() ? [] : ['changes' => $this->changes->values()])
            + [
                'yarns' => array_map(static fn (Yarn $yarn): array => $yarn->values(), $this->yarns),
                'gauge' => $this->gauge->values(),
                'yarnUse' => $this->yarnUse->values(),
                'pieces' => array_map(static fn (Piece $piece): array => $piece->values(), $this->pieces),
            ]
            + ([] === $this->assembly ? [] : ['assembly' => array_map(static fn (Joint $joint): array => $joint->values(), $this->assembly)])
            + ($this->keepsOrder ? ['keepOrder' => true] : [])
            + (WorkMode::PiecesFirst === $this->workMode ? [] : ['workOrder' => $this->workMode->value]);
    }

    /**
     * The same plan but for what is said.
     *
     * @param non-empty-list<Yarn>|null $yarns
     * @param list<Piece>|null          $pieces
     * @param list<Joint>|null          $assembly
     */
    private function but(
        ?string $title = null,
        ?Terms $terms = null,
        ?array $yarns = null,
        ?Gauge $gauge = null,
        ?YarnUse $yarnUse = null,
        ?array $pieces = null,
        ?float $lean = null,
        ?array $assembly = null,
        ?bool $keepsOrder = null,
    ): self {
        return new self(
            title: $title ?? $this->title,
            terms: $terms ?? $this->terms,
            hand: $this->hand,
            units: $this->units,
            yarns: $yarns ?? $this->yarns,
            gauge: $gauge ?? $this->gauge,
            yarnUse: $yarnUse ?? $this->yarnUse,
            pieces: $pieces ?? $this->pieces,
            lean: $lean ?? $this->lean,
            marker: $this->marker,
            floats: $this->floats,
            changes: $this->changes,
            assembly: $assembly ?? $this->assembly,
            keepsOrder: $keepsOrder ?? $this->keepsOrder,
            workMode: $this->workMode,
        );
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** A yarn of a plan, known by its letter. */
final readonly class Yarn
{
    public const KEY = '/^[A-Z]$/D';
    /** Metres that 100 g of a yarn run. */
    public const SHORTEST = 1.0;
    public const LONGEST = 5000.0;

    /**
     * @param string         $key         one capital letter
     * @param string         $hex         "#RRGGBB"
     * @param int            $strands     how many strands are held together
     * @param float|null     $onHandGrams null: not known
     * @param string|null    $withHex     of another strand that is held together with it
     * @param Measure|null   $measure     where this yarn was measured itself; else the plan's measure holds
     * @param Gauge|null     $gauge       of pieces that are made of it; null: the plan's
     * @param list<HeldYarn> $held        two yarns of the plan that are held together as this one, each counted by itself; []: it is a yarn by itself
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $hex,
        public WeightCategory $weight,
        public float $metresPer100g,
        public int $strands = 1,
        public ?float $onHandGrams = null,
        public ?Measure $measure = null,
        public ?string $withHex = null,
        public ?Gauge $gauge = null,
        public array $held = [],
        public YarnTexture $texture = YarnTexture::Smooth,
    ) {
    }

    /** How many strands of a yarn are in it: its own, or of those that are held together. */
    public function strandsOf(string $key): int
    {
        return [] === $this->held
            ? ($key === $this->key ? $this->strands : 0)
            : array_sum(array_map(static fn (HeldYarn $held): int => $key === $held->yarn ? $held->strands : 0, $this->held));
    }

    public function withGauge(?Gauge $gauge): self
    {
        return $this->but(['gauge' => $gauge]);
    }

    /** The same colour in a yarn of another thickness: it was not measured yet, and none of it is said to be at hand. */
    public function inWeight(WeightCategory $weight, float $metresPer100g): self
    {
        return $this->but(['weight' => $weight, 'metresPer100g' => $metresPer100g, 'onHandGrams' => null, 'measure' => null, 'gauge' => null]);
    }

    /**
     * Those that are held together of others look, weigh and run as these do; one whose others are not there stays as it was.
     *
     * @param list<self> $yarns
     *
     * @return ($yarns is non-empty-list<self> ? non-empty-list<self> : list<self>)
     */
    public static function together(array $yarns): array
    {
        $plain = [];
        foreach ($yarns as $yarn) {
            $plain += [] === $yarn->held ? [$yarn->key => $yarn] : [];
        }

        return array_map(static function (self $yarn) use ($plain): self {
            [$one, $other] = [$yarn->held[0] ?? null, $yarn->held[1] ?? null];
            $of = [$plain[$one->yarn ?? ''] ?? null, $plain[$other->yarn ?? ''] ?? null];

            return null === $one || null === $other || null === $of[0] || null === $of[1]
                ? $yarn
                : $yarn->heldOf($of[0], $one->strands, $of[1], $other->strands);
        }, $yarns);
    }

    private function heldOf(self $one, int $strands, self $other, int $others): self
    {
        $together = $strands + $others;

        return $this->but([
            'hex' => $one->hex,
            'withHex' => $other->hex,
            'weight' => $one->weight,
            // 100 g of all strands run so far, one after another.
            'metresPer100g' => round($together / ($strands / $one->metresPer100g + $others / $other->metresPer100g), 2),
            'strands' => $together,
            'texture' => match (true) {
                $this->texture->hidesStitches() => $this->texture,
                $one->texture->hidesStitches() => $one->texture,
                default => $other->texture,
            },
        ]);
    }

    /**
     * @param array{
     *     hex?: string, withHex?: string|null, weight?: WeightCategory, metresPer100g?: float, strands?: int, onHandGrams?: float|null,
     *     measure?: Measure|null, gauge?: Gauge|null, texture?: YarnTexture,
     * } $values that are others, by their names in the constructor
     */
    private function but(array $values): self
    {
        $values += [
            'hex' => $this->hex, 'withHex' => $this->withHex, 'weight' => $this->weight, 'metresPer100g' => $this->metresPer100g,
            'strands' => $this->strands, 'onHandGrams' => $this->onHandGrams, 'measure' => $this->measure, 'gauge' => $this->gauge,
            'texture' => $this->texture,
        ];

        return new self(...$values, key: $this->key, name: $this->name, held: $this->held);
    }

    /** Its label's category; of strands held together, that of what they come to. */
    public function worksUpLike(): WeightCategory
    {
        return 1 === $this->strands ? $this->weight : WeightCategory::ofMetres($this->metresPer100g / $this->strands);
    }

    public static function read(Fields $fields): self
    {
        $yarn = new self(
            key: self::readKey($fields, 'key'),
            name: $fields->line('name', Limits::NAME),
            hex: self::readHex($fields, 'hex'),
            weight: $fields->oneOf('weight', WeightCategory::class),
            metresPer100g: $fields->number('metresPer100g', self::SHORTEST, self::LONGEST),
            strands: $fields->whole('strands', 1, 10, 1),
            onHandGrams: $fields->has('onHandGrams') ? $fields->number('onHandGrams', 0, 100000) : null,
            measure: $fields->has('yarnUse') ? Measure::readAlone($fields->object('yarnUse')) : null,
            withHex: $fields->has('withHex') ? self::readHex($fields, 'withHex') : null,
            gauge: $fields->has('gauge') ? Gauge::read($fields->object('gauge')) : null,
            held: $fields->has('held') ? $fields->objects('held', 2, 2, HeldYarn::read(...)) : [],
            texture: $fields->has('texture') ? $fields->oneOf('texture', YarnTexture::class) : YarnTexture::Smooth,
        );
        $fields->close();

        return $yarn;
    }

    public static function keySays(): Message
    {
        return Message::of('field.yarnKey');
    }

    /** The letter of a yarn. */
    public static function readKey(Fields $fields, string $name = 'yarn'): string
    {
        return $fields->text($name, 1, self::KEY, self::keySays());
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return [
            'key' => $this->key,
            'name' => $this->name,
            'hex' => $this->hex,
            'weight' => $this->weight->value,
            'metresPer100g' => Number::plain($this->metresPer100g),
            'strands' => $this->strands,
        ] + (null === $this->withHex ? [] : ['withHex' => $this->withHex])
            + (null === $this->onHandGrams ? [] : ['onHandGrams' => Number::plain($this->onHandGrams)])
            + (null === $this->measure ? [] : ['yarnUse' => $this->measure->values()])
            + (null === $this->gauge ? [] : ['gauge' => $this->gauge->values()])
            + (YarnTexture::Smooth === $this->texture ? [] : ['texture' => $this->texture->value])
            + ([] === $this->held ? [] : ['held' => array_map(static fn (HeldYarn $held): array => $held->values(), $this->held)]);
    }

    private static function readHex(Fields $fields, string $name): string
    {
        return $fields->text($name, 7, '/^#[0-9A-Fa-f]{6}$/D', Message::of('field.hex'));
    }
}

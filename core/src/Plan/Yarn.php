<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** A yarn of a plan, known by its letter. */
final readonly class Yarn
{
    public const KEY = '/^[A-Z]$/D';

    /**
     * @param string       $key         one capital letter
     * @param string       $hex         "#RRGGBB"
     * @param int          $strands     how many strands are held together
     * @param float|null   $onHandGrams null: not known
     * @param string|null  $withHex     of another strand that is held together with it
     * @param Measure|null $measure     where this yarn was measured itself; else the plan's measure holds
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
    ) {
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
            metresPer100g: $fields->number('metresPer100g', 1, 5000),
            strands: $fields->whole('strands', 1, 10, 1),
            onHandGrams: $fields->has('onHandGrams') ? $fields->number('onHandGrams', 0, 100000) : null,
            measure: $fields->has('yarnUse') ? Measure::readAlone($fields->object('yarnUse')) : null,
            withHex: $fields->has('withHex') ? self::readHex($fields, 'withHex') : null,
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
            + (null === $this->measure ? [] : ['yarnUse' => $this->measure->values()]);
    }

    private static function readHex(Fields $fields, string $name): string
    {
        return $fields->text($name, 7, '/^#[0-9A-Fa-f]{6}$/D', Message::of('field.hex'));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;

/**
 * Sets fields of the plan's format where no rule of the job is needed: a name, a figure, a piece's layers. A place is a list of field
 * names; one of a list of yarns, pieces or placements is named by its key.
 */
final readonly class SetValues implements EditKind
{
    /** Fields that are set at once. */
    public const MOST = 500;

    /** @param list<SetValue> $values in the order in which they are set */
    private function __construct(private array $values)
    {
    }

    /** @param SetValue ...$values one at the least, in the order in which they are set */
    public static function of(SetValue ...$values): self
    {
        return new self(array_values($values));
    }

    public static function words(): array
    {
        return ['set'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->objects('values', 1, self::MOST, SetValue::read(...)));
    }

    /** @throws EditRefused|InvalidFields where a place is gone, or the plan would not be one any more */
    public function apply(Plan $plan): Plan
    {
        // As they are read: an object may be written as one.
        $values = Json::decode(Json::encode($plan->values()), 'plan');
        $values = \is_array($values) ? $values : [];
        foreach ($this->values as $set) {
            $values = self::with($values, $set->at, $set);
        }

        return Plan::read(Fields::of($values));
    }

    public function inWords(): string
    {
        $at = $this->values[0]->at ?? [];
        $named = array_values(array_filter($at, static fn (string $name): bool => !\in_array($name, ['pieces', 'yarns', 'placements'], true)));

        return match (true) {
            ['title'] === $at => 'Title',
            'yarns' === ($at[0] ?? '') => 'Yarn '.($at[1] ?? '').(isset($at[2]) ? ", {$at[2]}" : ''),
            'pieces' === ($at[0] ?? '') => ucfirst($at[2] ?? 'pieces').' changed',
            default => ucfirst($named[0] ?? 'plan').' changed',
        };
    }

    /**
     * @param array<mixed> $values
     * @param list<string> $at     what is left of the place
     *
     * @return array<mixed>
     */
    private static function with(array $values, array $at, SetValue $set): array
    {
        $name = array_shift($at);
        $key = null === $name ? null : self::keyOf($values, $name);
        if (null === $key) {
            throw EditRefused::because('value.gone', at: implode(', ', $set->at));
        }
        if ([] === $at) {
            if ($set->isRemoved) {
                unset($values[$key]);

                return \is_int($key) ? array_values($values) : $values;
            }
            $values[$key] = $set->value;

            return $values;
        }
        $inside = $values[$key] ?? null;
        if (!\is_array($inside)) {
            throw EditRefused::because('value.gone', at: implode(', ', $set->at));
        }
        $values[$key] = self::with($inside, $at, $set);

        return $values;
    }

    /**
     * @param array<mixed> $values
     *
     * @return int|string|null null: there is no such one of a list
     */
    private static function keyOf(array $values, string $name): int|string|null
    {
        if ([] === $values || !array_is_list($values)) {
            return $name;
        }
        foreach ($values as $i => $one) {
            if (\is_array($one) && ($one['key'] ?? null) === $name) {
                return $i;
            }
        }

        return ctype_digit($name) && (int) $name <= \count($values) ? (int) $name : null;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;

/** A layer of colour as it lies on a piece: it may have a name of its own, and be hidden. */
final readonly class LayerEntry
{
    public function __construct(public RoundLayer|PlaceLayer $layer, public string $name = '', public bool $isHidden = false)
    {
    }

    public static function read(Fields $fields, RoundLayer|PlaceLayer $layer): self
    {
        $entry = new self($layer, $fields->has('name') ? $fields->line('name', Limits::NAME) : '', $fields->has('hidden') && $fields->truth('hidden'));
        $fields->close();

        return $entry;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['kind' => $this->layer::kind()] + $this->layer->values() + ('' === $this->name
            ? []
            : ['name' => $this->name]) + ($this->isHidden ? ['hidden' => true] : []);
    }

    /** Another layer in its place, under the same name. */
    public function with(RoundLayer|PlaceLayer $layer): self
    {
        return new self($layer, $this->name, $this->isHidden);
    }

    /** What became of the layer, under the same name; null where nothing of it is left. */
    public function withLaid(?Layer $layer): ?self
    {
        return $layer instanceof RoundLayer || $layer instanceof PlaceLayer ? $this->with($layer) : null;
    }

    /**
     * @param list<self> $entries
     *
     * @return list<self> the same once rounds have moved, without those whose rounds are all gone
     */
    public static function carried(array $entries, RoundMoves $moves): array
    {
        $kept = [];
        foreach ($entries as $entry) {
            $kept[] = $entry->withLaid($entry->layer->carried($moves));
        }

        return array_values(array_filter($kept));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Problem;

/** The yarns that the typed words name, as typed. Where no such layer is laid, it lies right above the fill. */
final readonly class Typed implements RoundLayer
{
    use AnyLayer;

    public static function kind(): string
    {
        return 'typed';
    }

    public static function read(Fields $fields): self
    {
        return new self();
    }

    public function values(): array
    {
        return [];
    }

    public function yarns(): array
    {
        return [];
    }

    public function check(LayerSite $site): ?Problem
    {
        return null;
    }

    public function lay(Cloth $cloth): void
    {
        $cloth->typed();
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function inWords(): string
    {
        return 'the yarns that your words name';
    }

    /**
     * Where it lies among a piece's layers, if it is not laid there by itself: above all fills that they begin with.
     *
     * @param list<LayerEntry> $colours
     *
     * @return int|null how many layers lie below it; null where it is one of them
     */
    public static function place(array $colours): ?int
    {
        $place = 0;
        foreach ($colours as $i => $entry) {
            if ($entry->layer instanceof self) {
                return null;
            }
            $place = $entry->layer->isWhole() && $place === $i ? $i + 1 : $place;
        }

        return $place;
    }
}

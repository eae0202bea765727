<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Finish\PieceEnd;

/** A piece's fabric as a skin that stuffing blows up: where it is a circle, where an oval, where it is pressed flat. */
final readonly class PieceSkin
{
    /** A tube that is pressed flat at its end is round again as far up as it is wide there, in half widths: from memory. */
    private const FLATTENS = 0.5;

    /**
     * @param Skin     $skin     in mm: the edge that it begins on, one for each round's upper edge, and a pole where it is drawn shut
     * @param bool     $isOval   it begins along both sides of a chain
     * @param int|null $flatFrom the edge from which on it is flattened; null: nowhere
     */
    private function __construct(public Skin $skin, public bool $isOval, public ?int $flatFrom)
    {
    }

    public static function of(Fabric $fabric, Filled $filled): self
    {
        $rounds = $fabric->rounds;
        $last = $rounds[\count($rounds) - 1] ?? null;
        $hoops = [$fabric->straight > 0.0 ? 2 * $fabric->straight : 2 * \M_PI * $fabric->begins];
        $strips = [];
        foreach ($rounds as $i => $round) {
            $hoops[] = 2 * \M_PI * $round->radius;
            $strips[] = 0 === $i && 0.0 === $hoops[0] ? min($round->height, $round->radius) : $round->height;
        }
        $straights = $fabric->straight > 0.0 ? self::ovals($hoops, $strips, $fabric->straight, null !== $filled->presses) : array_fill(0, \count($hoops), 0.0);
        $flatFrom = null;
        if (null !== $last && ($fabric->endsFlat() || PieceEnd::Flat === $filled->end)) {
            // What works both sides together has half as many stitches as the edge that it lies on is around.
            $hoops[] = $fabric->endsFlat() ? 2 * array_pop($hoops) : array_pop($hoops);
            [$straights, $flatFrom] = self::flattened($hoops, $strips, $straights);
        } elseif (null !== $last && $filled->isDrawnShut()) {
            $hoops[] = $straights[] = 0.0;
            $strips[] = min($last->height, $last->radius);
        }

        return new self(new Skin($hoops, $strips, $straights, null !== $flatFrom || PieceEnd::Sewn === $filled->end), $fabric->straight > 0.0, $flatFrom);
    }

    /**
     * The straight part is as long as the chain while the round grows, and shrinks as the round does. What is stuffed fills out towards a circle: from
     * where it no longer grows, within as much as the chain is long. From memory.
     *
     * @param non-empty-list<float> $hoops
     * @param list<float>           $strips
     *
     * @return list<float>
     */
    private static function ovals(array $hoops, array $strips, float $straight, bool $fills): array
    {
        $straights = [];
        $widest = max($hoops);
        $grown = array_search($widest, $hoops, true);
        $far = 0.0;
        foreach ($hoops as $i => $hoop) {
            $far += $fills && $i > $grown ? $strips[$i - 1] ?? 0.0 : 0.0;
            $straights[] = max(0.0, 1.0 - $far / $straight) * ($i > $grown ? $straight * $hoop / $widest : min($hoop / 2, $straight));
        }

        return $straights;
    }

    /**
     * Towards its end both sides come together: half as wide as the edge is around.
     *
     * @param non-empty-list<float> $hoops
     * @param list<float>           $strips
     * @param list<float>           $straights
     *
     * @return array{list<float>, int} and the first edge that is flattened
     */
    private static function flattened(array $hoops, array $strips, array $straights): array
    {
        $end = \count($hoops) - 1;
        $reach = self::FLATTENS * $hoops[$end] / 2;
        $from = $end;
        for ($i = $end, $far = 0.0; $i >= 0 && $far < $reach; --$i) {
            $straights[$i] = max($straights[$i], $hoops[$i] / 2 * (1.0 - $far / $reach));
            $from = $i;
            $far += $strips[$i - 1] ?? 0.0;
        }

        return [array_values($straights), $from];
    }
}

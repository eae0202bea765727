<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\RoundLayer;
use Alternum\Core\Plan\Layer\Typed;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** The yarn of every stitch of one piece. Yarn keys are one letter, so that a round is a string of them. */
final readonly class Colouring
{
    /** @param list<string> $rounds one letter for each stitch made */
    public function __construct(public array $rounds)
    {
    }

    /** As the layers have it that name rounds or counted stitches. */
    public static function byRounds(Plan $plan, Piece $piece, Fabric $fabric, Reading $reading): self
    {
        $cloth = StitchCloth::of($plan, $fabric, $reading);
        foreach (self::shown($piece, $reading) as $entry) {
            if ($entry->layer instanceof RoundLayer) {
                $entry->layer->lay($cloth);
            }
        }

        return $cloth->colouring();
    }

    /**
     * The layers that are seen, from below, with the typed yarn words where they lie.
     *
     * @return list<LayerEntry>
     */
    public static function shown(Piece $piece, Reading $reading): array
    {
        $entries = $piece->colours;
        $typedAt = $reading->namesYarns() ? Typed::place($entries) : null;
        if (null !== $typedAt) {
            array_splice($entries, $typedAt, 0, [new LayerEntry(new Typed())]);
        }

        return array_values(array_filter($entries, static fn (LayerEntry $entry): bool => !$entry->isHidden));
    }

    /**
     * @param string $round one letter for each stitch
     *
     * @return list<YarnRun> in working order
     */
    public static function runs(string $round): array
    {
        $runs = [];
        for ($at = 0, $end = \strlen($round); $at < $end; $at += $length) {
            $length = strspn($round, $round[$at], $at);
            $runs[] = new YarnRun($round[$at], $length);
        }

        return $runs;
    }
}

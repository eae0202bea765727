<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Stripes;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/** Works stripes of one round in one spiral with a loop for each yarn: no jog lies between them, and no end but the first and the last of each. */
final readonly class AsSpiral implements EditKind
{
    /** More yarns than hands manage in one spiral: common practice, no source. */
    private const YARNS = 4;
    /** So often each yarn comes round, or it is not worth it. */
    private const TIMES = 2;

    private function __construct(private string $piece, private int $from)
    {
    }

    public static function words(): array
    {
        return ['as-spiral'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->whole('from', 1, Limits::ROUNDS));
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        foreach (self::in($piece, PieceStages::of($plan, $piece)->colouring) as $helix) {
            if ($helix->from === $this->from) {
                return $plan->withPiece(self::laid($piece, $helix));
            }
        }

        throw EditRefused::because('spiral.none', round: $this->from);
    }

    public function inWords(): string
    {
        return 'Stripes as one spiral';
    }

    /** @return list<Helix> the stripes of one round that a piece has, as the spirals that they can be */
    public static function in(Piece $piece, Colouring $colouring): array
    {
        if (Worked::Spiral !== $piece->worked) {
            return [];
        }
        $letters = array_map(static function (string $round): string {
            return '' !== $round && strspn($round, $round[0]) === \strlen($round) ? $round[0] : '';
        }, $colouring->rounds);
        $spirals = [];
        for ($from = 0, $end = \count($letters); $from < $end; $from = $to) {
            $to = $from + 1;
            $yarns = [];
            $at = $from;
            for (; $at < $end && '' !== $letters[$at] && !\in_array($letters[$at], $yarns, true) && \count($yarns) < self::YARNS; ++$at) {
                $yarns[] = $letters[$at];
            }
            // What goes on from the round below is no stripe of one round.
            $cycle = $from > 0 && $letters[$from] === $letters[$from - 1] ? 0 : \count($yarns);
            while ($cycle > 1 && $at < $end && $letters[$at] === $letters[$at - $cycle]) {
                ++$at;
            }
            if ($cycle > 1 && $at - $from >= self::TIMES * $cycle) {
                $to = $at;
                $spirals[] = new Helix($from + 1, self::end($piece, $from + 1, $at), $yarns);
            }
        }

        return $spirals;
    }

    /** Where what follows has the colour that would be next, the stripes end where they are said to. */
    private static function end(Piece $piece, int $from, int $to): int
    {
        foreach ($piece->colours as $entry) {
            if ($entry->layer instanceof Stripes && $entry->layer->from === $from && $entry->layer->to === $to - 1 && !$entry->isHidden) {
                return $to - 1;
            }
        }

        return $to;
    }

    /** In the stead of stripes that are just these, or over what is there. */
    private static function laid(Piece $piece, Helix $helix): Piece
    {
        $colours = $piece->colours;
        foreach ($colours as $i => $entry) {
            if ($entry->layer instanceof Stripes && $entry->layer->from === $helix->from && $entry->layer->to === $helix->to && !$entry->isHidden) {
                $colours[$i] = $entry->with($helix);

                return $piece->withColours($colours);
            }
        }

        return $piece->withColours([...$colours, new LayerEntry($helix)]);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Band;
use Alternum\Core\Plan\Blend;
use Alternum\Core\Plan\Fill;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Motif;
use Alternum\Core\Plan\Panel;
use Alternum\Core\Plan\Part;
use Alternum\Core\Plan\Reach;
use Alternum\Core\Plan\Spots;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripe;
use Alternum\Core\Plan\Stripes;
use Alternum\Core\Plan\Typed;

/** Reads the colour layers of the plan's format; what is wrong is collected by the fields, at its path. */
final class LayerReader
{
    public static function laid(Fields $fields): Laid
    {
        $kind = $fields->has('kind') ? $fields->raw('kind') : null;
        $layer = match ($kind) {
            'fill' => new Fill(self::yarnKey($fields)),
            'stripes' => self::stripes($fields),
            'band' => new Band(self::reach($fields->object('where')), self::yarnKey($fields)),
            'run' => new StitchRun(
                $fields->whole('round', 1, Limits::ROUNDS),
                $fields->whole('from', 1, Limits::STITCHES_IN_ROUND),
                $fields->whole('to', 1, Limits::STITCHES_IN_ROUND),
                self::yarnKey($fields),
            ),
            'spots' => self::spots($fields),
            'motif' => new Motif(self::motifRows($fields), $fields->whole('round', 1, Limits::ROUNDS), $fields->number('fromFront', -180, 180, 0), !$fields->has('straight') || $fields->truth('straight')),
            'panel' => new Panel(self::yarnKey($fields), $fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS), $fields->number('degrees', 1, 360), $fields->number('fromFront', -180, 180, 0)),
            'blend' => new Blend(self::yarnKey($fields), $fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS)),
            'hand' => self::handSet($fields),
            'typed' => new Typed(),
            default => null,
        };
        if (null === $layer) {
            $fields->wrong('kind', 'This kind of colour layer is not known.', 'Write fill, stripes, band, run, spots, motif, panel, blend, hand or typed.');

            return new Laid(new Fill('A'));
        }
        $laid = new Laid($layer, $fields->has('name') ? $fields->text('name', Limits::NAME, PlanReader::ONE_LINE, 'It is one line.') : '', $fields->has('hidden') && $fields->truth('hidden'));
        $fields->close();

        return $laid;
    }

    private static function stripes(Fields $fields): Stripes
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $to = $fields->whole('to', 1, Limits::ROUNDS);
        $sequence = $fields->objects('sequence', 1, Limits::ROUNDS, self::stripe(...));

        return new Stripes($from, $to, [] === $sequence ? [new Stripe('A', 1)] : $sequence);
    }

    public static function stripe(Fields $fields): Stripe
    {
        $stripe = new Stripe(self::yarnKey($fields), $fields->whole('rounds', 1, Limits::ROUNDS));
        $fields->close();

        return $stripe;
    }

    private static function reach(Fields $fields): Reach
    {
        $part = $fields->oneOf('part', Part::class);
        $reach = match ($part) {
            Part::Rounds => Reach::rounds($fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS)),
            Part::First, Part::Last => Reach::atEnd($part, $fields->whole('rounds', 1, Limits::ROUNDS)),
            Part::Widest => Reach::fromWidest($fields->whole('offset', -Limits::ROUNDS, Limits::ROUNDS), $fields->whole('rounds', 1, Limits::ROUNDS)),
            default => Reach::allThat($part),
        };
        $fields->close();

        return $reach;
    }

    private static function spots(Fields $fields): Spots
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $isCounted = !$fields->has('every');

        return new Spots(
            self::yarnKey($fields),
            $from,
            $fields->whole('to', 1, Limits::ROUNDS, $from),
            $fields->whole('step', 1, Limits::ROUNDS, 1),
            $isCounted ? $fields->whole('count', 1, Limits::STITCHES_IN_ROUND) : 0,
            $isCounted ? 0 : $fields->whole('every', 1, Limits::STITCHES_IN_ROUND),
            $fields->whole('wide', 1, Limits::MOTIF, 1),
            $fields->whole('tall', 1, Limits::MOTIF, 1),
            $fields->has('staggered') && $fields->truth('staggered'),
            $fields->number('fromFront', -180, 180, 0),
        );
    }

    /** @return non-empty-list<non-empty-string> */
    public static function motifRows(Fields $fields): array
    {
        $rows = array_values(array_filter($fields->texts('rows', Limits::MOTIF, Limits::MOTIF, '/^[A-Z.]+$/D', 'Write a yarn’s letter or a stop for each cell.'), static fn (string $row): bool => '' !== $row));
        if ([] === $rows || [] !== array_filter($rows, static fn (string $row): bool => \strlen($row) !== \strlen($rows[0]))) {
            $fields->wrong('rows', 'The rows of a motif are as long as one another, and there is one at least.', 'Fill the shorter ones with stops.');

            return ['.'];
        }

        return $rows;
    }

    private static function handSet(Fields $fields): HandSet
    {
        $rounds = [];
        foreach ($fields->textMap('rounds', '/^[A-Z.]{1,'.Limits::STITCHES_IN_ROUND.'}$/D', 'Write a yarn’s letter or a stop for each stitch.', '/^[1-9]\d{0,2}$/D', 'Name a round by its number.') as $round => $letters) {
            if ('' !== $letters) {
                $rounds[(int) $round] = $letters;
            }
        }
        ksort($rounds);

        return new HandSet($rounds);
    }

    public static function yarnKey(Fields $fields): string
    {
        return $fields->text('yarn', 1, PlanReader::YARN_KEY, PlanReader::YARN_KEY_SAYS);
    }
}

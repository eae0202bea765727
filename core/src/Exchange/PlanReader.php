<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Basis;
use Alternum\Core\Plan\Beginning;
use Alternum\Core\Plan\ChangeChoice;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Copy;
use Alternum\Core\Plan\Face;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Hand;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Marker;
use Alternum\Core\Plan\Measure;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\PickUp;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Plan\YarnUse;

/** Reads the plan's format, version 1. An unknown field is an error: what is not understood is not kept silently. */
final class PlanReader
{
    public const FORMAT = 'alternum-plan';
    public const VERSION = 1;

    public const YARN_KEY = '/^[A-Z]$/D';
    public const YARN_KEY_SAYS = 'A yarn is known by one capital letter, A to Z.';
    public const ONE_LINE = '/^[^\r\n]*$/D';

    /** @throws Refusal that names each path */
    public static function json(string $json): Plan
    {
        return self::values(Json::decode($json, 'a plan'));
    }

    /** @throws Refusal that names each path */
    public static function values(mixed $values, string $path = ''): Plan
    {
        $fields = Fields::of($values, $path);
        if (!$fields->has('format') || self::FORMAT !== $fields->raw('format')) {
            throw Refusal::because('' === $path ? 'format' : "{$path}.format", 'This is not an Alternum plan.', 'Choose a file that was saved as a plan; it says "format": "'.self::FORMAT.'".');
        }
        $version = $fields->whole('version', 1, 1_000_000);
        if ($version > self::VERSION) {
            throw Refusal::because('' === $path ? 'version' : "{$path}.version", "This plan is of version {$version}, newer than this program reads.", 'Open it with a newer program.');
        }
        $plan = new Plan(
            $fields->text('title', Limits::NAME, self::ONE_LINE, 'It is one line.'),
            $fields->oneOf('terms', Terms::class),
            $fields->oneOf('hand', Hand::class),
            $fields->oneOf('units', Units::class),
            self::yarns($fields),
            self::gauge($fields->object('gauge')),
            self::yarnUse($fields->object('yarnUse')),
            self::pieces($fields),
            $fields->has('lean') ? $fields->number('lean', -2, 2) : null,
            $fields->has('marker') ? $fields->oneOf('marker', Marker::class) : Marker::First,
        );
        $fields->done();

        return $plan;
    }

    public static function yarn(Fields $fields): Yarn
    {
        $yarn = new Yarn(
            $fields->text('key', 1, self::YARN_KEY, self::YARN_KEY_SAYS),
            $fields->text('name', Limits::NAME, self::ONE_LINE, 'It is one line.'),
            $fields->text('hex', 7, '/^#[0-9A-Fa-f]{6}$/D', 'Write a colour as #RRGGBB.'),
            $fields->oneOf('weight', WeightCategory::class),
            $fields->number('metresPer100g', 1, 5000),
            $fields->whole('strands', 1, 10, 1),
            $fields->has('onHandGrams') ? $fields->number('onHandGrams', 0, 100000) : null,
            $fields->has('yarnUse') ? self::measureAlone($fields->object('yarnUse')) : null,
            $fields->has('withHex') ? $fields->text('withHex', 7, '/^#[0-9A-Fa-f]{6}$/D', 'Write a colour as #RRGGBB.') : null,
        );
        $fields->close();

        return $yarn;
    }

    /** @return non-empty-list<Yarn> */
    private static function yarns(Fields $fields): array
    {
        $yarns = $fields->objects('yarns', 1, Limits::YARNS, self::yarn(...));
        self::unique($fields, 'yarns', array_map(static fn (Yarn $yarn): string => $yarn->key, $yarns), 'letter');

        return [] === $yarns ? [new Yarn('A', '', '#000000', WeightCategory::Dk, 1.0)] : $yarns;
    }

    private static function gauge(Fields $fields): Gauge
    {
        $gauge = new Gauge(
            $fields->number('stitchesPer10cm', 2, 100),
            $fields->number('roundsPer10cm', 2, 100),
            $fields->has('hookMm') ? $fields->number('hookMm', 0.4, 30) : null,
        );
        $fields->close();

        return $gauge;
    }

    private static function yarnUse(Fields $fields): YarnUse
    {
        $use = new YarnUse(
            self::measure($fields),
            $fields->number('sparePercent', 0, 100),
            $fields->number('tailCm', 0, 200),
            $fields->number('sewingTailCm', 0, 500),
        );
        $fields->close();

        return $use;
    }

    private static function measureAlone(Fields $fields): Measure
    {
        $measure = self::measure($fields);
        $fields->close();

        return $measure;
    }

    private static function measure(Fields $fields): Measure
    {
        $basis = $fields->oneOf('basis', Basis::class);
        if (Basis::Guess === $basis) {
            return Measure::guess();
        }
        $measured = $fields->object($basis->value);
        $stitches = $measured->whole('stitches', 1, Limits::STITCHES);
        $measure = Basis::Unravelled === $basis
            ? Measure::unravelled($stitches, $measured->number('cm', 0.1, 1_000_000))
            : Measure::weighed($stitches, $measured->number('grams', 0.01, 100_000));
        $measured->close();

        return $measure;
    }

    /** @return list<Piece> */
    private static function pieces(Fields $fields): array
    {
        $pieces = $fields->objects('pieces', 0, Limits::PIECES, self::piece(...));
        self::unique($fields, 'pieces', array_map(static fn (Piece $piece): string => $piece->key, $pieces), 'key');

        return $pieces;
    }

    private static function piece(Fields $fields): Piece
    {
        $front = $fields->object('front');
        $piece = new Piece(
            $fields->text('key', 40, '/^[a-z0-9][a-z0-9-]*$/D', 'Write small letters, digits and dashes.'),
            $fields->text('name', Limits::NAME, self::ONE_LINE, 'It is one line.'),
            self::copies($fields),
            $fields->oneOf('worked', Worked::class),
            $fields->texts('rounds', Limits::LINES, Limits::LINE, self::ONE_LINE, 'A line break is in it: write each line as a text of its own.'),
            $fields->has('lean') ? $fields->number('lean', -2, 2) : null,
            fmod($front->number('degrees', 0, 360), 360.0),
            $fields->objects('colours', 0, Limits::LAYERS, LayerReader::laid(...)),
            self::changes($fields->object('changes')),
            $fields->has('start') ? self::beginning($fields->object('start')) : null,
            $fields->has('chainCounts') && $fields->truth('chainCounts'),
            $fields->has('closing') ? $fields->oneOf('closing', Closing::class) : Closing::FirstStitch,
            $fields->has('placements') ? $fields->objects('placements', 0, Limits::PLACEMENTS, self::placement(...)) : [],
            $fields->has('face') ? self::face($fields->object('face')) : null,
        );
        $front->close();
        $fields->close();

        return $piece;
    }

    private static function face(Fields $fields): Face
    {
        $face = new Face($fields->whole('from', 1, Limits::ROUNDS), $fields->whole('to', 1, Limits::ROUNDS), $fields->number('degrees', 1, 360));
        $fields->close();

        return $face;
    }

    private static function placement(Fields $fields): Placement
    {
        $anchor = $fields->oneOf('anchor', Anchor::class);
        $placement = new Placement(
            $fields->oneOf('kind', PlacementKind::class),
            $fields->has('name') ? $fields->text('name', Limits::NAME, self::ONE_LINE, 'It is one line.') : '',
            $anchor,
            Anchor::Widest === $anchor ? 0 : $fields->whole('number', 1, Limits::ROUNDS),
            $fields->whole('offset', -Limits::ROUNDS, Limits::ROUNDS, 0),
            $fields->has('apart') ? $fields->number('apart', 0.5, Limits::STITCHES_IN_ROUND) : null,
            $fields->number('fromFront', -180, 180, 0),
        );
        $fields->close();

        return $placement;
    }

    private static function beginning(Fields $fields): Beginning
    {
        $join = $fields->oneOf('join', Join::class);
        $pieces = $fields->texts('pieces', 8, 40, '/^[a-z0-9][a-z0-9-]*$/D', 'Name a piece by its key.');
        $across = $join->hasAcross() ? $fields->whole('across', 0, Limits::STITCHES_IN_ROUND) : 0;
        $round = Join::Loops === $join ? $fields->whole('round', 1, Limits::ROUNDS) : null;
        $take = $join->canPick() && $fields->has('take') ? self::pickUp($fields->object('take')) : null;
        [$least, $most] = $join->pieces();
        if (\count($pieces) < $least || \count($pieces) > $most) {
            $fields->wrong('pieces', 'This many pieces cannot be joined like that.', 1 === $most ? 'Name one.' : 'Name two.');
        }
        $fields->close();

        return new Beginning($join, [] === $pieces ? ['?'] : $pieces, $across, $round, $take);
    }

    private static function pickUp(Fields $fields): PickUp
    {
        $pickUp = $fields->has('stitches')
            ? PickUp::evenly($fields->whole('stitches', 1, Limits::STITCHES_IN_ROUND))
            : PickUp::between($fields->whole('from', 1, Limits::STITCHES_IN_ROUND), $fields->whole('to', 1, Limits::STITCHES_IN_ROUND));
        $fields->close();

        return $pickUp;
    }

    private static function copies(Fields $fields): Copies
    {
        if (!$fields->has('copies') || !\is_array($fields->raw('copies'))) {
            return Copies::times($fields->whole('copies', 1, Limits::COPIES));
        }

        return Copies::named($fields->objects('copies', 1, Limits::COPIES, static function (Fields $copy): Copy {
            $read = new Copy($copy->text('name', Limits::NAME, self::ONE_LINE, 'It is one line.'), $copy->has('yarns') ? $copy->textMap('yarns', self::YARN_KEY, self::YARN_KEY_SAYS) : []);
            $copy->close();

            return $read;
        }));
    }

    private static function changes(Fields $fields): ChangeChoice
    {
        $method = null;
        if (!$fields->has('method') || 'auto' !== $fields->raw('method')) {
            $method = $fields->oneOf('method', Method::class, Method::choices());
        }
        $at = [];
        if ($fields->has('at')) {
            $fields->objects('at', 0, Limits::ROUNDS, static function (Fields $choice) use (&$at): bool {
                $at[$choice->whole('round', 1, Limits::ROUNDS)] = $choice->oneOf('method', Method::class, Method::choices());
                $choice->close();

                return true;
            });
        }
        $fields->close();

        return new ChangeChoice($method, $at);
    }

    /** @param list<string> $keys */
    private static function unique(Fields $fields, string $name, array $keys, string $what): void
    {
        $seen = [];
        foreach ($keys as $i => $key) {
            if (isset($seen[$key])) {
                $fields->wrong("{$name}[{$i}].key", "Two {$name} have the {$what} “{$key}”.", "Give one of them another {$what}.");
            }
            $seen[$key] = true;
        }
    }
}

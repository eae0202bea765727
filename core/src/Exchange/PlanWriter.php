<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Band;
use Alternum\Core\Plan\Basis;
use Alternum\Core\Plan\Beginning;
use Alternum\Core\Plan\Blend;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Copy;
use Alternum\Core\Plan\Fill;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Layer;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Marker;
use Alternum\Core\Plan\Measure;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Motif;
use Alternum\Core\Plan\Panel;
use Alternum\Core\Plan\Part;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Reach;
use Alternum\Core\Plan\Spots;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripe;
use Alternum\Core\Plan\Stripes;
use Alternum\Core\Plan\Typed;
use Alternum\Core\Plan\Yarn;

/** Writes the plan's format; the reader reads back an equal plan. */
final class PlanWriter
{
    /** A file for people to keep: laid out to be read, as far as the reader's limit allows. */
    public static function json(Plan $plan): string
    {
        $json = Json::encode(self::values($plan), true)."\n";

        return \strlen($json) <= Limits::BYTES ? $json : self::compact($plan);
    }

    /**
     * A plan that the reader takes again.
     *
     * @throws Refusal where it has grown over the limit
     */
    public static function compact(Plan $plan): string
    {
        $json = Json::encode(self::values($plan));

        return \strlen($json) <= Limits::BYTES ? $json : throw Refusal::because('', 'The plan is larger than '.number_format(Limits::BYTES / 1024).' kB, more than can be kept.', 'Split it in two.');
    }

    /** @return array<string, mixed> */
    public static function values(Plan $plan): array
    {
        return self::set([
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'title' => $plan->title,
            'terms' => $plan->terms->value,
            'hand' => $plan->hand->value,
            'units' => $plan->units->value,
            'lean' => self::plain($plan->lean),
            'marker' => Marker::First === $plan->marker ? null : $plan->marker->value,
            'yarns' => array_map(self::yarn(...), $plan->yarns),
            'gauge' => self::set([
                'stitchesPer10cm' => self::plain($plan->gauge->stitchesPer10cm),
                'roundsPer10cm' => self::plain($plan->gauge->roundsPer10cm),
                'hookMm' => self::plain($plan->gauge->hookMm),
            ]),
            'yarnUse' => self::measure($plan->yarnUse->measure) + [
                'sparePercent' => self::plain($plan->yarnUse->sparePercent),
                'tailCm' => self::plain($plan->yarnUse->tailCm),
                'sewingTailCm' => self::plain($plan->yarnUse->sewingTailCm),
            ],
            'pieces' => array_map(self::piece(...), $plan->pieces),
        ]);
    }

    /** @return array<string, mixed> */
    public static function yarn(Yarn $yarn): array
    {
        return self::set([
            'key' => $yarn->key,
            'name' => $yarn->name,
            'hex' => $yarn->hex,
            'weight' => $yarn->weight->value,
            'metresPer100g' => self::plain($yarn->metresPer100g),
            'strands' => $yarn->strands,
            'withHex' => $yarn->withHex,
            'onHandGrams' => self::plain($yarn->onHandGrams),
            'yarnUse' => null === $yarn->measure ? null : self::measure($yarn->measure),
        ]);
    }

    /** @return array<string, mixed> */
    private static function measure(Measure $measure): array
    {
        return match ($measure->basis) {
            Basis::Guess => ['basis' => 'guess'],
            Basis::Unravelled => ['basis' => 'unravelled', 'unravelled' => ['stitches' => $measure->stitches, 'cm' => self::plain($measure->amount)]],
            Basis::Weighed => ['basis' => 'weighed', 'weighed' => ['stitches' => $measure->stitches, 'grams' => self::plain($measure->amount)]],
        };
    }

    /** @return array<string, mixed> */
    private static function piece(Piece $piece): array
    {
        $at = $piece->changes->at;
        ksort($at);

        return self::set([
            'key' => $piece->key,
            'name' => $piece->name,
            'copies' => self::copies($piece->copies),
            'worked' => $piece->worked->value,
            'chainCounts' => $piece->chainCounts ? true : null,
            'closing' => Closing::FirstStitch === $piece->closing ? null : $piece->closing->value,
            'lean' => self::plain($piece->lean),
            'start' => null === $piece->start ? null : self::beginning($piece->start),
            'rounds' => $piece->rounds,
            'front' => ['degrees' => self::plain($piece->frontDegrees)],
            'colours' => array_map(self::laid(...), $piece->colours),
            'changes' => self::set([
                'method' => $piece->changes->method->value ?? 'auto',
                'at' => [] === $at ? null : array_map(static fn (int $round, Method $method): array => ['round' => $round, 'method' => $method->value], array_keys($at), array_values($at)),
            ]),
            'face' => null === $piece->face ? null : ['from' => $piece->face->from, 'to' => $piece->face->to, 'degrees' => self::plain($piece->face->degrees)],
            'placements' => array_map(self::placement(...), $piece->placements),
        ]);
    }

    /** @return array<string, mixed> */
    private static function placement(Placement $placement): array
    {
        return self::set([
            'kind' => $placement->kind->value,
            'name' => '' === $placement->name ? null : $placement->name,
            'anchor' => $placement->anchor->value,
            'number' => Anchor::Widest === $placement->anchor ? null : $placement->number,
            'offset' => $placement->offset,
            'apart' => self::plain($placement->apart),
            'fromFront' => self::plain($placement->fromFront),
        ]);
    }

    /** @return array<string, mixed> */
    private static function beginning(Beginning $beginning): array
    {
        $take = $beginning->take;

        return self::set([
            'join' => $beginning->join->value,
            'pieces' => $beginning->pieces,
            'across' => $beginning->join->hasAcross() ? $beginning->across : null,
            'round' => $beginning->round,
            'take' => match (true) {
                null === $take => null,
                $take->stitches > 0 => ['stitches' => $take->stitches],
                default => ['from' => $take->from, 'to' => $take->to],
            },
        ]);
    }

    /** @return int|list<array<string, mixed>> */
    private static function copies(Copies $copies): int|array
    {
        return null === $copies->named ? $copies->count : array_map(static fn (Copy $copy): array => [
            'name' => $copy->name,
        ] + ([] === $copy->yarns ? [] : ['yarns' => $copy->yarns]), $copies->named);
    }

    /** @return array<string, mixed> */
    private static function laid(Laid $laid): array
    {
        return self::layer($laid->layer) + ('' === $laid->name ? [] : ['name' => $laid->name]) + ($laid->isHidden ? ['hidden' => true] : []);
    }

    /** @return array<string, mixed> */
    private static function layer(Layer $layer): array
    {
        return match (true) {
            $layer instanceof Fill => ['kind' => 'fill', 'yarn' => $layer->yarn],
            $layer instanceof Stripes => ['kind' => 'stripes', 'from' => $layer->from, 'to' => $layer->to, 'sequence' => array_map(
                static fn (Stripe $stripe): array => ['yarn' => $stripe->yarn, 'rounds' => $stripe->rounds],
                $layer->sequence,
            )],
            $layer instanceof Band => ['kind' => 'band', 'where' => self::reach($layer->reach), 'yarn' => $layer->yarn],
            $layer instanceof StitchRun => ['kind' => 'run', 'round' => $layer->round, 'from' => $layer->from, 'to' => $layer->to, 'yarn' => $layer->yarn],
            $layer instanceof Spots => ['kind' => 'spots', 'yarn' => $layer->yarn, 'from' => $layer->from, 'to' => $layer->to, 'step' => $layer->step]
                + ($layer->count > 0 ? ['count' => $layer->count] : ['every' => $layer->every])
                + ['wide' => $layer->wide, 'tall' => $layer->tall, 'staggered' => $layer->isStaggered, 'fromFront' => self::plain($layer->fromFront)],
            $layer instanceof Motif => ['kind' => 'motif', 'rows' => $layer->rows, 'round' => $layer->round, 'fromFront' => self::plain($layer->fromFront), 'straight' => $layer->isStraight],
            $layer instanceof Panel => ['kind' => 'panel', 'yarn' => $layer->yarn, 'from' => $layer->from, 'to' => $layer->to, 'degrees' => self::plain($layer->degrees), 'fromFront' => self::plain($layer->fromFront)],
            $layer instanceof Blend => ['kind' => 'blend', 'yarn' => $layer->yarn, 'from' => $layer->from, 'to' => $layer->to],
            $layer instanceof Typed => ['kind' => 'typed'],
            $layer instanceof HandSet => ['kind' => 'hand', 'rounds' => (object) $layer->rounds],
            default => throw new \LogicException('This layer has no form in the plan’s format: '.$layer::class),
        };
    }

    /** @return array<string, mixed> */
    private static function reach(Reach $reach): array
    {
        return ['part' => $reach->part->value] + match ($reach->part) {
            Part::Rounds => ['from' => $reach->from, 'to' => $reach->from + $reach->rounds - 1],
            Part::First, Part::Last => ['rounds' => $reach->rounds],
            Part::Widest => ['offset' => $reach->from, 'rounds' => $reach->rounds],
            default => [],
        };
    }

    /** A whole number without its fraction. */
    private static function plain(?float $number): int|float|null
    {
        return null !== $number && floor($number) === $number ? (int) $number : $number;
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed> those that are set
     */
    private static function set(array $fields): array
    {
        return array_filter($fields, static fn (mixed $value): bool => null !== $value);
    }
}

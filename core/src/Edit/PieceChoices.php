<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\Way;
use Alternum\Core\Change\Ways;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;

/** What could be otherwise on a piece, and is decided by how it looks: methods, fronts, yarns, places. */
final class PieceChoices
{
    /** Of more yarns no pairs are told: they are too many to look at. */
    private const YARNS_SWAPPED = 6;

    /** @return list<Choice> those about the same thing one after another; the present one is none of them */
    public static function of(Plan $plan, PieceAnalysis $piece): array
    {
        $choices = [];
        foreach ([self::methods($piece), self::fronts($piece), self::yarns($plan, $piece), self::places($plan, $piece)] as $some) {
            array_push($choices, ...$some);
        }

        return $choices;
    }

    /** @return iterable<Choice> methods that fit one of the piece's jogs at the least; seen from the side of the first of these */
    private static function methods(PieceAnalysis $piece): iterable
    {
        $sites = $used = [];
        $turned = null;
        foreach ($piece->changes->jogs() as $jog) {
            $used[$jog->treatment->method->value] = true;
            $sites[] = ChangeSite::in($piece->piece, $piece->stages->fabric, $jog->place->treated, $jog->place->degrees, !$jog->place->isOfPlaces);
            $turned ??= $piece->part->solid?->turnedTo($jog->place->degrees);
        }
        foreach (Method::choices() as $method) {
            $fits = static fn (Way $way): bool => [] !== array_filter($sites, static fn (ChangeSite $site): bool => $way->fits($site));
            if ([$method->value] !== array_keys($used) && $fits(Ways::of($method))) {
                yield new Choice(
                    about: Message::of('choice.methods'),
                    label: Message::said(Ways::of($method)->label(), ''),
                    edit: self::set([['pieces', $piece->piece->key, 'changes', 'method'], $method->value]),
                    turned: $turned ?? 0.0,
                );
            }
        }
    }

    /** @return iterable<Choice> */
    private static function fronts(PieceAnalysis $piece): iterable
    {
        if ($piece->stages->frame->isFlat()) {
            return;
        }
        $front = $piece->piece->frontDegrees;
        $turned = static fn (Message $label, float $by): Choice => new Choice(Message::of('choice.fronts'), $label, [
            'do' => 'front', 'piece' => $piece->piece->key, 'degrees' => fmod($front + $by + 360.0, 360.0),
        ]);
        $best = $piece->bestFront();
        if ($best->isBetter) {
            yield $turned(Message::of('choice.best'), $best->degrees - $front);
        }
        yield $turned(Message::of('choice.back'), 180.0);
        yield $turned(Message::of('choice.on', way: 'on'), 90.0);
        yield $turned(Message::of('choice.on', way: 'back'), -90.0);
    }

    /** @return iterable<Choice> two yarns of the piece in one another's place, all over the plan */
    private static function yarns(Plan $plan, PieceAnalysis $piece): iterable
    {
        $used = count_chars(implode('', $piece->stages->colouring->rounds), 3);
        $yarns = array_values(array_filter($plan->yarns, static fn (Yarn $yarn): bool => [] === $yarn->held && str_contains($used, $yarn->key)));
        foreach (\count($yarns) > self::YARNS_SWAPPED ? [] : $yarns as $i => $one) {
            foreach (\array_slice($yarns, $i + 1) as $other) {
                yield new Choice(Message::of('choice.yarns'), Message::of('choice.swapped', one: self::called($one), other: self::called($other)), self::set(
                    [['yarns', $one->key], ['key' => $one->key] + $other->values()],
                    [['yarns', $other->key], ['key' => $other->key] + $one->values()],
                ));
            }
        }
    }

    private static function called(Yarn $yarn): string
    {
        return '' === $yarn->name ? $yarn->key : $yarn->name;
    }

    /** @return iterable<Choice> what is set on the piece, and parts that are put on it or that it is */
    private static function places(Plan $plan, PieceAnalysis $piece): iterable
    {
        foreach ([...$piece->piece->placements, ...$piece->piece->threads] as $thing) {
            yield from self::moved($thing->named(), $thing->place, ['piece' => $piece->piece->key, 'key' => $thing->key]);
        }
        $joints = array_filter($plan->assembly, static fn (Joint $joint): bool => \in_array($piece->piece->key, [$joint->part, $joint->onto], true));
        foreach ($joints as $joint) {
            yield from self::moved($plan->piece($joint->part)->name ?? $joint->part, $joint->place, ['key' => $joint->key]);
        }
    }

    /**
     * @param array<string, string> $thing what is moved, as the edit names it
     *
     * @return iterable<Choice>
     */
    private static function moved(string $name, Place $place, array $thing): iterable
    {
        $choice = static fn (Message $label, string $by, int $steps): Choice => new Choice(
            Message::of('choice.places'),
            $label,
            ['do' => 'nudge', ...$thing, $by => $steps],
        );
        yield $choice(Message::of('choice.earlier', thing: $name), 'rounds', -1);
        yield $choice(Message::of('choice.later', thing: $name), 'rounds', 1);
        if (null !== $place->apart) {
            yield $choice(Message::of('choice.wider', thing: $name), 'stitches', 1);
            yield $choice(Message::of('choice.closer', thing: $name), 'stitches', -1);
        }
    }

    /**
     * @param array{list<string>, mixed} ...$values
     *
     * @return array<string, mixed>
     */
    private static function set(array ...$values): array
    {
        return ['do' => 'set', 'values' => array_map(static fn (array $one): array => ['at' => $one[0], 'value' => $one[1]], $values)];
    }
}

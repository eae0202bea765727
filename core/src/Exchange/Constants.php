<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Shapes;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\StitchLook;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Thread\ThreadKinds;
use Alternum\Core\Plan\TrayThing;
use Alternum\Core\Words\TipWords;

/** What an analysis holds that is the same for every plan in these terms and units: told once, and left out of the answers to edits. */
final class Constants
{
    /** Names the constants of such plans: "us-metric". */
    public static function name(Plan $plan): string
    {
        return "{$plan->terms->value}-{$plan->units->value}";
    }

    /** @return array<string, mixed> contract/analysis.schema.json, constants */
    public static function values(Plan $plan): array
    {
        return [
            'terms' => $plan->terms->value,
            'units' => $plan->units->value,
            'shapes' => Shapes::all(),
            'stitches' => self::stitches($plan->terms),
            'looks' => self::looks(),
            'usualLeans' => ['over' => Plan::USUAL_LEAN, 'under' => Plan::USUAL_LEAN_UNDER],
            'holds' => array_map(static fn (Hold $hold): array => ['hold' => $hold::kind(), 'label' => $hold->label()], Holds::all()),
            'tray' => array_map(
                static fn (TrayThing $thing): array => [
                    'what' => $thing->what, 'label' => $thing->label, 'group' => $thing->group->value,
                ] + ($thing->isThread ? ['isThread' => true] : []),
                [
                    ...array_map(static fn (PlacementKind $kind): TrayThing => $kind->inTray(), PlacementKind::cases()),
                    ...array_merge(...array_map(static fn (string $class): array => $class::tray(), ThreadKinds::ALL)),
                ],
            ),
            'methods' => array_map(
                static function (Method $method): array {
                    $edge = Ways::of($method)->edge();

                    return ['method' => $method->value, 'label' => Ways::of($method)->label(), 'edge' => ['before' => $edge->before, 'after' => $edge->after]];
                },
                Method::choices(),
            ),
            'habits' => TipWords::habits(),
            'usual' => Usual::values($plan->units),
        ];
    }

    /** @return array<string, string> by what tops look like, where they are no plain V, the codes of a round's that do */
    private static function looks(): array
    {
        $looks = [];
        foreach (Stitch::cases() as $stitch) {
            if ($stitch->tops() === $stitch->code() && StitchLook::Plain !== $stitch->look()) {
                $looks[$stitch->look()->value] = ($looks[$stitch->look()->value] ?? '').$stitch->code();
            }
        }

        return $looks;
    }

    /** @return array<string, string> by the codes of a round's tops, their names in the terms' words */
    private static function stitches(Terms $terms): array
    {
        $vocabulary = Vocabulary::of($terms);
        $names = [];
        foreach (Stitch::cases() as $stitch) {
            if ($stitch->tops() === $stitch->code()) {
                $names[$stitch->code()] = $vocabulary->abbreviation($stitch);
            }
        }

        return $names;
    }
}

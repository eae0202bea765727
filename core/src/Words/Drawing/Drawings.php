<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Drawing;

use Alternum\Core\Change\Ways;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Stroke;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Thread\ThreadKinds;

/** All drawings of how something is done. */
final class Drawings
{
    /** @return array<string, Series> "method drawn-loop", "yarn carry", "tail weave", "technique magic-ring", "thread smile", "hold whip" */
    public static function all(): array
    {
        $all = [];
        foreach (Method::cases() as $method) {
            $all["method {$method->value}"] = Ways::of($method)->drawing();
        }
        foreach (EndDrawings::yarns() as $name => $series) {
            $all["yarn {$name}"] = $series;
        }
        foreach (Tail::cases() as $tail) {
            $all["tail {$tail->value}"] = EndDrawings::of($tail);
        }
        foreach (TechniqueDrawings::all() as $name => $series) {
            $all["technique {$name}"] = $series;
        }

        foreach (ThreadKinds::ALL as $kind) {
            $all["thread {$kind::kind()}"] = $kind::drawing();
        }
        foreach (Holds::all() as $hold) {
            $all += array_filter(["hold {$hold::kind()}" => $hold->drawing()], static fn (?Series $series): bool => null !== $series);
        }

        return $all;
    }

    /** @return list<string> names of those that belong to a change: its method, what becomes of the old yarn, and of each end that there is */
    public static function ofChange(Change $change): array
    {
        return array_values(array_unique([
            "method {$change->treatment->method->value}",
            "yarn {$change->yarns->old->value}",
            ...OldYarn::Cut === $change->yarns->old ? ["tail {$change->yarns->oldTail->value}"] : [],
            ...null === $change->yarns->takenFrom ? ["tail {$change->yarns->newTail->value}"] : [],
        ]));
    }

    /** @return list<array<string, mixed>> contract/openapi.yaml, drawings */
    public static function values(): array
    {
        $values = [];
        foreach (self::all() as $name => $series) {
            $values[] = ['name' => $name, 'title' => $series->title, 'frames' => array_map(static fn (Drawing $frame): array => [
                'says' => $frame->says,
                'strokes' => array_map(static fn (Stroke $stroke): array => ['ink' => $stroke->ink->value, 'path' => $stroke->path], $frame->sketch->strokes()),
            ], $series->frames)];
        }

        return $values;
    }
}

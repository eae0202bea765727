<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Drawing;

use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Tail;

/** All drawings of how something is done. */
final class Drawings
{
    /** @return array<string, Series> "method drawn-loop", "yarn carry", "tail weave", "technique magic-ring" */
    public static function all(): array
    {
        $all = [];
        foreach (Method::cases() as $method) {
            $all["method {$method->value}"] = MethodDrawings::of($method);
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

        return $all;
    }

    /** @return list<array<string, mixed>> contract/openapi.yaml, Drawings */
    public static function values(): array
    {
        $values = [];
        foreach (self::all() as $name => $series) {
            $values[] = ['name' => $name, 'title' => $series->title, 'frames' => array_map(static fn (Frame $frame): array => [
                'says' => $frame->says,
                'strokes' => array_map(static fn (Stroke $stroke): array => ['ink' => $stroke->ink->value, 'path' => $stroke->path], $frame->sketch->strokes()),
            ], $series->frames)];
        }

        return $values;
    }
}

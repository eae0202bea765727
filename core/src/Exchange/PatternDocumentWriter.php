<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\PatternLine;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Words\Pattern\ChartRound;
use Alternum\Core\Words\Pattern\PatternDocument;
use Alternum\Core\Words\Pattern\PatternSection;

/** A written pattern as values for JSON, to be printed: contract/openapi.yaml, PatternDocument. */
final class PatternDocumentWriter
{
    /** @return array<string, mixed> */
    public static function values(Plan $plan, PatternDocument $pattern): array
    {
        return [
            'title' => $pattern->title,
            'hand' => $plan->hand->value,
            'yarns' => array_map(static fn (Yarn $yarn): array => ['key' => $yarn->key, 'hex' => $yarn->hex], $plan->yarns),
            'sections' => array_map(self::section(...), $pattern->sections),
        ];
    }

    /** @return array<string, mixed> */
    private static function section(PatternSection $section): array
    {
        return [
            'heading' => $section->heading,
            'lines' => array_map(static fn (PatternLine $line): array => ['name' => $line->name, 'text' => $line->text], $section->lines),
            'chart' => array_map(static fn (ChartRound $round): array => [
                'round' => $round->number,
                'front' => $round->front,
                'runs' => array_map(static fn (array $run): array => ['yarn' => $run[0], 'stitches' => $run[1]], $round->runs),
            ], $section->chart),
        ];
    }
}

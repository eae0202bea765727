<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Exchange\Export\PatternExport;
use Alternum\Core\Exchange\Export\PictureExport;
use Alternum\Core\Exchange\Export\PlanExport;
use Alternum\Core\Plan\Terms;

/** The formats that a plan goes out in. A new one is a class of its own and a line here: command line, address and menu take it from here. */
final class Exports
{
    /** @var list<class-string<Export>> in the order of the menu */
    public const ALL = [PatternExport::class, PlanExport::class, PictureExport::class];

    /** @return class-string<Export>|null null: there is none of that word */
    public static function named(string $word): ?string
    {
        foreach (self::ALL as $export) {
            if ($export::word() === $word) {
                return $export;
            }
        }

        return null;
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (string $export): string => $export::word(), self::ALL);
    }

    /** @return list<array{format: string, label: string, terms: string|null}> contract/openapi.yaml, Exports: one for each line of the menu */
    public static function menu(): array
    {
        $lines = [];
        foreach (self::ALL as $export) {
            foreach ($export::isInTerms() ? Terms::cases() : [null] as $terms) {
                $lines[] = ['format' => $export::word(), 'label' => $export::label($terms ?? Terms::Us), 'terms' => $terms?->value];
            }
        }

        return $lines;
    }
}

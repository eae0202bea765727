<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\ShelfSummary;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;

/** All that is worked out from the specimens. */
final class SpecimenPlans
{
    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return [
            'plans' => static fn (): iterable => self::analyses(),
            'patterns' => static fn (): iterable => self::patterns(),
        ];
    }

    public static function json(mixed $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    /** @return iterable<string> */
    private static function analyses(): iterable
    {
        foreach (Specimens::all() as $name => $plan) {
            yield "=== {$name}";
            yield from self::analysis($plan);
        }
    }

    /** @return iterable<string> */
    public static function analysis(Plan $plan): iterable
    {
        $analysis = Analysis::of($plan);
        yield PlanWriter::compact($plan);
        $values = AnalysisWriter::values($analysis);
        $pieces = \is_array($values['pieces']) ? $values['pieces'] : [];
        unset($values['pieces'], $values['stitches']);
        foreach ($values as $field => $value) {
            yield "{$field}: ".self::json($value);
        }
        foreach ($pieces as $i => $piece) {
            foreach (\is_array($piece) ? $piece : [] as $field => $value) {
                yield \in_array($field, ['rounds', 'changes'], true) && \is_array($value)
                    ? implode("\n", array_map(static fn (mixed $one): string => "{$i} {$field} ".self::json($one), $value))
                    : "{$i} {$field}: ".self::json($value);
            }
        }
        yield 'shelf: '.self::json(ShelfSummary::values($analysis));
    }

    /** @return iterable<string> */
    private static function patterns(): iterable
    {
        foreach (Specimens::all() as $name => $plan) {
            yield "=== {$name}";
            yield from self::pattern($plan);
        }
    }

    /** @return iterable<string> */
    public static function pattern(Plan $plan): iterable
    {
        $analysis = Analysis::of($plan);
        yield WrittenPattern::text($analysis, Terms::Us);
        yield from self::changes($plan, $analysis);
        foreach ($analysis->pieces as $piece) {
            foreach ($piece->piece->copies->groups() as $group) {
                yield self::json(['copies' => $group->count, 'names' => $group->names, 'steps' => StepsWriter::steps($plan, $piece, $group, Terms::Uk)]);
            }
        }
    }

    /** @return iterable<string> */
    private static function changes(Plan $plan, Analysis $analysis): iterable
    {
        foreach ($analysis->pieces as $piece) {
            $words = Plans::changeWords($plan, $piece, $plan->terms);
            foreach ($piece->changes->all as $change) {
                yield "{$piece->piece->key}: {$words->summary($change)}. {$words->toDo($change)} {$words->why($change)}";
            }
        }
    }
}

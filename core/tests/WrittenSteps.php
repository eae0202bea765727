<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/**
 * The steps of a plan's first piece as they are written for its first copy.
 *
 * @phpstan-import-type WrittenStep from StepsWriter
 */
final class WrittenSteps
{
    /** @return list<WrittenStep> */
    public static function all(Plan $plan, Terms $terms = Terms::Us): array
    {
        return StepsWriter::values($plan, Analysis::of($plan)->pieces[0], $terms)['steps'];
    }

    /** @return list<WrittenStep> those that are rounds */
    public static function rounds(Plan $plan, Terms $terms = Terms::Us): array
    {
        return self::only(self::all($plan, $terms), 'round');
    }

    /** @return array<int, list<string>> the words of the steps of one kind, by the round that they belong to */
    public static function told(Plan $plan, string $kind): array
    {
        $told = [];
        foreach (self::only(self::all($plan), $kind) as $step) {
            $told[$step['to']][] = $step['text'];
        }

        return $told;
    }

    /**
     * @param list<WrittenStep> $steps
     *
     * @return list<WrittenStep>
     */
    public static function only(array $steps, string $kind): array
    {
        return array_values(array_filter($steps, static fn (array $step): bool => $kind === $step['kind']));
    }
}

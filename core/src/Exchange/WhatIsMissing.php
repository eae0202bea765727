<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Making\Step;
use Alternum\Core\Plan\Severity;
use Alternum\Core\Words\AmountWords;
use Alternum\Core\Words\MissingWords;

/** What is still missing when one begins to make a plan. It stands in nobody's way. */
final class WhatIsMissing
{
    /** @return list<string> a sentence each */
    public static function of(Analysis $analysis): array
    {
        $errors = \count(array_filter($analysis->problems, static fn ($problem): bool => Severity::Error === $problem->severity));
        $missing = 0 === $errors ? [] : [MissingWords::problems($errors)];
        foreach ($analysis->amounts->amounts as $amount) {
            if (false === $amount->isEnough()) {
                $missing[] = "{$amount->yarn->key} ({$amount->yarn->name}): ".AmountWords::verdict($amount);
            }
        }
        // What others are put on, or begin on, is where it is.
        $bases = array_column(array_column($analysis->assembled->joints, 'joint'), 'onto');
        foreach ($analysis->plan->pieces as $piece) {
            array_push($bases, ...$piece->start->pieces ?? []);
        }
        foreach ($analysis->pieces as $piece) {
            $name = '' === $piece->piece->name ? $piece->piece->key : $piece->piece->name;
            $troubles = array_map(static fn (Step $step): string => $step->trouble() ?? '', $piece->steps());
            foreach (array_diff(array_unique($troubles), ['']) as $trouble) {
                $missing[] = "{$name}: {$trouble}";
            }
            if (isset($analysis->assembled->loose[$piece->piece->key]) && !\in_array($piece->piece->key, $bases, true)) {
                $missing[] = MissingWords::loose($name);
            }
        }

        return $missing;
    }
}

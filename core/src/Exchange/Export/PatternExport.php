<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange\Export;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\Export;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** A written pattern as plain text. */
final class PatternExport implements Export
{
    public static function word(): string
    {
        return 'text';
    }

    public static function label(Terms $terms): string
    {
        return 'Download the pattern, '.strtoupper($terms->value).' terms';
    }

    public static function isInTerms(): bool
    {
        return true;
    }

    public static function ending(): string
    {
        return 'txt';
    }

    public static function mediaType(): string
    {
        return 'text/plain; charset=utf-8';
    }

    public static function write(Plan $plan, Terms $terms, bool $isOnce): string
    {
        return WrittenPattern::text(Analysis::of($plan), $terms, $isOnce);
    }
}

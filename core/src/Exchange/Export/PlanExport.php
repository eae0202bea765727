<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange\Export;

use Alternum\Core\Exchange\Export;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** The plan's own format, to be opened again. */
final class PlanExport implements Export
{
    public static function word(): string
    {
        return 'json';
    }

    public static function label(Terms $terms): string
    {
        return 'Download the plan as a file';
    }

    public static function isInTerms(): bool
    {
        return false;
    }

    public static function ending(): string
    {
        return 'json';
    }

    public static function mediaType(): string
    {
        return 'application/json';
    }

    public static function write(Plan $plan, Terms $terms, bool $isOnce): string
    {
        return PlanWriter::json($plan);
    }
}

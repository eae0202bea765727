<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange\Export;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\Export;
use Alternum\Core\Exchange\StillWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** The whole toy from its front as a drawing. */
final class PictureExport implements Export
{
    public static function word(): string
    {
        return 'picture';
    }

    public static function label(Terms $terms): string
    {
        return 'Download a picture of the toy';
    }

    public static function isInTerms(): bool
    {
        return false;
    }

    public static function ending(): string
    {
        return 'svg';
    }

    public static function mediaType(): string
    {
        return 'image/svg+xml';
    }

    public static function write(Plan $plan, Terms $terms, bool $isOnce): string
    {
        return StillWriter::svg(Analysis::of($plan), null);
    }
}

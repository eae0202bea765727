<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** One format that a plan goes out in: all that is known of it stands in its own file, and Exports lists it. */
interface Export
{
    /** What it is asked for by: on the command line, and in an address. */
    public static function word(): string;

    /** What the menu calls it. */
    public static function label(Terms $terms): string;

    /** Whether it is written in words that differ between countries, and is offered once for each. */
    public static function isInTerms(): bool;

    /** Of the file, without the dot. */
    public static function ending(): string;

    public static function mediaType(): string;

    /** @param bool $isOnce copies in yarns of their own are written once, with what they have instead */
    public static function write(Plan $plan, Terms $terms, bool $isOnce): string;
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** What is still missing when one begins to make a plan. */
final class MissingWords
{
    public static function problems(int $count): string
    {
        return 1 === $count ? 'One problem is still to be fixed.' : "{$count} problems are still to be fixed.";
    }

    public static function loose(string $name): string
    {
        return "{$name}: nothing says yet where it goes.";
    }
}

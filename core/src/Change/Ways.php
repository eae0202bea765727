<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;

/** The methods that there are. A new one is a case of Method, and a class of the same name in Way. */
final class Ways
{
    /** @var array<string, Way> by method: they hold nothing, and one of each is enough */
    private static array $made = [];

    public static function of(Method $method): Way
    {
        return self::$made[$method->value] ??= self::make(__NAMESPACE__.'\\Way\\'.$method->name);
    }

    private static function make(string $class): Way
    {
        return is_subclass_of($class, Way::class) ? new $class() : throw new \LogicException("{$class} is no method of change.");
    }

    /** The method that the maker’s word for it means. */
    public static function typed(?YarnWay $way): ?Method
    {
        foreach (null === $way ? [] : Method::cases() as $method) {
            if ($way === self::of($method)->typedAs()) {
                return $method;
            }
        }

        return null;
    }

    /**
     * The program's choice, where the maker leaves it to it.
     *
     * @param bool $shows     the jog would be seen from the front
     * @param bool $holds     a second round of the new yarn holds a loop down
     * @param bool $isStacked the yarn changes a round above or below it, too
     */
    public static function automatic(bool $shows, bool $holds, bool $isStacked): Method
    {
        return match (true) {
            !$shows => Method::Plain,
            $holds => Method::DrawnLoop,
            $isStacked => Method::Plain,
            default => Method::SlipStitch,
        };
    }

    /** The method, or what is taken where it cannot be worked. */
    public static function fitting(Method $method, ChangeSite $site): Way
    {
        $way = self::of($method);
        // Each falls back on one that does less; a plain change and a closed round fit where nothing else does.
        for ($tries = 0; $tries < 3 && !$way->fits($site); ++$tries) {
            $way = self::of($way->instead($site));
        }

        return $way;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What was read before, where whoever runs the core gave it a memory. */
final class Remembered
{
    private static ?Memory $memory = null;

    /** @param Memory|null $memory null: everything is read anew */
    public static function by(?Memory $memory): void
    {
        self::$memory = $memory;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     * @param string          $key   the same for the same words, read in the same way
     * @param \Closure(): T   $read
     *
     * @return T
     */
    public static function of(string $class, string $key, \Closure $read): object
    {
        $memory = self::$memory;
        if (null === $memory) {
            return $read();
        }
        $key = "{$class} {$key}";
        $known = $memory->recall($key);
        if (!$known instanceof $class) {
            $known = $read();
            $memory->keep($key, $known);
        }

        return $known;
    }
}

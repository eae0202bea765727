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
        $known = self::known($class, $key);
        if (null === $known) {
            $known = $read();
            self::keep($known, $key);
        }

        return $known;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T|null null: it is not remembered
     */
    public static function known(string $class, string $key): ?object
    {
        $known = self::$memory?->recall("{$class} {$key}");

        return $known instanceof $class ? $known : null;
    }

    public static function keep(object $value, string $key): void
    {
        self::$memory?->keep($value::class." {$key}", $value);
    }
}

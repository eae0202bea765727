<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Format;

use Alternum\Core\Plan\Message;

/**
 * Takes the fields out of one JSON object, one by one, and notes what is wrong with each at its path.
 *
 * A field that is wrong gives a stand-in of the right kind, so that one pass finds all errors; done() throws them.
 */
final class Fields
{
    /** @var array<array-key, true> */
    private array $taken = [];

    /**
     * @param array<array-key, mixed> $values
     * @param FieldErrors             $errors shared with the objects inside
     */
    private function __construct(private readonly array $values, private readonly string $path, private readonly FieldErrors $errors)
    {
    }

    public static function of(mixed $value, string $path = ''): self
    {
        return self::within($value, $path, new FieldErrors());
    }

    private static function within(mixed $value, string $path, FieldErrors $errors): self
    {
        $fields = new self(\is_array($value) ? $value : [], $path, $errors);
        if (!\is_array($value) || ([] !== $value && array_is_list($value))) {
            $fields->wrong('', Message::of('field.noObject'));
        }

        return $fields;
    }

    public function has(string $name): bool
    {
        return \array_key_exists($name, $this->values);
    }

    public function text(string $name, int $most, string $pattern = '', ?Message $says = null): string
    {
        $value = $this->take($name);
        if (!\is_string($value)) {
            $this->wrongUnlessMissing($name, Message::of('field.noText'));

            return '';
        }
        if (mb_strlen($value) > $most) {
            $this->wrong($name, Message::of('field.tooLong', most: $most));
        }
        if ('' !== $pattern && 1 !== preg_match($pattern, $value)) {
            $this->wrong($name, Message::of('field.unfitValue', value: mb_substr($value, 0, 40))->mendedBy($says));
        }

        return $value;
    }

    /** A text of one line. */
    public function line(string $name, int $most): string
    {
        return $this->text($name, $most, '/^[^\r\n]*$/D', Message::of('field.oneLine'));
    }

    public function number(string $name, float $least, float $most, ?float $else = null): float
    {
        if (null !== $else && !$this->has($name)) {
            return $else;
        }
        $value = $this->take($name);
        if ((!\is_int($value) && !\is_float($value)) || !is_finite((float) $value)) {
            $this->wrongUnlessMissing($name, Message::of('field.noNumber'));

            return $least;
        }
        if ($value < $least || $value > $most) {
            $this->wrong($name, Message::of($value < $least ? 'field.tooSmall' : 'field.tooLarge', value: $value, least: $least, most: $most));

            return $least;
        }

        return (float) $value;
    }

    public function whole(string $name, int $least, int $most, ?int $else = null): int
    {
        if (null !== $else && !$this->has($name)) {
            return $else;
        }
        $number = $this->number($name, $least, $most);
        if (floor($number) !== $number) {
            $this->wrong($name, Message::of('field.notWhole', value: $number));
        }

        return (int) $number;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param list<T>|null    $of   null: all of its cases
     *
     * @return T
     */
    public function oneOf(string $name, string $enum, ?array $of = null): \BackedEnum
    {
        $of ??= $enum::cases();
        $value = $this->take($name);
        foreach ($of as $case) {
            if ($case->value === $value) {
                return $case;
            }
        }
        $choices = implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $of));
        $this->wrongUnlessMissing($name, Message::of('field.noChoice', choices: $choices));

        return $of[0];
    }

    /** @return list<float> so many numbers */
    public function numbers(string $name, int $count, float $least, float $most): array
    {
        $values = $this->raw($name);
        $values = \is_array($values) ? array_values($values) : [];
        $numbers = array_filter($values, static fn (mixed $value): bool => (\is_int($value) || \is_float($value)) && $value >= $least && $value <= $most);
        if (\count($numbers) !== $count || \count($values) !== $count) {
            $this->wrong($name, Message::of('field.notNumbers', count: $count, least: $least, most: $most));
        }

        return array_values(array_map(floatval(...), $numbers));
    }

    public function truth(string $name): bool
    {
        $value = $this->raw($name);
        if (!\is_bool($value)) {
            $this->wrong($name, Message::of('field.noTruth'));
        }

        return true === $value;
    }

    public function object(string $name): self
    {
        $value = $this->take($name);

        return self::within(null === $value && !$this->has($name) ? [] : $value, $this->at($name), $this->errors);
    }

    /**
     * @template T
     *
     * @param \Closure(self): T $each
     *
     * @return list<T>
     */
    public function objects(string $name, int $least, int $most, \Closure $each): array
    {
        return array_map($each, $this->each($name, $least, $most, fn (mixed $value, string $path): self => self::within($value, $path, $this->errors)));
    }

    /** @return list<string> that each match the pattern */
    public function texts(string $name, int $mostTexts, int $mostCharacters, string $pattern = '', ?Message $says = null): array
    {
        return $this->each($name, 0, $mostTexts, function (mixed $value, string $path) use ($mostCharacters, $pattern, $says): string {
            if (!\is_string($value)) {
                $this->errors->note($path, Message::of('field.noText'));

                return '';
            }
            if (mb_strlen($value) > $mostCharacters) {
                $this->errors->note($path, Message::of('field.tooLong', most: $mostCharacters));
            } elseif ('' !== $pattern && 1 !== preg_match($pattern, $value)) {
                $this->errors->note($path, Message::of('field.unfit')->mendedBy($says));
            }

            return $value;
        });
    }

    /** @return array<string, string> */
    public function textMap(string $name, string $pattern, Message $says, ?string $keyPattern = null, ?Message $keySays = null): array
    {
        $map = [];
        $value = $this->take($name);
        if (!\is_array($value)) {
            $this->wrongUnlessMissing($name, Message::of('field.noObject'));

            return [];
        }
        foreach ($value as $key => $text) {
            $isKey = 1 === preg_match($keyPattern ?? $pattern, (string) $key);
            if (!$isKey || !\is_string($text) || 1 !== preg_match($pattern, $text)) {
                $this->wrong("{$name}.{$key}", Message::of('field.unfit')->mendedBy($isKey ? $says : $keySays ?? $says));
                continue;
            }
            $map[(string) $key] = $text;
        }

        return $map;
    }

    /** The value as it is, for a field that may have several shapes. */
    public function raw(string $name): mixed
    {
        return $this->take($name);
    }

    /** Notes an error of meaning at a field; '' is the object itself. */
    public function wrong(string $name, Message $message): void
    {
        $this->errors->note($this->at($name), $message);
    }

    /**
     * Notes the objects of a list that have the same key as one before them.
     *
     * @param list<string> $keys
     */
    public function unique(string $name, array $keys): void
    {
        foreach ($keys as $i => $key) {
            if (array_search($key, $keys, true) !== $i) {
                $this->wrong("{$name}[{$i}].key", Message::of('field.twice', of: $name, key: $key));
            }
        }
    }

    /** Ends the reading of this object: a field that nobody took is an error. */
    public function close(): void
    {
        foreach (array_diff_key($this->values, $this->taken) as $name => $value) {
            $this->wrong((string) $name, Message::of('field.unknown'));
        }
    }

    /** @throws InvalidFields where anything was wrong */
    public function done(): void
    {
        $this->close();
        $this->errors->throwAny();
    }

    /**
     * @template T
     *
     * @param \Closure(mixed, string): T $read
     *
     * @return list<T>
     */
    private function each(string $name, int $least, int $most, \Closure $read): array
    {
        $value = $this->take($name);
        if (!\is_array($value) || !array_is_list($value)) {
            $this->wrongUnlessMissing($name, Message::of('field.noList'));

            return [];
        }
        $count = \count($value);
        if ($count < $least || $count > $most) {
            $this->wrong($name, Message::of($count < $least ? 'field.tooFew' : 'field.tooMany', count: $count, least: $least, most: $most));
            $value = \array_slice($value, 0, $most);
        }

        return array_map(fn (mixed $one, int $i): mixed => $read($one, $this->at($name)."[{$i}]"), $value, array_keys($value));
    }

    private function take(string $name): mixed
    {
        $this->taken[$name] = true;
        if (!$this->has($name)) {
            $this->wrong($name, Message::of('field.missing'));
        }

        return $this->values[$name] ?? null;
    }

    private function wrongUnlessMissing(string $name, Message $message): void
    {
        if ($this->has($name)) {
            $this->wrong($name, $message);
        }
    }

    public function at(string $name): string
    {
        return match (true) {
            '' === $name => $this->path,
            '' === $this->path => $name,
            default => "{$this->path}.{$name}",
        };
    }
}

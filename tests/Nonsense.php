<?php

declare(strict_types=1);

namespace Alternum\Server\Tests;

use Random\Randomizer;

/**
 * Values by chance, made from a JSON Schema: such as it allows, and now and then such as it does not. What a pattern wants is not made up: a few texts that
 * are usual there stand for it.
 */
final class Nonsense
{
    /** Texts that have broken programs: none is shorter than what it breaks. */
    private const NASTY = ['', ' ', '0', '-1', 'null', '../../etc/passwd', "'; DROP TABLE saved_plan; --", '<script>alert(1)</script>',
        "\u{202E}\u{0000}\u{FEFF}", '{{7*7}}', '%00%0a', "a\r\nSet-Cookie: b=c", '💥💥', '1e400', 'A12 B3',
        '6 sc in MR', '((((((((((', '999999999999999999999 sc'];
    private const USUAL = ['body', 'A', 'B', '#556677', '6 sc in MR', 'inc x6', 'sc around', 'A6', '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'us', 'dk', 'Otter'];
    private const DEEP = 7;

    /** @param array<string, array<array-key, mixed>> $documents by the name that references call them by; '' is the first */
    public function __construct(private readonly Randomizer $by, private readonly array $documents, private readonly float $wrong)
    {
    }

    /** @param array<array-key, mixed> $schema */
    public function value(array $schema, string $document = '', int $deep = 0): mixed
    {
        if ($this->chance($this->wrong)) {
            return $this->anything($deep);
        }
        $reference = $schema['$ref'] ?? null;
        if (\is_string($reference)) {
            [$file, $path] = explode('#', $reference, 2) + [1 => ''];
            $document = '' === $file ? $document : $file;

            return $this->value($this->at($document, $path), $document, $deep);
        }
        foreach (['oneOf', 'anyOf'] as $choice) {
            if (\is_array($schema[$choice] ?? null) && [] !== $schema[$choice]) {
                return $this->value(self::map($this->of(array_values($schema[$choice]))) + array_diff_key($schema, [$choice => true]), $document, $deep);
            }
        }
        if (\array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        if (\is_array($schema['enum'] ?? null)) {
            return $this->of(array_values($schema['enum']));
        }
        $type = $schema['type'] ?? (isset($schema['properties']) ? 'object' : 'string');
        $type = \is_array($type) ? $this->of(array_values($type)) : $type;

        return match ($type) {
            'object' => (object) $this->object($schema, $document, $deep),
            'array' => $this->list($schema, $document, $deep),
            'integer' => $this->integer($schema),
            'number' => round(self::whole($schema['minimum'] ?? 0, 0) + $this->share() * 30, 2),
            'boolean' => $this->chance(0.5),
            'null' => null,
            default => $this->of(self::USUAL),
        };
    }

    public function chance(float $share): bool
    {
        return $this->share() < $share;
    }

    private function share(): float
    {
        return $this->by->getInt(0, 1_000_000) / 1_000_001;
    }

    /** @param array<array-key, mixed> $schema */
    private function integer(array $schema): int
    {
        $least = self::whole($schema['minimum'] ?? null, -3);

        return $this->by->getInt($least, max($least, self::whole($schema['maximum'] ?? null, 40)));
    }

    /** @return string for a place in a path, or for a question's field */
    public function text(): string
    {
        return $this->of(self::NASTY);
    }

    private function anything(int $deep): mixed
    {
        return match ($this->by->getInt(0, 9)) {
            0 => null,
            1 => $this->chance(0.5),
            2 => $this->of([0, -1, \PHP_INT_MAX, \PHP_INT_MIN, 1 << 31]),
            3 => $this->of([0.1, -1e308, 1e-9, 12345.678]),
            4 => [],
            5 => $deep < self::DEEP ? [$this->anything($deep + 1), $this->anything($deep + 1)] : [],
            6 => $deep < self::DEEP ? (object) [$this->text() => $this->anything($deep + 1)] : (object) [],
            7 => str_repeat('x', $this->by->getInt(0, 3000)),
            default => $this->text(),
        };
    }

    /**
     * @param array<array-key, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private function object(array $schema, string $document, int $deep): array
    {
        $required = \is_array($schema['required'] ?? null) ? $schema['required'] : [];
        $made = [];
        foreach (self::map($schema['properties'] ?? []) as $name => $property) {
            $isWanted = \in_array($name, $required, true) ? !$this->chance($this->wrong) : $deep < self::DEEP && $this->chance(0.3);
            if ($isWanted) {
                $made[(string) $name] = $this->value(self::map($property), $document, $deep + 1);
            }
        }
        if ($this->chance($this->wrong)) {
            $made[$this->text()] = $this->anything($deep + 1);
        }

        return $made;
    }

    /**
     * @param array<array-key, mixed> $schema
     *
     * @return list<mixed>
     */
    private function list(array $schema, string $document, int $deep): array
    {
        $least = self::whole($schema['minItems'] ?? 0, 0);
        $most = min(self::whole($schema['maxItems'] ?? 3, 3), $least + ($deep < self::DEEP ? 2 : 0));
        $made = [];
        for ($i = $this->by->getInt($least, max($least, $most)); $i > 0; --$i) {
            $made[] = $this->value(self::map($schema['items'] ?? []), $document, $deep + 1);
        }

        return $made;
    }

    /** @return array<array-key, mixed> */
    private function at(string $document, string $path): array
    {
        $at = $this->documents[$document] ?? [];
        foreach (array_filter(explode('/', $path), static fn (string $part): bool => '' !== $part) as $part) {
            $at = self::map($at[$part] ?? []);
        }

        return $at;
    }

    /**
     * @template T
     *
     * @param list<T> $list
     *
     * @return T
     */
    private function of(array $list): mixed
    {
        return $list[$this->by->getInt(0, \count($list) - 1)];
    }

    /** @return array<array-key, mixed> */
    private static function map(mixed $value): array
    {
        return \is_array($value) ? $value : [];
    }

    private static function whole(mixed $value, int $otherwise): int
    {
        return \is_int($value) || \is_float($value) ? (int) max(-1e9, min(1e9, $value)) : $otherwise;
    }
}

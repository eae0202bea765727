<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Plan\Format\InvalidFields;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Every bound that the contract sets to a number or a text of an edit: just within it the edit is read, just beyond it is refused, at its place. */
final class EditLimitsTest extends TestCase
{
    /** What stands for a text of which the contract says no more than that it is one. */
    private const TEXTS = ['yarn' => 'A', 'key' => 'other', 'piece' => 'body', 'hex' => '#556677'];

    public function testContractAndReaderEndAtTheSameBounds(): void
    {
        $tried = 0;
        $left = [];
        foreach (self::map(self::contract(), 'components', 'schemas', 'Edit', 'oneOf') as $i => $schema) {
            self::assertIsArray($schema);
            $bases = self::bases($schema);
            if ([] === $bases) {
                // What it is made of is chosen by more than bounds: its own tests have it.
                $left[] = $i;
            }
            foreach ($bases as $base) {
                $tried += self::tried($schema, $base);
            }
        }
        self::assertGreaterThan(400, $tried);
        self::assertLessThanOrEqual(3, \count($left));
    }

    /**
     * @param array<mixed> $schema
     *
     * @return int how many values were tried in an edit that is read
     */
    private static function tried(array $schema, mixed $base): int
    {
        $tried = 0;
        foreach (self::bounds($schema, $base, []) as [$place, $within, $beyond]) {
            foreach ([...$within, ...$beyond] as $value) {
                $isTaken = \in_array($value, $within, true);
                $said = json_encode($base)."\n".implode('.', $place).' = '.(\is_string($value) ? mb_strlen($value).' letters' : json_encode($value));
                self::assertSame($isTaken, self::isRead(self::with($base, $place, $value)), $said);
                ++$tried;
            }
        }

        return $tried;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return list<mixed> edits that are read: with all that may be said, or with all but one or two that cannot be said beside the rest, or the least
     */
    private static function bases(array $schema): array
    {
        $whole = self::value($schema, '', true);
        $least = self::value($schema, '', false);
        if (self::isRead($whole) || !\is_array($whole) || !\is_array($least)) {
            return self::isRead($whole) ? [$whole] : [];
        }
        $bases = [];
        $may = array_keys(array_diff_key($whole, $least));
        foreach ($may as $i => $one) {
            foreach (\array_slice($may, $i) as $other) {
                $bases[] = array_diff_key($whole, [$one => true, $other => true]);
            }
        }

        return array_values(array_filter([...$bases, $least], self::isRead(...)));
    }

    private static function isRead(mixed $edit): bool
    {
        try {
            EditKinds::read($edit, '');

            return true;
        } catch (InvalidFields) {
            return false;
        }
    }

    /** @param array<mixed> $schema */
    private static function value(array $schema, string $name, bool $isWhole): mixed
    {
        $schema = self::resolved($schema);
        if (\array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        $choice = self::map($schema, 'oneOf');
        if ([] !== $choice) {
            return self::value(self::map($choice, 0), $name, $isWhole);
        }
        $enum = self::map($schema, 'enum');
        if ([] !== $enum) {
            return $enum[0];
        }
        $type = $schema['type'] ?? 'object';
        $type = \is_array($type) ? $type[0] : $type;
        $least = $schema['minimum'] ?? min(1, $schema['maximum'] ?? 1);

        return match ($type) {
            'object' => self::object($schema, $isWhole),
            'array' => array_fill(0, max(1, self::whole($schema['minItems'] ?? 1)), self::value(self::map($schema, 'items'), $name, $isWhole)),
            'integer', 'number' => 'to' === $name ? $schema['maximum'] ?? 3 : $least,
            'boolean' => true,
            default => self::TEXTS[$name] ?? 'body',
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function object(array $schema, bool $isWhole): array
    {
        $made = [];
        foreach (self::map($schema, 'properties') as $name => $property) {
            if ($isWhole || \in_array($name, self::map($schema, 'required'), true)) {
                $made[(string) $name] = self::value(\is_array($property) ? $property : [], (string) $name, $isWhole);
            }
        }

        return $made;
    }

    /**
     * @param array<mixed>     $schema
     * @param list<string|int> $place
     *
     * @return iterable<array{list<string|int>, list<mixed>, list<mixed>}> places, values that are just within bounds there and such as are just beyond
     */
    private static function bounds(array $schema, mixed $value, array $place): iterable
    {
        $schema = self::resolved($schema);
        if (\is_array($value)) {
            $choice = self::map($schema, 'oneOf', '0');
            $schema = [] === $choice ? $schema : self::resolved($choice);
            foreach ($value as $name => $inner) {
                $of = \is_int($name) ? self::map($schema, 'items') : self::map($schema, 'properties', $name);
                // Of a list its first is tried.
                if (0 === $name || \is_string($name)) {
                    yield from self::bounds($of, $inner, [...$place, $name]);
                }
            }

            return;
        }
        $within = $beyond = [];
        $step = \is_float($value) || 'number' === ($schema['type'] ?? '') ? 0.001 : 1;
        foreach (['minimum' => -$step, 'maximum' => $step] as $word => $out) {
            if (\is_int($schema[$word] ?? null) || \is_float($schema[$word] ?? null)) {
                $within[] = $schema[$word];
                $beyond[] = $schema[$word] + $out;
            }
        }
        if (\is_string($value) && isset($schema['maxLength']) && !isset($schema['pattern'])) {
            $most = self::whole($schema['maxLength']);
            $within[] = str_repeat('é', $most);
            $beyond[] = str_repeat('é', $most + 1);
        }
        if ([] !== $within) {
            yield [$place, $within, $beyond];
        }
    }

    /** @param list<string|int> $place */
    private static function with(mixed $value, array $place, mixed $other): mixed
    {
        if ([] === $place) {
            return $other;
        }
        $value = \is_array($value) ? $value : [];
        $name = array_shift($place);
        $value[$name] = self::with($value[$name] ?? null, $place, $other);

        return $value;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private static function resolved(array $schema): array
    {
        $reference = $schema['$ref'] ?? null;
        if (!\is_string($reference)) {
            return $schema;
        }
        [$file, $path] = explode('#/', $reference, 2) + [1 => ''];
        $document = '' === $file ? self::contract() : Yaml::parseFile(\dirname(__DIR__, 3)."/contract/{$file}");

        return self::map(\is_array($document) ? $document : [], ...array_filter(explode('/', $path), static fn (string $part): bool => '' !== $part));
    }

    /** @return array<mixed> */
    private static function contract(): array
    {
        static $contract = null;
        $contract ??= Yaml::parseFile(\dirname(__DIR__, 3).'/contract/openapi.yaml');

        return \is_array($contract) ? $contract : [];
    }

    /**
     * @param array<mixed> $values
     *
     * @return array<mixed>
     */
    private static function map(array $values, string|int ...$keys): array
    {
        foreach ($keys as $key) {
            $values = \is_array($values[$key] ?? null) ? $values[$key] : [];
        }

        return $values;
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}

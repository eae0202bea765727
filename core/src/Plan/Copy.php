<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** One time that a piece is made, with yarns that stand in for the piece's own. */
final readonly class Copy
{
    /** @param array<string, string> $yarns the piece's yarn key to the key used instead */
    public function __construct(public string $name, public array $yarns)
    {
    }

    public static function read(Fields $fields): self
    {
        $copy = new self($fields->line('name', Limits::NAME), $fields->has('yarns') ? $fields->textMap('yarns', Yarn::KEY, Yarn::keySays()) : []);
        $fields->close();

        return $copy;
    }

    /** @return array<string, string> the yarns that are others than the piece's, by its key, in the order of the keys */
    public function others(): array
    {
        $yarns = array_filter($this->yarns, static fn (string $instead, string $key): bool => $instead !== $key, \ARRAY_FILTER_USE_BOTH);
        ksort($yarns);

        return $yarns;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['name' => $this->name] + ([] === $this->yarns ? [] : ['yarns' => $this->yarns]);
    }
}

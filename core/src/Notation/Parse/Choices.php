<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/**
 * The choices that one reading of a line makes where its words leave something open. A line is read once for each way of
 * choosing: a reading follows a script as far as that goes, then takes the first option, and next() says how to read it otherwise.
 */
final class Choices
{
    /** @var array<string, Assumption> by what is open and where */
    private array $made = [];
    /** @var list<array{int, int}> options, and the one taken */
    private array $taken = [];

    /** @param list<int> $script the options to take, in the order in which they come up */
    public function __construct(private readonly array $script = [])
    {
    }

    /** @param non-empty-list<Assumption> $options the likeliest first */
    public function between(int $place, array $options): Assumption
    {
        $key = $place.$options[0]->name;
        if (!isset($this->made[$key])) {
            $option = min($this->script[\count($this->taken)] ?? 0, \count($options) - 1);
            $this->taken[] = [\count($options), $option];
            $this->made[$key] = $options[$option];
        }

        return $this->made[$key];
    }

    /** @return list<Assumption> */
    public function made(): array
    {
        return array_values($this->made);
    }

    /** @return list<int>|null the script of the next reading; null where all were read */
    public function next(): ?array
    {
        for ($last = \count($this->taken) - 1; $last >= 0; --$last) {
            [$options, $option] = $this->taken[$last];
            if ($option + 1 < $options) {
                return [...array_column(\array_slice($this->taken, 0, $last), 1), $option + 1];
            }
        }

        return null;
    }
}

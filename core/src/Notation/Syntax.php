<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;

/**
 * The nodes of a piece's typed lines. Only rewriting and writing out need them: where a reading is remembered, they are not made again before
 * somebody asks for them.
 */
final class Syntax
{
    /** @var array{list<Line|null>, list<Head|null>, list<Line>}|null null: asleep */
    private ?array $nodes;
    private string $asleep = '';

    /**
     * @param list<Line|null> $lines  one for each typed line; null: no round, or not readable
     * @param list<Head|null> $heads  of each typed line, readable or not; null: it has none
     * @param list<Line>      $worked what each round was worked from
     */
    public function __construct(array $lines, array $heads, array $worked)
    {
        $this->nodes = [$lines, $heads, $worked];
    }

    /** @return list<Line|null> one for each typed line; null: no round, or not readable */
    public function lines(): array
    {
        return $this->awake()[0];
    }

    /** @return list<Head|null> of each typed line, readable or not; null: it has none */
    public function heads(): array
    {
        return $this->awake()[1];
    }

    /** @return list<Line> what each round was worked from */
    public function worked(): array
    {
        return $this->awake()[2];
    }

    /** @return array{string} */
    public function __serialize(): array
    {
        return [null === $this->nodes ? $this->asleep : serialize($this->nodes)];
    }

    /** @param array{string} $data */
    public function __unserialize(array $data): void
    {
        $this->nodes = null;
        $this->asleep = $data[0];
    }

    /** @return array{list<Line|null>, list<Head|null>, list<Line>} */
    private function awake(): array
    {
        if (null === $this->nodes) {
            /** @var array{list<Line|null>, list<Head|null>, list<Line>} $nodes as __serialize() wrote them */
            $nodes = unserialize($this->asleep);
            $this->nodes = $nodes;
            $this->asleep = '';
        }

        return $this->nodes;
    }
}

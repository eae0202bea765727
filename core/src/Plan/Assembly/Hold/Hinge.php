<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly\Hold;

use Alternum\Core\Plan\Assembly\AnyHold;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Format\Fields;

/** Sewn over a few stitches only, so that it opens. */
final readonly class Hinge implements Hold
{
    use AnyHold;

    private const USUAL = 4;
    /** Sewn over twice: from memory. */
    private const TAKES_MM = 30.0;

    /** @param int $over stitches of the edge that it holds */
    public function __construct(private int $over = self::USUAL)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->whole('over', 2, 40, self::USUAL));
    }

    public function values(): array
    {
        return self::USUAL === $this->over ? [] : ['over' => $this->over];
    }

    public static function kind(): string
    {
        return 'hinge';
    }

    public function label(): string
    {
        return 'a hinge';
    }

    public function takes(): float
    {
        return 0.0;
    }

    public function takesOnce(): float
    {
        return $this->over * self::TAKES_MM;
    }

    public function toDo(string $part, string $edge, string $where): string
    {
        return "Sew {$part} {$where}, as a hinge";
    }

    public function how(): string
    {
        return "Sew over {$this->over} stitches of the edge only, twice, so that the part opens like a lid";
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** A yarn of the plan that is held together with another, and how many strands of it. */
final readonly class HeldYarn
{
    public const MOST_STRANDS = 5;

    /** @param string $yarn its key */
    public function __construct(public string $yarn, public int $strands)
    {
    }

    public static function read(Fields $fields): self
    {
        $held = new self(Yarn::readKey($fields), $fields->whole('strands', 1, self::MOST_STRANDS, 1));
        $fields->close();

        return $held;
    }

    /** @return array{yarn: string, strands: int} in the plan's format */
    public function values(): array
    {
        return ['yarn' => $this->yarn, 'strands' => $this->strands];
    }
}

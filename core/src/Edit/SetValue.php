<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;

/** One field of the plan's format, and what it is set to. */
final readonly class SetValue
{
    private const DEPTH = 12;

    /** @param list<string> $at field names from the plan inwards, and keys of what is in lists */
    public function __construct(public array $at, public mixed $value, public bool $isRemoved)
    {
    }

    public static function read(Fields $fields): self
    {
        $at = $fields->texts('at', self::DEPTH, Limits::NAME);
        $set = $fields->has('value') ? new self($at, $fields->raw('value'), false) : new self($at, null, true);
        $fields->close();

        return $set;
    }
}

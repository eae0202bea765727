<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** How a plan's colour changes are to be treated where a piece says nothing else. */
final readonly class ChangeDefaults
{
    /** @param Method|null $method null: automatic */
    public function __construct(public ?Method $method = null, public EndsChoice $ends = new EndsChoice())
    {
    }

    public static function read(Fields $fields): self
    {
        $isAuto = !$fields->has('method') || 'auto' === $fields->raw('method');
        $defaults = new self($isAuto ? null : $fields->oneOf('method', Method::class, Method::choices()), EndsChoice::read($fields));
        $fields->close();

        return $defaults;
    }

    /** @return array<string, mixed> in the plan's format; empty where nothing is said */
    public function values(): array
    {
        return (null === $this->method ? [] : ['method' => $this->method->value]) + $this->ends->values();
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** How a piece's colour changes are to be treated: by one method, or each as fits best, with exceptions. */
final readonly class ChangeChoice
{
    /**
     * @param Method|null        $method null: automatic
     * @param array<int, Method> $at     for the change at the end of a round, by that round's number
     */
    public function __construct(public ?Method $method = null, public array $at = [])
    {
    }

    /** The maker's own choice at the end of a round, or null where it is left to the program. */
    public function afterRound(int $round): ?Method
    {
        return $this->at[$round] ?? $this->method;
    }
}

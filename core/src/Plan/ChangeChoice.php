<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

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

    public static function read(Fields $fields): self
    {
        $method = $fields->has('method') && 'auto' === $fields->raw('method') ? null : $fields->oneOf('method', Method::class, Method::choices());
        $at = [];
        if ($fields->has('at')) {
            $fields->objects('at', 0, Limits::ROUNDS, static function (Fields $choice) use (&$at): void {
                $at[$choice->whole('round', 1, Limits::ROUNDS)] = $choice->oneOf('method', Method::class, Method::choices());
                $choice->close();
            });
        }
        $fields->close();
        ksort($at);

        return new self($method, $at);
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        $at = [];
        foreach ($this->at as $round => $method) {
            $at[] = ['round' => $round, 'method' => $method->value];
        }

        return ['method' => $this->method->value ?? 'auto'] + ([] === $at ? [] : ['at' => $at]);
    }

    /** The same once rounds have moved: a choice goes with the round at whose end it was made. */
    public function carried(RoundMoves $moves): self
    {
        $at = [];
        foreach ($this->at as $round => $method) {
            $now = $moves->end($round);
            if (null !== $now) {
                $at[$now] = $method;
            }
        }
        ksort($at);

        return new self($this->method, $at);
    }
}

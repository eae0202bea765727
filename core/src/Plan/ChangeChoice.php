<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;

/** How a piece's colour changes are to be treated: by one method, or each as fits best, with exceptions. */
final readonly class ChangeChoice implements PieceSetting
{
    /**
     * @param Method|null          $method null: automatic
     * @param array<int, ChangeAt> $at     at the end of a round, by that round's number
     * @param float|null           $line   degrees from the front at which the yarns change instead of at the marker; null: at the marker
     */
    public function __construct(public ?Method $method = null, public array $at = [], public ?float $line = null, public EndsChoice $ends = new EndsChoice())
    {
    }

    /** The maker's own choice at the end of a round, or null where it is left to the program. */
    public function afterRound(int $round): ?Method
    {
        return ($this->at[$round] ?? null)->method ?? $this->method;
    }

    /** What becomes of the yarn and the ends at the end of a round. */
    public function endsAfter(int $round): EndsChoice
    {
        return isset($this->at[$round]) ? $this->at[$round]->ends->or($this->ends) : $this->ends;
    }

    /** This, and what it leaves open as the plan has it. */
    public function or(ChangeDefaults $defaults): self
    {
        return new self($this->method ?? $defaults->method, $this->at, $this->line, $this->ends->or($defaults->ends));
    }

    /**
     * This, and where it says nothing of a round's end, what the maker’s words name there.
     *
     * @param array<int, Method> $methods by round
     */
    public function orAt(array $methods): self
    {
        $at = $this->at;
        foreach ($methods as $round => $method) {
            $at[$round] = ($at[$round] ?? new ChangeAt())->orMethod($method);
        }

        return [] === $methods ? $this : new self($this->method, $at, $this->line, $this->ends);
    }

    /** Where the yarns change at the end of a round, in degrees from the front; null: at the marker. */
    public function lineAfter(int $round): ?float
    {
        $onLine = ($this->at[$round] ?? null)?->onLine;

        return $onLine ?? null !== $this->line ? $this->line ?? ChangeAt::BACK : null;
    }

    /** Stitches that are worked on at the end of a round before the marker is moved up to there. */
    public function onwardAfter(int $round): int
    {
        return $this->at[$round]->onward ?? 0;
    }

    public static function field(): string
    {
        return 'changes';
    }

    public static function in(Fields $piece): self
    {
        $fields = $piece->object(self::field());
        $method = $fields->has('method') && 'auto' === $fields->raw('method') ? null : $fields->oneOf('method', Method::class, Method::choices());
        $ends = EndsChoice::read($fields);
        $line = null;
        if ($fields->has('line')) {
            $place = $fields->object('line');
            $line = $place->number('fromFront', -180, 180);
            $place->close();
        }
        $at = [];
        if ($fields->has('at')) {
            $fields->objects('at', 0, Limits::ROUNDS, static function (Fields $choice) use (&$at): void {
                $at[$choice->whole('round', 1, Limits::ROUNDS)] = ChangeAt::read($choice);
                $choice->close();
            });
        }
        $fields->close();
        ksort($at);

        return new self($method, $at, $line, $ends);
    }

    /** The same, with the line or at the marker throughout. */
    public function withLine(?float $line): self
    {
        return new self($this->method, array_map(static fn (ChangeAt $at): ChangeAt => $at->withoutLine(), $this->at), $line, $this->ends);
    }

    /**
     * The same with other choices for single rounds.
     *
     * @param array<int, ChangeAt> $at
     */
    public function withAt(array $at): self
    {
        ksort($at);

        return new self($this->method, $at, $this->line, $this->ends);
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        $at = [];
        foreach ($this->at as $round => $choice) {
            $at[] = ['round' => $round] + $choice->values();
        }

        return ['method' => $this->method->value ?? 'auto']
            + (null === $this->line ? [] : ['line' => ['fromFront' => Number::plain($this->line)]])
            + $this->ends->values()
            + ([] === $at ? [] : ['at' => $at]);
    }

    /** The same once rounds have moved: a choice goes with the round at whose end it was made. */
    public function carried(RoundMoves $moves): self
    {
        $at = [];
        foreach ($this->at as $round => $choice) {
            $now = $moves->end($round);
            if (null !== $now) {
                $at[$now] = 0 === $choice->onward ? $choice : $choice->withOnward(max(1, (int) round($moves->apart($round, $now, $choice->onward))));
            }
        }
        ksort($at);

        return new self($this->method, $at, $this->line, $this->ends);
    }
}

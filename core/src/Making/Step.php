<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/**
 * One thing to do on a piece: rounds that are worked alike, or what comes with them. All that is known of a kind of step stands in its own
 * file, and StepKinds lists it.
 */
abstract readonly class Step
{
    public function __construct(public StepAddress $at)
    {
    }

    abstract public function kind(): StepKind;

    /**
     * What is to be done, in the maker’s words; '' where there is nothing to say.
     *
     * @param bool $isBrief for a written pattern, whose notes have said how such things are done
     */
    abstract public function toDo(StepSaid $said, bool $isBrief): string;

    /** What is wrong with it, where it cannot be done. */
    public function trouble(): ?string
    {
        return null;
    }

    /** @return list<Trouble> what often goes wrong with it */
    public function mayGoWrong(): array
    {
        return [];
    }

    /** @return int|null the last round that may be worked before it cannot be done any more; null: it can until the piece is closed */
    public function lastRound(): ?int
    {
        return null;
    }

    /** @return list<string> names of the drawings of how it is done: "technique magic-ring" */
    public function drawings(): array
    {
        return [];
    }

    /** @return list<string> what is needed for it beside hook and yarn */
    public function needs(): array
    {
        return [];
    }

    /** Whether it is told before the rounds that it goes with, as it is done within them. */
    public function leads(): bool
    {
        return false;
    }

    /** Whether it waits for an answer while the piece is made, as it cannot be undone; all else passes with the stitches that follow it. */
    public function waits(): bool
    {
        return $this->kind()->isForGood();
    }

    /** Where a written pattern says it. */
    public function place(): PatternPlace
    {
        return PatternPlace::Ending;
    }

    /** @return list<PatternLine> lines of its own, where a written pattern gives it some */
    public function lines(StepSaid $said): array
    {
        $text = $this->toDo($said, true);

        return match (true) {
            '' === $text => [],
            PatternPlace::AsTyped === $this->place() => [PatternLine::of($text, $this->key())],
            default => [PatternLine::note($text, $this->key())],
        };
    }

    /** What tells it from others of its kind at the same place. */
    protected function about(): string
    {
        return '';
    }

    /** Names it within its piece: the same whatever is changed elsewhere. */
    final public function key(): string
    {
        $class = substr((string) strrchr(static::class, '\\'), 1);
        $kind = strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $class));

        $parts = [$kind, (string) $this->at->from, (string) $this->at->first, $this->about()];

        return implode('.', array_filter($parts, static fn (string $part): bool => '' !== $part));
    }
}

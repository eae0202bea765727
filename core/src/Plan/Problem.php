<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Something that a maker must know of, at its place. Never a reason to lose what the maker typed. */
final readonly class Problem
{
    /**
     * @param string|null        $piece       the piece's key
     * @param string|null        $path        the place in the plan's JSON, as "pieces[0].colours[1].yarn"
     * @param int|null           $line        the typed line, from 1
     * @param int|null           $column      the character in that line, from 1
     * @param int|null           $length      how many characters it is about
     * @param int|null           $round       the round, from 1
     * @param list<Fix>          $fixes       mends that can be made at once
     * @param bool               $isNumbering numbering the lines anew mends it
     * @param list<AskedReading> $readings    where it asks: each reading in words, and what it makes; the fixes take them in this order
     * @param string|null        $newYarn     a yarn to add, by its name or letter, that mends it
     * @param Setting|null       $setting     a setting that mends it
     */
    private function __construct(
        public Message $message,
        public Severity $severity = Severity::Error,
        public ?string $piece = null,
        public ?string $path = null,
        public ?int $line = null,
        public ?int $column = null,
        public ?int $length = null,
        public ?int $round = null,
        public array $fixes = [],
        public bool $isNumbering = false,
        public array $readings = [],
        public ?Setting $setting = null,
        public ?string $newYarn = null,
    ) {
    }

    public static function inLine(int $line, int $column, int $length, ?int $round, Message $message): self
    {
        return new self($message, line: $line, column: $column, length: $length, round: $round);
    }

    public static function atPath(string $path, Message $message, ?string $piece = null, ?int $round = null): self
    {
        return new self($message, piece: $piece, path: $path, round: $round);
    }

    public function fixedBy(Fix ...$fixes): self
    {
        return $this->but(fixes: [...$this->fixes, ...array_values($fixes)]);
    }

    /** The same, only worth knowing. */
    public function asNote(): self
    {
        return $this->but(severity: Severity::Note);
    }

    /** The same, mended by numbering the lines anew. */
    public function ofNumbering(): self
    {
        return $this->but(isNumbering: true);
    }

    /** The same, mended by a setting. */
    public function mendedBy(Setting $setting): self
    {
        return $this->but(setting: $setting);
    }

    /** The same, mended by a yarn of this name. */
    public function mendedByYarn(string $name): self
    {
        return $this->but(newYarn: $name);
    }

    /** @param list<AskedReading> $readings */
    public function asking(array $readings): self
    {
        return $this->but(readings: $readings);
    }

    /** The same, its path told from one level above. */
    public function within(string $path): self
    {
        return $this->but(path: '' === (string) $this->path ? $path : "{$path}.{$this->path}");
    }

    public function ofPiece(string $piece, string $path): self
    {
        return $this->but(piece: $piece, path: $path);
    }

    public function isError(): bool
    {
        return Severity::Error === $this->severity;
    }

    /**
     * @param list<self> $problems
     *
     * @return list<self> those that are mistakes
     */
    public static function errors(array $problems): array
    {
        return array_values(array_filter($problems, static fn (self $problem): bool => $problem->isError()));
    }

    /**
     * The same but for what is said.
     *
     * @param list<Fix>|null          $fixes
     * @param list<AskedReading>|null $readings
     */
    private function but(
        ?Severity $severity = null,
        ?string $piece = null,
        ?string $path = null,
        ?array $fixes = null,
        ?bool $isNumbering = null,
        ?array $readings = null,
        ?Setting $setting = null,
        ?string $newYarn = null,
    ): self {
        return new self(
            message: $this->message,
            severity: $severity ?? $this->severity,
            piece: $piece ?? $this->piece,
            path: $path ?? $this->path,
            line: $this->line,
            column: $this->column,
            length: $this->length,
            round: $this->round,
            fixes: $fixes ?? $this->fixes,
            isNumbering: $isNumbering ?? $this->isNumbering,
            readings: $readings ?? $this->readings,
            setting: $setting ?? $this->setting,
            newYarn: $newYarn ?? $this->newYarn,
        );
    }
}

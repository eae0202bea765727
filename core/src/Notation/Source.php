<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** One round's text: a typed line, several that it is wrapped over, or a part of a line that holds more than one. */
final readonly class Source
{
    /**
     * @param int       $line   the first typed line, from 1
     * @param list<int> $starts the character of the text at which each of its lines begins; below 0 where the text begins within its line
     */
    private function __construct(public int $line, public string $text, private array $starts)
    {
    }

    public static function line(int $line, string $text): self
    {
        return new self($line, $text, [0]);
    }

    /** @param int $from the character of the line at which the text begins, from 0 */
    public static function part(int $line, string $text, int $from): self
    {
        return new self($line, $text, [-$from]);
    }

    /** The same with the next typed line added. */
    public function with(string $next): self
    {
        return new self($this->line, "{$this->text} {$next}", [...$this->starts, mb_strlen($this->text) + 1]);
    }

    public function lines(): int
    {
        return \count($this->starts);
    }

    /** The character of the text at which one of its lines begins. */
    public function begin(int $line): int
    {
        return $this->starts[$line - $this->line] ?? 0;
    }

    /** @return array{int, int} the typed line and the character in it, both from 1, of a character of the text */
    public function at(int $position): array
    {
        $line = 0;
        while (isset($this->starts[$line + 1]) && $position >= $this->starts[$line + 1]) {
            ++$line;
        }

        return [$this->line + $line, $position - $this->starts[$line] + 1];
    }
}

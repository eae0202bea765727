<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Format;

use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;

/** What is wrong with the fields of one message, as far as a person would read it. */
final class FieldErrors
{
    private const MOST = 50;

    /** @var list<Problem> */
    private array $problems = [];

    public function note(string $path, Message $message): void
    {
        if (\count($this->problems) < self::MOST) {
            $this->problems[] = Problem::atPath($path, $message);
        }
    }

    /** @throws InvalidFields where anything was wrong */
    public function throwAny(): void
    {
        if ([] !== $this->problems) {
            throw new InvalidFields($this->problems);
        }
    }
}

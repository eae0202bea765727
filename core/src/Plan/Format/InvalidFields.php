<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Format;

use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;

/** A file or a message that is not taken, with every place where it is wrong. Nothing of it is kept. */
final class InvalidFields extends \RuntimeException
{
    /** @param non-empty-list<Problem> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(
            ' ',
            array_map(
                static fn (Problem $problem): string => (null === $problem->path || '' === $problem->path ? '' : "{$problem->path}: ").$problem->message->code,
                $problems,
            ),
        ));
    }

    public static function because(string $path, Message $message): self
    {
        return new self([Problem::atPath($path, $message)]);
    }
}

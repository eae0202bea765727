<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

/** What a command ends with. */
final readonly class CommandOutcome
{
    public const FINE = 0;
    public const PROBLEMS = 1;
    public const WRONG_USE = 2;

    /**
     * @param int    $code   the exit code
     * @param string $output for standard output
     * @param string $said   in words, for standard error
     */
    public function __construct(public int $code, public string $output, public string $said = '')
    {
    }
}

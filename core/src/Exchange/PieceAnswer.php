<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Problem;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Yarn\PieceLengths;

/** What is answered of one piece, and what the plan's own figures need of it. */
final readonly class PieceAnswer
{
    /**
     * @param string|null   $json     PieceWriter's values; null where it was not told
     * @param list<Problem> $starts   what is wrong with where it begins
     * @param list<Problem> $problems what is wrong with it otherwise
     */
    public function __construct(
        public ?string $json,
        public PieceLengths $lengths,
        public PieceAsPart $part,
        public PieceOnShelf $onShelf,
        public array $starts,
        public array $problems,
    ) {
    }
}

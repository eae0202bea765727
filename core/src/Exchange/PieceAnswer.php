<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Problem;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Yarn\PieceLengths;

/** What is answered of one piece, and what the plan's own figures need of it. */
final readonly class PieceAnswer
{
    /**
     * @param string|null   $json     PieceWriter's values; null where it was not told
     * @param list<Problem> $starts   what is wrong with where it begins
     * @param list<Problem> $problems what is wrong with it otherwise
     * @param list<string>  $covers   what its parts hide, as coversOf() has it
     */
    public function __construct(
        public ?string $json,
        public PieceLengths $lengths,
        public PieceAsPart $part,
        public PieceOnShelf $onShelf,
        public array $starts,
        public array $problems,
        public array $covers,
    ) {
    }

    /**
     * @param list<LaidJoint> $joints parts that are put on it
     *
     * @return list<string> the same where they hide the same, whatever else of them has changed
     */
    public static function coversOf(array $joints): array
    {
        return array_map(static fn (LaidJoint $laid): string => "{$laid->joint->key} {$laid->part->name} ".implode(' ', $laid->hides), $joints);
    }
}

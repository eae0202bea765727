<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Yarn\PieceLengths;

/** A piece whose answer is not known yet. */
final readonly class PieceWorkedOut
{
    /** @param list<Problem> $problems */
    public function __construct(
        public string $key,
        private Plan $plan,
        private PieceAnalysis $piece,
        private PieceLengths $lengths,
        public PieceOnShelf $onShelf,
        private array $problems,
    ) {
    }

    public function part(): PieceAsPart
    {
        return $this->piece->part;
    }

    /** @param list<LaidJoint> $joints parts that are put on it */
    public function joined(array $joints): self
    {
        return new self(
            key: $this->key, plan: $this->plan, piece: $this->piece->joined($joints), lengths: $this->lengths, onShelf: $this->onShelf,
            problems: $this->problems,
        );
    }

    /** @param bool $isTold there is room for all that is said of it */
    public function answer(bool $isTold): PieceAnswer
    {
        $isStart = static fn (Problem $problem): bool => 1 === preg_match('/^pieces\[\d+\]\.start\b/', $problem->path ?? '');

        return new PieceAnswer(
            json: $isTold ? Json::encode(PieceWriter::values($this->plan, $this->piece, $this->lengths)) : null,
            lengths: $this->lengths,
            part: $this->piece->part,
            onShelf: $this->onShelf,
            starts: array_values(array_filter($this->problems, $isStart)),
            problems: array_values(array_filter($this->problems, static fn (Problem $problem): bool => !$isStart($problem))),
            covers: PieceAnswer::coversOf($this->piece->joints),
        );
    }
}

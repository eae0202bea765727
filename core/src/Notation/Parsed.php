<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;

/** What can be made of one typed line by itself: its readings, or a remark, or why it cannot be read. */
final readonly class Parsed
{
    /**
     * @param list<Line>    $lines     its readings; none where it is a remark or cannot be read
     * @param string|null   $remark    said to people only; '' for nothing at all
     * @param bool          $isHeading it may be a piece's heading, "Ears x2"
     * @param bool          $isLabel   it says what it is, "Materials: …"
     * @param YarnList|null $yarns     what it is beside all that: a list of the rounds' yarns, where no stitch is read in it
     * @param Fault|null    $error     why it cannot be read, with as much of it as was understood
     */
    private function __construct(
        public array $lines,
        public ?string $remark = null,
        public ?Fault $error = null,
        public ?Head $head = null,
        public ?Count $count = null,
        public bool $isHeading = false,
        public ?YarnList $yarns = null,
        public bool $isLabel = false,
    ) {
    }

    /** @param list<Line> $lines */
    public static function lines(array $lines): self
    {
        return new self($lines);
    }

    public static function remark(string $text, bool $isLabel = false): self
    {
        return new self([], $text, isLabel: $isLabel);
    }

    public static function failed(SyntaxError $error, ?Head $head, ?Count $count, bool $isHeading = false): self
    {
        return new self(lines: [], remark: null, error: Fault::of($error), head: $head, count: $count, isHeading: $isHeading);
    }

    /** The same, which may be a list of yarns. */
    public function listing(?YarnList $yarns): self
    {
        return null === $yarns ? $this : new self(
            lines: $this->lines, remark: $this->remark, error: $this->error, head: $this->head, count: $this->count, isHeading: $this->isHeading, yarns: $yarns,
            isLabel: $this->isLabel,
        );
    }

    /** Whether a stitch of a round is read in it. */
    public function isWorked(): bool
    {
        return [] !== array_filter($this->lines, static fn (Line $line): bool => $line->isWorked() || [] !== $line->again);
    }
}

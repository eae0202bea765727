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
     * @param list<Line>  $lines     its readings; none where it is a remark or cannot be read
     * @param string|null $remark    said to people only; '' for nothing at all
     * @param bool        $isHeading it may be a piece's heading, "Ears x2"
     * @param Fault|null  $error     why it cannot be read, with as much of it as was understood
     */
    private function __construct(
        public array $lines,
        public ?string $remark = null,
        public ?Fault $error = null,
        public ?Head $head = null,
        public ?Count $count = null,
        public bool $isHeading = false,
    ) {
    }

    /** @param list<Line> $lines */
    public static function lines(array $lines): self
    {
        return new self($lines);
    }

    public static function remark(string $text): self
    {
        return new self([], $text);
    }

    public static function failed(SyntaxError $error, ?Head $head, ?Count $count, bool $isHeading = false): self
    {
        return new self(lines: [], remark: null, error: Fault::of($error), head: $head, count: $count, isHeading: $isHeading);
    }
}

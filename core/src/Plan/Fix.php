<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A mend that can be made at once: some characters of the typed line give way to others. */
final readonly class Fix
{
    /**
     * @param Message $label    what it does, for a button: "Write inc"
     * @param int     $position the first character that gives way, from 0
     * @param int     $length   how many do; 0 puts the text in between
     */
    public function __construct(public Message $label, public int $position, public int $length, public string $text)
    {
    }

    /** The same for a text that begins so many characters later. */
    public function moved(int $by): self
    {
        return 0 === $by ? $this : new self($this->label, $this->position + $by, $this->length, $this->text);
    }

    /** @return string the line with the mend made */
    public function on(string $line): string
    {
        return mb_substr($line, 0, $this->position).$this->text.mb_substr($line, $this->position + $this->length);
    }
}

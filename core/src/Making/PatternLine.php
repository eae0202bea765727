<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** A line of a written pattern: what it is about, where that is named, and what it says. */
final readonly class PatternLine
{
    /**
     * @param string $name "Hook", "Note", "Change"; '' for rounds, headings and the maker’s own lines, which need none
     * @param string $step the key of the step that it tells; '' where it tells none, or several
     */
    private function __construct(public string $name, public string $text, public string $step)
    {
    }

    public static function of(string $text, string $step = ''): self
    {
        return new self('', $text, $step);
    }

    public static function named(string $name, string $text, string $step = ''): self
    {
        return new self($name, $text, $step);
    }

    /** One that goes on in lower case after its name. */
    public static function note(string $text, string $step = ''): self
    {
        return new self('Note', lcfirst($text), $step);
    }

    public function inWords(): string
    {
        return '' === $this->name ? $this->text : "{$this->name}: {$this->text}";
    }
}

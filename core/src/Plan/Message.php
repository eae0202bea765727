<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/**
 * Something to be said, not yet in words: a code for which Words has a sentence and, where it can be mended, what to do; and the values
 * that go into both.
 */
final readonly class Message
{
    /**
     * @param string                                                   $code   as in Words\MessageWords: "round.noStitches"
     * @param array<array-key, int|float|string|self|list<int|string>> $values by the name that they have in the sentence
     * @param self|null                                                $mend   what to do, where the code does not say it alone
     */
    private function __construct(public string $code, public array $values, public ?self $mend = null)
    {
    }

    /** @param int|float|string|self|list<int|string> ...$values by name; what is typed and what is notation goes in as it is, a list as "a, b or c" */
    public static function of(string $code, int|float|string|self|array ...$values): self
    {
        return new self($code, $values);
    }

    /** What those say who use the core, in their own words. */
    public static function said(string $says, string $mend): self
    {
        return new self('said', ['says' => $says, 'mend' => $mend]);
    }

    /** The same, with something else to do about it; null: as the code says. */
    public function mendedBy(?self $mend): self
    {
        return new self($this->code, $this->values, $mend);
    }
}

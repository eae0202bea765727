<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

/** A still that was drawn before, packed: a shelf shows many, and again at each visit. */
final readonly class StillPicture
{
    private function __construct(private string $packed)
    {
    }

    public static function of(string $svg): self
    {
        return new self((string) gzdeflate($svg));
    }

    public function svg(): string
    {
        return (string) gzinflate($this->packed);
    }
}

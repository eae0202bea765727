<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** One way that a plan could be otherwise, to be looked at beside others. */
final readonly class Choice
{
    /**
     * @param string               $about what is chosen: "How colours change"
     * @param string               $label what it would be
     * @param array<string, mixed> $edit  that makes it, as EditKinds reads it
     */
    public function __construct(public string $about, public string $label, public array $edit)
    {
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Message;

/** One way that a plan could be otherwise, to be looked at beside others. */
final readonly class Choice
{
    /**
     * @param Message              $about  what is chosen
     * @param Message              $label  what it would be
     * @param array<string, mixed> $edit   that makes it, as EditKinds reads it
     * @param float                $turned degrees to the viewer's right that the toy is turned for it to be seen
     */
    public function __construct(public Message $about, public Message $label, public array $edit, public float $turned = 0.0)
    {
    }
}

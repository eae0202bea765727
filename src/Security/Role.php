<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

/** What a browser or a person may do in a workshop. Each may do what those before it may. */
enum Role: string
{
    /** Looks at plans and journals, and takes them away as files. */
    case Read = 'read';
    /** Makes toys, too, and keeps their journals. */
    case Make = 'make';
    /** Changes plans and yarn, too. */
    case Edit = 'edit';
    /** Has all of it: lets others in and out, and may end it. */
    case Hold = 'hold';

    public function allows(self $needed): bool
    {
        return $this->rank() >= $needed->rank();
    }

    public function orHigher(?self $other): self
    {
        return true === $other?->allows($this) ? $other : $this;
    }

    private function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;

/** An edit that can be asked for: contract/openapi.yaml, Edit. It reads itself, and EditKinds lists it. */
interface EditKind extends Edit
{
    /** @return non-empty-list<string> what it is asked for by, in the field "do" */
    public static function words(): array;

    /**
     * What is wrong with its fields is noted at their path.
     *
     * @param string $word the one of its words that it was asked for by
     */
    public static function read(Fields $fields, string $word): self;
}

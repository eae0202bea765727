<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The yarns that the typed words name, as typed. Where no such layer is laid, it lies right above the fill. */
final readonly class Typed implements Layer
{
    public function yarns(): array
    {
        return [];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Something that can be put on a piece. */
final readonly class TrayThing
{
    /**
     * @param string $what     by which it is asked for
     * @param string $label    as the tray shows it
     * @param bool   $isThread it is embroidered
     */
    public function __construct(public string $what, public string $label, public TrayGroup $group, public bool $isThread = true)
    {
    }
}

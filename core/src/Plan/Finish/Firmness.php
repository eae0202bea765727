<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

/** How firmly a piece is stuffed. */
enum Firmness: string
{
    case Firm = 'firm';
    case Usual = 'usual';
    case Light = 'light';
    /** Half full, so that it gives. */
    case Half = 'half';
    case None = 'none';

    /** " firmly", as it stands after the verb. */
    public function inWords(): string
    {
        return match ($this) {
            self::Firm => ' firmly',
            self::Light => ' lightly',
            self::Half => ' only half full',
            self::Usual => ' to medium firmness',
            self::None => '',
        };
    }
}

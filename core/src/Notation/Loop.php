<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Where in the top of the stitch below a stitch is worked; usually under both loops. */
enum Loop: string
{
    case Back = 'BLO';
    case Front = 'FLO';

    /** One byte beside a stitch's code; a blank stands for both loops. */
    public function code(): string
    {
        return self::Back === $this ? 'b' : 'f';
    }
}

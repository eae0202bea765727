<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Where in the top of the stitch below a stitch is worked; usually under both loops. */
enum Loop: string
{
    case Back = 'BLO';
    case Front = 'FLO';
    /** The bar behind a half double's top. */
    case Third = 'third loop';

    /** One byte beside a stitch's code; a blank stands for both loops. */
    public function code(): string
    {
        return match ($this) {
            self::Back => 'b',
            self::Front => 'f',
            self::Third => 't',
        };
    }

    public static function ofCode(string $code): ?self
    {
        return match ($code) {
            'b' => self::Back,
            'f' => self::Front,
            't' => self::Third,
            default => null,
        };
    }
}

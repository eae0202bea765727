<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** Parts that most toys have, and how they usually are beside the body: something to go on from. Common practice, no source. */
enum UsualPart: string
{
    case Leg = 'leg';
    case Arm = 'arm';
    case Tail = 'tail';
    case Ear = 'ear';
    case Head = 'head';

    public function copies(): int
    {
        return match ($this) {
            self::Leg, self::Arm, self::Ear => 2,
            self::Tail, self::Head => 1,
        };
    }

    public function form(): Form
    {
        return match ($this) {
            self::Leg, self::Arm => Form::Tube,
            self::Tail => Form::Cone,
            self::Ear => Form::Dome,
            self::Head => Form::Ball,
        };
    }

    /** How wide, to the body's width. */
    public function wide(): float
    {
        return match ($this) {
            self::Leg, self::Ear => 0.35,
            self::Arm, self::Tail => 0.28,
            self::Head => 0.9,
        };
    }

    /** How long, to the body's height; null: as its form comes. */
    public function long(): ?float
    {
        return match ($this) {
            self::Leg, self::Arm, self::Tail => 0.5,
            self::Ear, self::Head => null,
        };
    }
}

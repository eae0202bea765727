<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Message;

/** The ways in which a part is held. A new one is a class of its own and a line here. */
final class Holds
{
    /** @var list<class-string<Hold>> */
    public const ALL = [
        Hold\Whip::class, Hold\Mattress::class, Hold\ThroughLoops::class, Hold\Crochet::class, Hold\Tied::class, Hold\Base::class, Hold\Glued::class,
        Hold\Slipped::class, Hold\Buttoned::class, Hold\Hinge::class,
    ];

    /** @return list<Hold> */
    public static function all(): array
    {
        return array_map(static fn (string $class): Hold => $class::read(Fields::of([])), self::ALL);
    }

    public static function read(Fields $fields): Hold
    {
        $kind = $fields->has('hold') ? $fields->raw('hold') : Hold\Whip::kind();
        foreach (self::ALL as $class) {
            if ($class::kind() === $kind) {
                return $class::read($fields);
            }
        }
        $fields->wrong('hold', Message::of('joint.unknownHold', holds: implode(', ', array_map(static fn (Hold $one): string => $one::kind(), self::all()))));

        return new Hold\Whip();
    }
}

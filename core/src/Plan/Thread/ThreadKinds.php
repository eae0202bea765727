<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Message;

/** The kinds of thread that there are. A new kind is a class of its own and a line here. */
final class ThreadKinds
{
    /** @var list<class-string<ThreadKind>> */
    public const ALL = [
        Smile::class, Bars::class, Lashes::class, Backstitch::class, Seeds::class, Swirl::class, Veins::class, Fringe::class,
        Strand::class,
    ];

    /** As something that can be put on a piece; null: there is no such thing, or it has no place there (isThing() tells which). */
    public static function usual(string $what, UsualSite $site): ?UsualThread
    {
        foreach (self::ALL as $class) {
            foreach ($class::tray() as $thing) {
                if ($what === $thing->what) {
                    return $class::usual($what, $site);
                }
            }
        }

        return null;
    }

    /** Whether it is something that can be put on a piece, on one or another. */
    public static function isThing(string $what): bool
    {
        foreach (self::ALL as $class) {
            if (\in_array($what, array_column($class::tray(), 'what'), true)) {
                return true;
            }
        }

        return false;
    }

    /** A kind of the plan's format; what is wrong with it is noted at its path. */
    public static function read(Fields $fields): ThreadKind
    {
        $kind = $fields->has('kind') ? $fields->raw('kind') : null;
        foreach (self::ALL as $class) {
            if ($class::kind() === $kind) {
                return $class::read($fields);
            }
        }
        $fields->wrong(
            'kind',
            Message::of('thread.unknown', kinds: implode(', ', array_map(static fn (string $class): string => $class::kind(), self::ALL))),
        );

        return new Smile(1.0, 0.0);
    }
}

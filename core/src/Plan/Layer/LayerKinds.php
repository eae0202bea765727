<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Message;

/** The kinds of colour layers that there are. A new kind is a class of its own and a line here. */
final class LayerKinds
{
    /** @var list<class-string<RoundLayer>|class-string<PlaceLayer>> */
    public const ALL = [
        Fill::class, Typed::class, Stripes::class, Helix::class, Band::class, Run::class, HandSet::class, Spots::class, Motif::class,
        Panel::class, Blend::class,
    ];

    /** A layer of the plan's format; what is wrong with it is noted at its path. */
    public static function read(Fields $fields): LayerEntry
    {
        $kind = $fields->has('kind') ? $fields->raw('kind') : null;
        foreach (self::ALL as $class) {
            if ($class::kind() === $kind) {
                return LayerEntry::read($fields, $class::read($fields));
            }
        }
        $fields->wrong(
            'kind',
            Message::of('layer.unknown', kinds: implode(', ', array_map(static fn (string $class): string => $class::kind(), self::ALL))),
        );

        return new LayerEntry(new Fill('A'));
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Problem;

/**
 * One kind of colour layer: all that is known of it stands in its own file, and LayerKinds lists it. A later layer covers an earlier one.
 *
 * A kind is either a RoundLayer, which names rounds or counted stitches, or a PlaceLayer, which names places around the piece.
 */
interface Layer
{
    /** The word for the kind in the plan's format. */
    public static function kind(): string;

    /** Its own fields of the plan's format; what is wrong with them is noted at its path. */
    public static function read(Fields $fields): self;

    /** @return array<string, mixed> its own fields, as read() takes them */
    public function values(): array;

    /** @return array<string, string> the keys of the yarns that it names, by their path within the layer, in its order */
    public function yarns(): array;

    /** What is wrong with it on a piece's rounds; the problem's path is within the layer. */
    public function check(LayerSite $site): ?Problem;

    /** The same layer once rounds have moved; null where all of its rounds are gone. */
    public function carried(RoundMoves $moves): ?self;

    /** Whether it colours nothing but whole rounds or single stitches of these rounds, so that new stripes over them replace it. */
    public function isReplacedBy(RoundRange $range): bool;

    /** What it covers, in words: "rounds 4–7, striped". */
    public function inWords(): string;
}

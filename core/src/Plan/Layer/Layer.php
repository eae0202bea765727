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

    /** Whether it is the colour of the whole piece. */
    public function isWhole(): bool;

    /** The rounds in which a picture begins that shaping under it bends; null: it has none. */
    public function pictured(): ?RoundRange;

    /** How many rounds high each such picture is; 0: it has none. */
    public function pictureHeight(): int;

    /** Whether it is one picture that is looked at from the front. */
    public function facesFront(): bool;

    /** The rounds in which its stitches are meant to be single; null: in none. */
    public function scattered(): ?RoundRange;

    /** The rounds over which one yarn goes over into another, a few stitches at a time; null: in none. */
    public function fades(): ?RoundRange;

    /** The yarns that it has climb side by side; null: they do not. */
    public function spiral(): ?Helix;

    /** @return list<int> how high its stripes are; [] where it has none */
    public function heights(): array;

    /**
     * The last of its stripes, where less of it is seen than it is meant to be high.
     *
     * @param int $last the piece's last round
     */
    public function cutStripe(int $last): ?CutStripe;

    /** Both as one layer, where they are of one yarn and meet; null where they are not. */
    public function joined(self $above): ?self;

    /** The layer that single stitches are painted into; null where it takes none. */
    public function byHand(): ?HandSet;

    /** What it covers, in words: "rounds 4–7, striped". */
    public function inWords(): string;
}

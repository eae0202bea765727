<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

use Alternum\Core\Drawing\Series;
use Alternum\Core\Plan\Format\Fields;

/** One way in which a part is held: all that is known of it stands in its own file, and Holds lists it. */
interface Hold
{
    /** The word for it in the plan's format. */
    public static function kind(): string;

    /** With what it says of itself; as is usual where nothing is said. */
    public static function read(Fields $fields): self;

    /** @return array<string, mixed> what it says of itself, in the plan's format */
    public function values(): array;

    /** How it is done, in a few small drawings; null: that shows itself. */
    public function drawing(): ?Series;

    /** "whip stitch", for a choice. */
    public function label(): string;

    /** The verb by which words mean it: "glue"; '' where they name it. */
    public function verb(): string;

    /** What it is done with. */
    public function tool(): Tool;

    /** mm of yarn for each mm of the seam; 0: it takes no seam. From memory, to be measured. */
    public function takes(): float;

    /** mm of yarn that it takes whatever its seam. */
    public function takesOnce(): float;

    /** Whether the part can be taken off again. */
    public function isRemovable(): bool;

    /** Whether a hand has to get inside what it is put on. */
    public function needsInside(): bool;

    /** Whether the stitches of both edges are taken one by one, so that unlike counts are to be eased. */
    public function isStitchByStitch(): bool;

    /** Whether it goes along the part's edge. */
    public function fits(PartEdge $edge): bool;

    /**
     * What is done, as one sentence without its end: "Sew the ears on …".
     *
     * @param string $part  "the ears"
     * @param string $edge  "around their open edge"
     * @param string $where "to the head between rounds 5 and 6 …"
     */
    public function toDo(string $part, string $edge, string $where): string;

    /** How it is done, where that needs a word; '' where not. */
    public function how(): string;

    /** A caution to mind; '' where there is none. */
    public function caution(): string;
}

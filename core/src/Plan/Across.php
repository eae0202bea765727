<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Format\Fields;

/** What a place is counted from across, around the piece: degrees and stitches go on from there. */
final readonly class Across
{
    /**
     * @param AcrossFrom $from     what kind of thing it is
     * @param string     $of       of Beside and Mirror the key of another place, which comes before it
     * @param int        $increase of Increase which of its round, from 1, in working order
     */
    public function __construct(public AcrossFrom $from, public string $of = '', public int $increase = 0)
    {
    }

    public static function front(): self
    {
        return new self(AcrossFrom::Front);
    }

    /** Opposite the marker's line. */
    public static function seam(): self
    {
        return new self(AcrossFrom::Seam);
    }

    /** The middle of another place: between the two of a pair. */
    public static function beside(string $key): self
    {
        return new self(AcrossFrom::Beside, $key);
    }

    /** As far on the front's other side as another place's middle is on its own. */
    public static function mirror(string $key): self
    {
        return new self(AcrossFrom::Mirror, $key);
    }

    /** The middle of an increase of its round: a pair lies on both sides of it. */
    public static function increase(int $number): self
    {
        return new self(AcrossFrom::Increase, '', $number);
    }

    public static function read(Fields $fields): self
    {
        if (!$fields->has('across')) {
            return $fields->has('offSeam') && $fields->truth('offSeam') ? self::seam() : self::front();
        }
        if ($fields->has('offSeam')) {
            $fields->wrong('offSeam', Message::of('field.notBeside', other: 'across'));
        }
        $across = $fields->object('across');
        $from = $across->oneOf('from', AcrossFrom::class, [AcrossFrom::Beside, AcrossFrom::Mirror, AcrossFrom::Increase]);
        $read = AcrossFrom::Increase === $from
            ? self::increase($across->whole('number', 1, Limits::STITCHES_IN_ROUND))
            : new self($from, $across->text('of', 40, Placement::KEY, Message::of('field.otherPlacement')));
        $across->close();

        return $read;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return match ($this->from) {
            AcrossFrom::Front => [],
            AcrossFrom::Seam => ['offSeam' => true],
            AcrossFrom::Beside, AcrossFrom::Mirror => ['across' => ['from' => $this->from->value, 'of' => $this->of]],
            AcrossFrom::Increase => ['across' => ['from' => $this->from->value, 'number' => $this->increase]],
        };
    }
}

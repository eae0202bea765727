<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\ColourVision;
use Alternum\Core\Colour\LabColour;

/** Two yarns that lie side by side somewhere, and how well they are told apart. */
final readonly class Pair
{
    /** Less than this, and stripes hardly show: from memory, to be judged by eye. */
    public const HARDLY = 10.0;
    /** Less than this, and they show a little. */
    public const LITTLE = 20.0;

    /**
     * @param string           $one        yarn's letter
     * @param float            $difference CIEDE2000
     * @param PairTrouble|null $trouble    null: they go together
     */
    private function __construct(public string $one, public string $other, public float $difference, public ?PairTrouble $trouble)
    {
    }

    /**
     * @param string $hex      of the one, as shown
     * @param string $otherHex of the other
     */
    public static function of(string $one, string $hex, string $other, string $otherHex): self
    {
        $difference = LabColour::of($hex)->difference(LabColour::of($otherHex));
        $isHard = false;
        foreach ([ColourVision::Protan, ColourVision::Deutan, ColourVision::Tritan] as $vision) {
            $isHard = $isHard || LabColour::of($vision->sees($hex))->difference(LabColour::of($vision->sees($otherHex))) < self::HARDLY;
        }

        return new self($one, $other, $difference, match (true) {
            $difference < self::HARDLY => PairTrouble::Alike,
            $isHard => PairTrouble::AlikeToSome,
            $difference < self::LITTLE => PairTrouble::ShowsLittle,
            default => null,
        });
    }
}

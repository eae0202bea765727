<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

/** Two yarns that lie side by side somewhere, and how well they are told apart. */
final readonly class Pair
{
    /** Less than this, and stripes hardly show: from memory, to be judged by eye. */
    public const HARDLY = 10.0;
    /** Less than this, and they show a little. */
    public const LITTLE = 20.0;

    /**
     * @param string      $one        yarn's letter
     * @param float       $difference CIEDE2000
     * @param string|null $remark     what is to be said of it; null: they go together
     */
    private function __construct(public string $one, public string $other, public float $difference, public ?string $remark)
    {
    }

    /**
     * @param string $hex      of the one, as shown
     * @param string $otherHex of the other
     */
    public static function of(string $one, string $hex, string $other, string $otherHex): self
    {
        $difference = Shade::of($hex)->difference(Shade::of($otherHex));
        $hard = [];
        foreach ([Sight::Protan, Sight::Deutan, Sight::Tritan] as $sight) {
            if (Shade::of($sight->sees($hex))->difference(Shade::of($sight->sees($otherHex))) < self::HARDLY) {
                $hard[] = $sight;
            }
        }

        return new self($one, $other, $difference, match (true) {
            $difference < self::HARDLY => "{$one} and {$other} are so alike that what is worked in them will hardly show.",
            [] !== $hard => "{$one} and {$other} look alike to some eyes that tell colours otherwise.",
            $difference < self::LITTLE => "{$one} beside {$other} will show only a little.",
            default => null,
        });
    }
}

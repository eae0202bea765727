<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Yarn;

/** One or more whole rounds of a yarn, as a step of a stripe sequence. */
final readonly class Stripe
{
    public function __construct(public string $yarn, public int $rounds)
    {
    }

    public static function read(Fields $fields): self
    {
        $stripe = new self(Yarn::readKey($fields), $fields->whole('rounds', 1, Limits::ROUNDS));
        $fields->close();

        return $stripe;
    }

    /**
     * Those of a short text: "B2A1".
     *
     * @return non-empty-list<self>|null null where it is none
     */
    public static function sequence(string $text): ?array
    {
        if (1 !== preg_match('/^(?:[A-Z][1-9]\d{0,2}){1,40}$/D', $text)) {
            return null;
        }
        preg_match_all('/([A-Z])(\d+)/', $text, $found, \PREG_SET_ORDER);
        $sequence = array_map(static fn (array $one): self => new self($one[1], (int) $one[2]), $found);

        return [] === $sequence ? null : $sequence;
    }
}

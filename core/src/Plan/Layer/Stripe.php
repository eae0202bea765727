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
}

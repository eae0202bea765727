<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Writes the plan's format; the reader reads back an equal plan. */
final class PlanWriter
{
    /** A file for people to keep: laid out to be read, as far as the reader's limit allows. */
    public static function json(Plan $plan): string
    {
        $json = Json::encode($plan->values(), true)."\n";

        return \strlen($json) <= Limits::BYTES ? $json : self::compact($plan);
    }

    /**
     * A plan that the reader takes again.
     *
     * @throws InvalidFields where it has grown over the limit
     */
    public static function compact(Plan $plan): string
    {
        $json = Json::encode($plan->values());

        return \strlen($json) <= Limits::BYTES
            ? $json
            : throw InvalidFields::because(
                '',
                'The plan is larger than '.number_format(Limits::BYTES / 1024).' kB, more than can be kept.',
                'Split it in two.',
            );
    }
}

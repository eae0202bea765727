<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Plan;

/** Writes the plan's format; the reader reads back an equal plan. */
final class PlanWriter
{
    /** Bytes by which one that is over what is written may still grow: its title may change. */
    private const ROOM = 1024;

    /** A file for people to keep: laid out to be read, as far as the reader's limit allows. */
    public static function json(Plan $plan): string
    {
        $json = Json::encode($plan->values(), true)."\n";

        return \strlen($json) <= Limits::BYTES ? $json : self::compact($plan);
    }

    /**
     * A plan that the reader takes again.
     *
     * @throws InvalidFields where it is larger than can be read
     */
    public static function compact(Plan $plan): string
    {
        return self::upTo(Limits::BYTES, $plan);
    }

    /**
     * A plan after something was done on it.
     *
     * @param int $was bytes of it before
     *
     * @throws InvalidFields where it has grown over what is written
     */
    public static function changed(Plan $plan, int $was): string
    {
        return self::upTo($was < Limits::WRITTEN_BYTES ? Limits::WRITTEN_BYTES : min(Limits::BYTES, $was + self::ROOM), $plan);
    }

    private static function upTo(int $bytes, Plan $plan): string
    {
        $json = Json::encode($plan->values());

        return \strlen($json) <= $bytes
            ? $json
            : throw InvalidFields::because('', Message::of('plan.tooLarge', most: (int) ($bytes / 1024)));
    }
}

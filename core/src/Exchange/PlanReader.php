<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;

/** Reads the plan's format, version 1. An unknown field is an error: what is not understood is not kept silently. */
final class PlanReader
{
    /** @throws InvalidFields that names each path */
    public static function json(string $json): Plan
    {
        return self::values(Json::decode($json, 'plan', isFile: true));
    }

    /**
     * @param string $path of the plan within a message
     *
     * @throws InvalidFields that names each path
     */
    public static function values(mixed $values, string $path = ''): Plan
    {
        return Plan::read(Fields::of($values, $path), $path);
    }
}

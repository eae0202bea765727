<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Format;

use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** JSON text to values and back, within a plan's limits. */
final class Json
{
    private const DEPTH = 24;

    /** Bytes of a message that carries a plan and edits to make on it. */
    public const MESSAGE_BYTES = 2 * Limits::BYTES;

    /**
     * @param string $what   what it should be: "plan", "pattern"; as Words\MessageWords knows it
     * @param int    $most   bytes
     * @param bool   $isFile the maker chose it; most of what is read here the page has sent
     *
     * @return mixed objects as arrays
     *
     * @throws InvalidFields
     */
    public static function decode(string $json, string $what, int $most = Limits::BYTES, bool $isFile = false): mixed
    {
        if (\strlen($json) > $most) {
            throw InvalidFields::because('', Message::of('json.tooLarge', most: (int) ($most / 1024), what: $what));
        }
        if (str_starts_with($json, "\u{FEFF}")) {
            $json = substr($json, 3);
        }
        try {
            return json_decode($json, true, self::DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw InvalidFields::because('', Message::of($isFile ? 'json.damagedFile' : 'json.damaged', what: $what));
        }
    }

    /** @param array<array-key, mixed> $values */
    public static function encode(array $values, bool $forPeople = false): string
    {
        return json_encode(
            $values,
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | ($forPeople ? \JSON_PRETTY_PRINT | \JSON_PRESERVE_ZERO_FRACTION : 0),
        );
    }
}

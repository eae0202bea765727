<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Format;

use Alternum\Core\Plan\Limits;

/** JSON text to values and back, within a plan's limits. */
final class Json
{
    private const DEPTH = 24;

    /** Bytes of a message that carries a plan and edits to make on it. */
    public const MESSAGE_BYTES = 2 * Limits::BYTES;

    /**
     * @param string $what what it should be, for the message: "a plan"
     * @param int    $most bytes
     * @param string $mend what to do where it is damaged; most of what is read here the page has sent
     *
     * @return mixed objects as arrays
     *
     * @throws InvalidFields
     */
    public static function decode(string $json, string $what, int $most = Limits::BYTES, string $mend = 'Load the page again, and do it once more.'): mixed
    {
        if (\strlen($json) > $most) {
            throw InvalidFields::because(
                '',
                'This is larger than '.number_format($most / 1024).' kB, more than a plan takes.',
                "Choose a file that holds {$what}, or split the plan in two.",
            );
        }
        if (str_starts_with($json, "\u{FEFF}")) {
            $json = substr($json, 3);
        }
        try {
            return json_decode($json, true, self::DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw InvalidFields::because('', "This is not {$what}, or it is damaged.", $mend);
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

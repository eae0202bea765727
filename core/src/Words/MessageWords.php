<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Message;
use Alternum\Core\Words\Message\EditMessages;
use Alternum\Core\Words\Message\LayerMessages;
use Alternum\Core\Words\Message\NotationMessages;
use Alternum\Core\Words\Message\PlanMessages;

/**
 * What is wrong, in words: a sentence of each message's code, and what to do about it, in ICU's message format. What stands in braces is
 * a value of the message; a list reads "a, b or c".
 */
final class MessageWords
{
    /** What is wrong, or what a mend does. */
    public static function says(Message $message): string
    {
        return self::format(self::of($message->code)[0], $message);
    }

    /** What to do about it; '' where there is nothing to say. */
    public static function mend(Message $message): string
    {
        if (null !== $message->mend) {
            return self::says($message->mend);
        }
        $mend = self::of($message->code)[1] ?? '';

        return '' === $mend ? '' : self::format($mend, $message);
    }

    /** @return array{string, 1?: string} the sentence, and the mend */
    public static function of(string $code): array
    {
        return NotationMessages::ALL[$code] ?? PlanMessages::ALL[$code] ?? LayerMessages::ALL[$code] ?? EditMessages::ALL[$code]
            ?? throw new \LogicException("There is no sentence for “{$code}”.");
    }

    private static function format(string $sentence, Message $message): string
    {
        if (!str_contains($sentence, '{') && !str_contains($sentence, "'")) {
            return $sentence;
        }
        $said = \MessageFormatter::formatMessage('en', $sentence, array_map(self::value(...), $message->values));

        return false !== $said ? $said : throw new \LogicException("The sentence of “{$message->code}” cannot be said.");
    }

    /**
     * As it stands in a sentence: numbers without a sign between thousands, but where the sentence asks for it.
     *
     * @param int|float|string|Message|list<int|string> $value
     */
    private static function value(int|float|string|Message|array $value): string
    {
        if (\is_array($value)) {
            $last = (string) array_pop($value);

            return [] === $value ? $last : implode(', ', $value)." or {$last}";
        }

        return $value instanceof Message ? self::says($value) : (string) $value;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** A line that says what letters stand for: "A: teal", "Yarn A = Driftwood, yarn B = rust", "Colours: teal (A), rust (B)". */
final class YarnKey
{
    private const LABEL = '/^\W*(?:(?:the )?(?:yarns?|colou?rs?|colou?r key|yarn key)\s*[:–-]\s*)?/iu';
    private const LETTER = '(?<said>(?i:yarn |colou?r ))?(?<key>[A-Z]|MC|CC\d?)';
    private const NAME = '(?<name>\pL[\pL\' -]{1,38}\pL)';
    private const PARTS = '/\s*(?:[,;|\/]|\.(?=\s|$)|\band\b)\s*/iu';

    /** @return array<string, string> what each letter stands for; nothing where the line says anything else */
    public static function of(string $line): array
    {
        $found = [];
        $body = (string) preg_replace(self::LABEL, '', $line, 1);
        $isLabelled = mb_strlen($body) < mb_strlen($line) && 1 === preg_match('/\pL/u', mb_substr($line, 0, mb_strlen($line) - mb_strlen($body)));
        $parts = preg_split(self::PARTS, trim($body));
        foreach (false === $parts ? [] : $parts as $part) {
            if ('' === $part) {
                continue;
            }
            $isFirst = 1 === preg_match('/^'.self::LETTER.'\s*(?:[:=]|[–-](?=\s)|\()\s*'.self::NAME.'\)?$/u', $part, $match)
                || 1 === preg_match('/^'.self::LETTER.'\s+[–-]\s+'.self::NAME.'$/u', $part, $match);
            if (!$isFirst && 1 !== preg_match('/^'.self::NAME.'\s*(?:[(=–:-])\s*'.self::LETTER.'\)?$/u', $part, $match)) {
                return [];
            }
            $name = trim($match['name']);
            if (!YarnNames::isColour($name) && '' === $match['said'] && !$isLabelled) {
                return [];
            }
            $found[$match['key']] = $name;
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Message;

/** Says that a yarn that is named is none of the plan's. */
final class UnknownYarn
{
    public static function of(string $yarn, Source $source): Fault
    {
        $isLetter = 1 === \strlen($yarn);
        $at = 1 === preg_match($isLetter ? "/\\b{$yarn}\\b/" : '/'.preg_quote($yarn, '/').'/iu', $source->text, $match, \PREG_OFFSET_CAPTURE)
            ? mb_strlen(substr($source->text, 0, $match[0][1]))
            : 0;

        return Fault::at(
            new Span($at, $at + mb_strlen($yarn)),
            Message::of($isLetter ? 'yarn.noLetter' : 'yarn.noName', yarn: $yarn),
            FaultKind::NewYarn,
        );
    }
}

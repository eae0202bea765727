<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Plan\Message;

/** What every stretch of a typed line was taken for. */
final class Meanings
{
    /**
     * @param Line|null $taken the reading that was taken; null: the line's first
     *
     * @return list<Meaning> in the line's order; together they cover it
     */
    public static function of(string $text, Parsed $parsed, ?Line $taken = null): array
    {
        $whole = new Span(0, max(1, mb_strlen(rtrim($text))));
        if (null !== $parsed->yarns && null === $taken) {
            return [new Meaning($whole, MeaningKind::Understood, Message::of('meaning.yarns'))];
        }
        if (null !== $parsed->remark) {
            return '' === trim($text) ? [] : [new Meaning($whole, MeaningKind::Remark, Message::of('meaning.remark'))];
        }
        $line = $taken ?? $parsed->lines[0] ?? null;
        if (null === $line) {
            return self::failed($parsed, $whole);
        }
        $meanings = [];
        foreach ([...(null === $line->head ? [] : [$line->head]), ...$line->items, ...$line->counts, ...$line->again, ...$line->beside] as $node) {
            if ($node->span->length() > 0) {
                $meanings[] = new Meaning($node->span, match (true) {
                    $node instanceof Cue => MeaningKind::Remark,
                    $node instanceof Glue => MeaningKind::Joint,
                    default => MeaningKind::Understood,
                }, $node);
            }
        }
        usort($meanings, static fn (Meaning $one, Meaning $other): int => [$one->span->from, -$one->span->end] <=> [$other->span->from, -$other->span->end]);

        return $meanings;
    }

    /** @return list<Meaning> */
    private static function failed(Parsed $parsed, Span $whole): array
    {
        $error = $parsed->error;
        $begin = null === $parsed->head ? 0 : $parsed->head->span->end;
        $doubt = new Meaning(
            new Span($begin, max($begin + 1, $whole->end)),
            MeaningKind::Doubt,
            null === $error ? Message::of('meaning.none') : Message::of('meaning.doubt', wrong: $error->message),
        );

        return null === $parsed->head ? [$doubt] : [new Meaning($parsed->head->span, MeaningKind::Understood, $parsed->head), $doubt];
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Message;

/** A journal as a file: JSON lines, the first of which says what it is. docs/journal.md. */
final class JournalFile
{
    public const FORMAT = 'alternum-journal';
    public const VERSION = 1;
    public const ENDING = 'journal.jsonl';

    /**
     * @param string $making   the making's id
     * @param int    $revision of the plan
     */
    public static function write(Journal $journal, string $title, string $making, int $revision): string
    {
        $head = ['format' => self::FORMAT, 'version' => self::VERSION, 'title' => $title, 'making' => $making, 'revision' => $revision];

        return Json::encode($head)."\n".implode('', array_map(static fn (Event $event): string => $event->written()."\n", $journal->events));
    }

    /** @throws InvalidFields with the line that is none */
    public static function read(string $text): Journal
    {
        $lines = array_values(array_filter(explode("\n", $text), static fn (string $line): bool => '' !== trim($line)));
        $head = json_decode(array_shift($lines) ?? '', true);
        if (!\is_array($head) || self::FORMAT !== ($head['format'] ?? null)) {
            throw InvalidFields::because('', Message::of('journal.noJournal'));
        }
        if (self::VERSION < ($head['version'] ?? 0)) {
            throw InvalidFields::because('version', Message::of('journal.later'));
        }

        return Journal::of(array_map(Event::json(...), $lines));
    }
}

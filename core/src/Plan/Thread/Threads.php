<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\HasLengths;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** The threads of a piece, in the order in which they may name one another, and its placements. */
final readonly class Threads implements HasLengths
{
    /** @param list<Thread> $all */
    public function __construct(public array $all)
    {
    }

    public static function field(): string
    {
        return 'thread';
    }

    public static function in(Fields $piece): self
    {
        $taken = [];
        $all = $piece->objects('thread', 0, Limits::PLACEMENTS, static function (Fields $one) use (&$taken): Thread {
            $thread = Thread::read($one, $taken);
            if (\in_array($thread->key, $taken, true)) {
                $one->wrong('key', Message::of('field.twice', of: 'thread', key: $thread->key));
            }
            $taken[] = $thread->key;

            return $thread;
        });

        return new self($all);
    }

    /** @return list<array<string, mixed>> in the plan's format */
    public function values(): array
    {
        return array_map(static fn (Thread $thread): array => $thread->values(), $this->all);
    }

    public function scaled(float $times): self
    {
        return new self(array_map(static fn (Thread $thread): Thread => $thread->scaled($times), $this->all));
    }

    public function carried(RoundMoves $moves): self
    {
        return new self(array_map(static fn (Thread $thread): Thread => $thread->at($thread->place->carried($moves, null)), $this->all));
    }
}

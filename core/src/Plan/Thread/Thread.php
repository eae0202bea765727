<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Yarn;

/** Yarn that is not crocheted but laid on a piece: a mouth, cheeks, seeds, veins, a fringe. */
final readonly class Thread
{
    /**
     * @param string   $key     of its own among the threads of the piece
     * @param string   $name    what the maker calls it; '': by what it is
     * @param string   $yarn    its key
     * @param int|null $strands held together; null: as many as the yarn is worked with
     * @param int      $plies   that it is split into; 0: it is not split
     * @param int      $ofPlies of the yarn
     * @param bool     $isOpen  it is laid while the piece is still open, before it is stuffed; else when it is done
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $yarn,
        public ?int $strands,
        public Place $place,
        public ThreadKind $kind,
        public bool $isOpen = false,
        public int $plies = 0,
        public int $ofPlies = 0,
    ) {
    }

    /** @param list<string> $taken keys of the threads before it */
    public static function read(Fields $fields, array $taken): self
    {
        $at = $fields->object('at');
        $thread = new self(
            key: $fields->text('key', 40, Placement::KEY, Message::of('field.key')),
            name: $fields->has('name') ? $fields->line('name', Limits::NAME) : '',
            yarn: Yarn::readKey($fields),
            strands: $fields->has('strands') ? $fields->whole('strands', 1, 12) : null,
            place: Place::read($at, $taken),
            kind: ThreadKinds::read($fields),
            isOpen: $fields->has('open') && $fields->truth('open'),
            plies: $fields->has('plies') ? $fields->whole('plies', 1, 12) : 0,
            ofPlies: $fields->has('plies') ? $fields->whole('ofPlies', 2, 16) : 0,
        );
        if (null !== $thread->kind->farEnd() && $fields->has('open')) {
            // It is laid once both pieces are joined.
            $fields->wrong('open', Message::of('field.unfit'));
        }
        $at->close();
        $fields->close();

        return $thread;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        return ['key' => $this->key, 'kind' => $this->kind::kind()]
            + ('' === $this->name ? [] : ['name' => $this->name])
            + ['yarn' => $this->yarn]
            + (null === $this->strands ? [] : ['strands' => $this->strands])
            + ['at' => $this->place->values()]
            + $this->kind->values()
            + (0 === $this->plies ? [] : ['plies' => $this->plies, 'ofPlies' => $this->ofPlies])
            + ($this->isOpen ? ['open' => true] : []);
    }

    /** What is said of it: the maker’s name for it, or what it is. */
    public function named(): string
    {
        return '' === $this->name ? ucfirst($this->kind::kind()) : $this->name;
    }

    public function at(Place $place): self
    {
        return $this->but($place, $this->kind);
    }

    /** Where lengths are said of it, so many times as long. */
    public function scaled(float $times): self
    {
        return $this->but($this->place, $this->kind->scaled($times));
    }

    private function but(Place $place, ThreadKind $kind): self
    {
        return new self(
            key: $this->key, name: $this->name, yarn: $this->yarn, strands: $this->strands, place: $place, kind: $kind, isOpen: $this->isOpen,
            plies: $this->plies, ofPlies: $this->ofPlies,
        );
    }
}

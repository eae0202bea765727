<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;

/** What a line of its own says to the maker: a remark, a cue. */
final readonly class LineCue
{
    /**
     * @param int $after how many rounds are made when it is said
     * @param int $line  the typed line, from 1
     */
    public function __construct(public int $after, public int $line, public CueKind $kind, public string $text)
    {
    }

    /**
     * Those of a line, said when so many rounds are made.
     *
     * @param list<self|Cue> $cues
     *
     * @return list<self>
     */
    public static function all(array $cues, int $after, int $line): array
    {
        return array_map(static fn (self|Cue $cue): self => new self($after, $cue instanceof self ? $cue->line : $line, $cue->kind, $cue->text), $cues);
    }

    public function meaning(): CueMeaning
    {
        return CueGrammar::of($this->text);
    }
}

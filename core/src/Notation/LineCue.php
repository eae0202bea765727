<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

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

    public function meaning(): CueMeaning
    {
        return CueGrammar::of($this->text);
    }
}

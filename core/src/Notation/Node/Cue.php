<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\CueGrammar;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\CueMeaning;
use Alternum\Core\Notation\Span;

/** Something to do at a moment of the work, or a note, in the maker’s own words. */
final readonly class Cue extends Node
{
    public function __construct(public CueKind $kind, public string $text, Span $span)
    {
        parent::__construct($span);
    }

    public function meaning(): CueMeaning
    {
        return CueGrammar::of($this->text);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** A written pattern with what it makes. */
final readonly class WholePattern
{
    /**
     * @param list<string>                  $lines
     * @param list<int>|null                $makes    stitches of each round; null: not to be told
     * @param list<int>                     $bad      rounds that must be reported
     * @param list<string>|null             $yarns    of each round, as "A3 -9", a dash where none was named; null: not checked
     * @param list<string>|null             $stitches codes of each round's stitches; null: not checked
     * @param array<int, list<string>>|null $cues     by the round that they are said at; null: not checked
     */
    public function __construct(
        public string $name,
        public array $lines,
        public Terms $terms,
        public Worked $worked,
        public ?array $makes,
        public array $bad,
        public ?array $yarns,
        public ?array $stitches = null,
        public ?array $cues = null,
    ) {
    }

    public function read(): Reading
    {
        return Reader::read($this->lines, $this->terms, $this->worked);
    }
}

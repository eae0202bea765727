<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Pattern;

use Alternum\Core\Making\PatternLine;

/** Lines of a written pattern that belong together. */
final readonly class PatternSection
{
    /**
     * @param string            $heading '' for none
     * @param list<PatternLine> $lines
     * @param list<ChartRound>  $chart   the rounds of the piece, where its yarns change within them
     */
    public function __construct(public array $lines, public string $heading = '', public array $chart = [])
    {
    }
}

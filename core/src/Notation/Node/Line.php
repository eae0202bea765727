<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\Dye;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\Turning;

/** One typed line that stands for one or more rounds. */
final readonly class Line
{
    /**
     * @param list<Node>       $items
     * @param int              $end   the character after the last item, from 0
     * @param Dye|null         $then  the yarn that is changed to at its end
     * @param SyntaxError|null $doubt what is to be told of it, though it could be read
     */
    public function __construct(
        public ?Head $head,
        public array $items,
        public ?Count $count,
        public int $end,
        public ?Dye $then = null,
        public ?SyntaxError $doubt = null,
        public Turning $turning = new Turning(),
    ) {
    }
}

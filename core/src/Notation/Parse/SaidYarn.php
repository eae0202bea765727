<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\YarnWay;

/** A yarn as words bring it in, before it is known how far they go. */
final readonly class SaidYarn
{
    /**
     * @param string       $name   letter, or the name as typed
     * @param YarnWay|null $how    it is joined, or the old one is left
     * @param list<string> $within the yarns of an increase's second top, its third and so on; the last goes on
     */
    public function __construct(public string $name, public ?YarnWay $how = null, public array $within = [])
    {
    }
}

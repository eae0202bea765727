<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What the length of yarn in one single crochet is taken from. */
enum Basis: string
{
    case Guess = 'guess';
    case Unravelled = 'unravelled';
    case Weighed = 'weighed';
}

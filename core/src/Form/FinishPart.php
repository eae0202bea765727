<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** One thing that is to be decided of how a piece begins and ends. */
enum FinishPart: string
{
    case Ring = 'ring';
    case Start = 'start';
    case End = 'end';
    case Tail = 'tail';
    case Turned = 'turned';
    case Stuffing = 'stuffing';
    case Drawn = 'drawn';
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Drawing;

/** What a stroke of a drawing stands for. */
enum Ink: string
{
    case Old = 'old';
    case New = 'new';
    case Hook = 'hook';
    case Needle = 'needle';
    /** Where something goes. */
    case Way = 'way';
    /** What is not yarn: a marker, scissors, stuffing, a part. */
    case Thing = 'thing';
}

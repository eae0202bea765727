<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Units for words and screens. Inside, lengths are millimetres; amounts are given in metres and grams. */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    /** The international yard, exactly. */
    public const YARD_IN_METRES = 0.9144;
    public const INCH_IN_MM = 25.4;
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What the top of a stitch looks like from outside. Most are a V on the fabric. */
enum StitchLook: string
{
    case Plain = 'plain';
    /** A post under the V: a double crochet, a treble. */
    case Tall = 'tall';
    /** Stands out as a lump: a bobble, a popcorn, a puff. */
    case Lump = 'lump';
    /** A long loop hangs from it. */
    case Loop = 'loop';
    /** A chain that lies along the fabric. */
    case Chain = 'chain';
    /** A post that stands out of the fabric. */
    case Ridge = 'ridge';
}

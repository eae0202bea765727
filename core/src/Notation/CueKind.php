<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What a cue is about. */
enum CueKind: string
{
    case Stuff = 'stuff';
    case Eyes = 'eyes';
    case Tail = 'tail';
    case FastenOff = 'fasten-off';
    case Turn = 'turn';
    case Sew = 'sew';
    case Close = 'close';
    case Marker = 'marker';
    case Part = 'part';
    case Yarn = 'yarn';
    /** Until what its rounds go on. */
    case Fit = 'fit';
    case Note = 'note';
}

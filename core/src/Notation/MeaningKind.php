<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What a stretch of a typed line was taken for. */
enum MeaningKind: string
{
    case Understood = 'understood';
    /** A sign or a word that only joins others. */
    case Joint = 'joint';
    /** For people: kept at its place, and shown while making. */
    case Remark = 'remark';
    /** Not understood, or not decided: the maker is asked. */
    case Doubt = 'doubt';
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A setting that a text seems to ask for. */
enum Setting: string
{
    case WorkedJoined = 'worked:joined';
    case WorkedRows = 'worked:rows';
    case TermsUk = 'terms:uk';
    case TermsUs = 'terms:us';
}

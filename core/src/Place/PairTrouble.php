<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

/** Why two yarns that lie side by side may not be told apart. */
enum PairTrouble
{
    /** What is worked in them hardly shows. */
    case Alike;
    /** They look alike to some eyes that tell colours otherwise. */
    case AlikeToSome;
    /** One shows only a little beside the other. */
    case ShowsLittle;
}

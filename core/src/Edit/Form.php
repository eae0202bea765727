<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/** The forms that rounds can be laid out for. */
enum Form: string
{
    case Ball = 'ball';
    case Egg = 'egg';
    case Capsule = 'capsule';
    case Cone = 'cone';
    case Tube = 'tube';
    case Circle = 'circle';
    case Dome = 'dome';
    case Bowl = 'bowl';
    case Drum = 'drum';
}

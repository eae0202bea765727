<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Making\Step\Begin;
use Alternum\Core\Making\Step\ChangeYarn;
use Alternum\Core\Making\Step\CloseFlat;
use Alternum\Core\Making\Step\CountOn;
use Alternum\Core\Making\Step\DrawIn;
use Alternum\Core\Making\Step\DrawShut;
use Alternum\Core\Making\Step\FastenOff;
use Alternum\Core\Making\Step\FingersNoLongerFit;
use Alternum\Core\Making\Step\FirstWords;
use Alternum\Core\Making\Step\JoinPart;
use Alternum\Core\Making\Step\KeepEmpty;
use Alternum\Core\Making\Step\LastStitch;
use Alternum\Core\Making\Step\LastWords;
use Alternum\Core\Making\Step\LayThreadDone;
use Alternum\Core\Making\Step\LayThreadInside;
use Alternum\Core\Making\Step\LockWashers;
use Alternum\Core\Making\Step\MoveMarker;
use Alternum\Core\Making\Step\SetFromInside;
use Alternum\Core\Making\Step\SewOn;
use Alternum\Core\Making\Step\StandsAlone;
use Alternum\Core\Making\Step\Stuff;
use Alternum\Core\Making\Step\StuffBetween;
use Alternum\Core\Making\Step\TakeHook;
use Alternum\Core\Making\Step\TightenRing;
use Alternum\Core\Making\Step\TurnOut;
use Alternum\Core\Making\Step\TypedWords;
use Alternum\Core\Making\Step\UntilItFits;
use Alternum\Core\Making\Step\WeaveIn;
use Alternum\Core\Making\Step\WorkIntoSide;

/** The kinds of steps that there are beside the rounds. A new one is a class of its own and a line here; their order is that of the work. */
final class StepKinds
{
    /** @var list<class-string<GoesWithRounds>> as the rounds are worked */
    public const WITH_ROUNDS = [
        CountOn::class, StuffBetween::class, ChangeYarn::class, JoinPart::class, LastStitch::class, StandsAlone::class, TightenRing::class,
    ];

    /** @var list<class-string<StandsAfterRound>> once a round is worked and its yarn changed */
    public const AFTER_ROUND = [
        TakeHook::class, Begin::class, UntilItFits::class, MoveMarker::class, SetFromInside::class, LayThreadInside::class, LockWashers::class,
        FirstWords::class, WorkIntoSide::class, FingersNoLongerFit::class, TurnOut::class,
        Stuff::class, TypedWords::class, KeepEmpty::class, CloseFlat::class, FastenOff::class, DrawShut::class, DrawIn::class, LastWords::class,
        WeaveIn::class, LayThreadDone::class, SewOn::class,
    ];
}

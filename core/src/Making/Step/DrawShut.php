<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;

/** The tail closes a piece with the needle, once the yarn is cut. */
final readonly class DrawShut extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private PieceEnd $end, private int $stitches, private Finishing $finishing)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        $end = $site->finishing->end;
        if (null !== $end && PieceEnd::Flat !== $end && ($end->closes() || PieceEnd::NeedleJoin === $end) && !$site->finishing->isTyped(FinishPart::End)) {
            yield new self($site->after($site->last()), $end, $site->reading->rounds[$site->last() - 1]->makes, $site->finishing);
        }
    }

    public function mayGoWrong(): array
    {
        return PieceEnd::NeedleJoin === $this->end ? [] : [Trouble::HoleLeft, Trouble::WeakYarn];
    }

    public function kind(): StepKind
    {
        return StepKind::Close;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $pinch = $isBrief || Firmness::None === $this->finishing->firmness ? '' : ' (a last pinch of stuffing can be pushed in with a tool first)';
        $then = "pull closed{$pinch}, ".match (true) {
            !$this->finishing->drawn->isNothing() => 'and keep the tail',
            $this->finishing->sews => 'and keep the tail to sew with or weave it in',
            default => 'weave in the end',
        };

        return match ($this->end) {
            PieceEnd::EverySecond => "Thread through the front loop of every second of the {$this->stitches} sts, {$then}",
            PieceEnd::Twice => "Thread through the front loops of the {$this->stitches} sts twice around, {$then}",
            PieceEnd::NeedleJoin => 'Finish with a needle join',
            default => "Thread through the front loops of the {$this->stitches} sts, {$then}",
        };
    }

    public function drawings(): array
    {
        return PieceEnd::NeedleJoin === $this->end ? [] : ['technique close'];
    }

    public function needs(): array
    {
        return ['yarn needle'];
    }
}

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

/** The tail draws the stuffed piece in. */
final readonly class DrawIn extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private Finishing $finishing)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        if (!$site->finishing->drawn->isNothing() && !$site->finishing->isTyped(FinishPart::Drawn)) {
            yield new self($site->after($site->last()), $site->finishing);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Tail;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $drawn = $this->finishing->drawn;
        $does = [];
        if ($drawn->segments > 0) {
            $does[] = 'Take the tail up through the centre and over the outside to the base, '
                .(1 === $drawn->segments ? 'and pull snug' : "pull snug, and repeat evenly: {$drawn->segments} grooves in all");
        }
        if ($drawn->base) {
            $does[] = 'Take the tail up through the centre and back down one stitch away; pull until the base is flat';
        }

        $short = $isBrief && $this->finishing->isTooShort() ? ' ('.self::tooShort($this->finishing).')' : '';

        return implode('. ', $does).($this->finishing->sews ? '' : '. Weave in the end').$short;
    }

    public function trouble(): ?string
    {
        return $this->finishing->isTooShort() ? self::tooShort($this->finishing) : null;
    }

    public static function tooShort(Finishing $finishing): string
    {
        return "Too short: drawing the piece in alone takes {$finishing->threadCm} cm.";
    }

    public function needs(): array
    {
        return ['yarn needle'];
    }
}

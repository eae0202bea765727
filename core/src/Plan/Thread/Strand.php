<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\TrayGroup;
use Alternum\Core\Plan\TrayThing;

/** One strand from a piece over the seam to a place on another that is joined to it: a rein, a strap, a stay. */
final readonly class Strand implements ThreadKind
{
    use AnyThread;

    private function __construct(private FarEnd $to)
    {
    }

    public static function kind(): string
    {
        return 'strand';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Strand to another piece', TrayGroup::Thread)];
    }

    public static function usual(string $what, UsualSite $site): ?UsualThread
    {
        $other = $site->joinedTo();

        return null === $other ? null : new UsualThread(new self(new FarEnd($other, new Place(Anchor::Round, 1))), $site->at(0.5));
    }

    public static function drawing(): Series
    {
        return new Series('A strand to another piece', [
            new Drawing('Come up where it begins.', Sketch::rows('ooooooo')->needle(1, Ink::New)),
            new Drawing('Lay it over the seam, and go in on the other piece.', Sketch::rows('ooooooo')->strand(1, 0, 5, 0)->needle(5, Ink::New)),
            self::endsInside(),
        ]);
    }

    public static function read(Fields $fields): self
    {
        $to = $fields->object('to');
        $at = $to->object('at');
        $end = new FarEnd($to->text('piece', 40, Piece::KEY, Message::of('field.key')), Place::read($at, []));
        $at->close();
        $to->close();

        return new self($end);
    }

    public function values(): array
    {
        return ['to' => ['piece' => $this->to->piece, 'at' => $this->to->place->values()]];
    }

    public function farEnd(): FarEnd
    {
        return $this->to;
    }

    public function strokes(ThreadSite $site): array
    {
        return [];
    }

    public function named(): string
    {
        return 'a strand';
    }

    public function how(): string
    {
        return 'Come up where it begins, lay it over the seam without pulling, and go in where it ends';
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making\Practice;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PracticeWriter;
use Alternum\Core\Making\Guide\Flow;
use Alternum\Core\Making\Practice\Lesson;
use Alternum\Core\Making\Practice\Lessons;
use Alternum\Core\Making\StepKind;
use PHPUnit\Framework\TestCase;

final class LessonsTest extends TestCase
{
    public function testTheBallHasNoProblem(): void
    {
        self::assertSame([], Analysis::of(PracticeWriter::plan())->problems);
    }

    public function testEachThingIsExplainedOnceAndWhereItComes(): void
    {
        $guide = Flow::of(Analysis::of(PracticeWriter::plan())->pieces[0]->site());
        $lessons = Lessons::in($guide);
        self::assertSame(Lesson::cases(), array_values($lessons));
        $at = array_flip(array_map(static fn (Lesson $lesson): string => $lesson->value, $lessons));
        $round = static fn (Lesson $lesson): int => $guide->stops[$at[$lesson->value]]->round;
        self::assertSame([1, 2, 3, 4, 5, 6], array_map($round, \array_slice(Lesson::cases(), 0, 6)));
        self::assertSame(StepKind::Stuff, $guide->stops[$at['stuffing']]->step?->kind());
        self::assertSame(StepKind::FastenOff, $guide->stops[$at['closing']]->step?->kind());
        self::assertSame(\count($guide->stops), $at['tails']);
    }

    /** The plain jog and the drawn loop can be compared: one of each. */
    public function testItHasAPlainJogBesideADrawnLoop(): void
    {
        $methods = array_map(static fn ($jog): string => $jog->treatment->method->value, Analysis::of(PracticeWriter::plan())->pieces[0]->changes->jogs());
        self::assertSame(['plain', 'drawn-loop'], array_values($methods));
    }
}

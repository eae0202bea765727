<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making\Journal;

use Alternum\Core\Exchange\JournalFile;
use Alternum\Core\Making\Journal\Answer;
use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\EventKind;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Making\Journal\Progress;
use Alternum\Core\Making\Journal\TaskProgress;
use Alternum\Core\Making\Journal\WorkPlace;
use Alternum\Core\Plan\Format\InvalidFields;
use PHPUnit\Framework\TestCase;

final class JournalTest extends TestCase
{
    private const SAMPLES = __DIR__.'/../../../../contract/journals.json';

    private int $ids = 0;

    public function testCountingGoesOnAndATapTooManyDidNotHappen(): void
    {
        $events = [$this->worked(1, 1, 6), $this->worked(2, 2, 12), $this->worked(3, 3, 18)];
        self::assertEquals(new WorkPlace(3, 18), self::progress(...$events)->task('body.1')->place);
        $back = $this->event(4, EventKind::Back, ['of' => $events[2]->id]);
        self::assertEquals(new WorkPlace(2, 12), self::progress($back, ...$events)->task('body.1')->place);
        // What was taken back is there again once that is taken back.
        self::assertEquals(
            new WorkPlace(3, 18),
            self::progress($back, $this->event(5, EventKind::Back, ['of' => $back->id]), ...$events)->task('body.1')->place,
        );
    }

    public function testWhatIsPulledOutOpensItsAnswersAgain(): void
    {
        $progress = self::progress(
            $this->worked(1, 4, 18),
            $this->answered(2, 'eyes', 3, 18, Answer::Done),
            $this->answered(3, 'stuff', 4, 18, Answer::Later),
            $this->event(4, EventKind::Ripped, $this->at(3, 18)),
        )->task('body.1');
        self::assertEquals(new WorkPlace(3, 18), $progress->place);
        self::assertSame(Answer::Done, $progress->answer('eyes'));
        self::assertNull($progress->answer('stuff'));
    }

    public function testTwoDevicesThatCountTheSameRoundMakeItOnce(): void
    {
        $one = [$this->worked(1, 1, 6), $this->worked(2, 2, 12)];
        $other = [$this->worked(1, 1, 6), $this->worked(2, 2, 6)];
        $merged = Journal::of([...$one, ...$other]);
        self::assertCount(4, $merged->events);
        self::assertEquals(new WorkPlace(2, 12), $merged->progress()->task('body.1')->place);
        self::assertSame(18, $merged->progress()->worked(['body.1' => [6, 12, 18]]));
    }

    public function testCopiesAreOfTheirOwn(): void
    {
        $progress = self::progress(
            $this->worked(1, 2, 12),
            $this->event(2, EventKind::Worked, ['piece' => 'body', 'copy' => 2, 'round' => 1, 'stitch' => 6]),
        );
        self::assertEquals(new WorkPlace(2, 12), $progress->task('body.1')->place);
        self::assertEquals(new WorkPlace(1, 6), $progress->task('body.2')->place);
        self::assertEquals(WorkPlace::start(), $progress->task('body.3')->place);
    }

    /** A round that is left with other stitches is done, until it is pulled out: then nothing of it is to be mended. */
    public function testWhatIsGoneOnWithIsForgottenOnceItIsPulledOut(): void
    {
        $slip = $this->event(2, EventKind::Slipped, $this->at(3, 18) + ['has' => 17, 'key' => Event::GO_ON]);
        $journal = Journal::of([$this->worked(1, 2, 12), $slip, $this->worked(3, 4, 18)]);
        self::assertSame([3 => 17], self::has($journal->progress()->task('body.1')));
        self::assertSame([3 => 17], self::has($journal->with($this->event(4, EventKind::Ripped, $this->at(3, 18)))->progress()->task('body.1')));
        self::assertSame([], self::has($journal->with($this->event(4, EventKind::Ripped, $this->at(2, 12)))->progress()->task('body.1')));
        $back = $journal->with($this->event(4, EventKind::Back, ['of' => $slip->id]))->progress()->task('body.1');
        self::assertSame([], self::has($back));
        // What is only noted to have gone wrong changes nothing.
        $noted = Journal::of([$this->event(1, EventKind::Slipped, $this->at(3, 18) + ['has' => 17, 'key' => 'loop-dropped'])]);
        self::assertEquals(WorkPlace::start(), $noted->progress()->task('body.1')->place);
    }

    /** What is begun is finished as it was begun, where the maker wants that; what is not begun follows the plan as it was taken last. */
    public function testAPlanThatWasChangedIsFollowedFromWhereTheMakerSays(): void
    {
        $took = fn (int $count, int $revision, string $from): Event => $this->event($count, EventKind::Took, ['revision' => $revision, 'from' => $from]);
        $journal = Journal::of([$this->worked(1, 1, 6), $took(2, 5, 'copy'), $took(4, 6, 'never')]);
        self::assertSame([0, 5], [$journal->progress()->task('body.1')->revision, $journal->progress()->task('body.2')->revision]);
        $journal = $journal->with($took(5, 7, 'round'));
        self::assertSame([7, 7], [$journal->progress()->task('body.1')->revision, $journal->progress()->task('body.2')->revision]);
        self::assertEquals(new WorkPlace(1, 6), $journal->progress()->task('body.1')->place);
    }

    /** One copy was begun, the other was not; an ear was added to the plan and a foot taken out of it. */
    public function testEachTaskIsCountedByThePlanThatItIsMadeFrom(): void
    {
        $before = ['body.1' => [6, 12], 'body.2' => [6, 12], 'foot.1' => [5]];
        $now = ['body.1' => [6, 12, 18], 'body.2' => [6, 12, 18], 'ear.1' => [4]];
        $took = fn (string $from): Event => $this->event(2, EventKind::Took, ['revision' => 5, 'from' => $from]);
        $copy = Journal::of([$this->worked(1, 1, 6), $took('copy')])->progress()->counts($before, $now);
        self::assertSame(['body.1' => [6, 12], 'body.2' => [6, 12, 18], 'ear.1' => [4]], $copy);
        $round = Journal::of([$this->worked(1, 1, 6), $took('round')])->progress()->counts($before, $now);
        self::assertSame($now, $round);
        self::assertSame($before, Journal::of([$this->worked(1, 1, 6), $took('never')])->progress()->counts($before, $before));
    }

    /** The maker knows the place without it, with one device: the journal says the same, in whatever order it is read. */
    public function testTenThousandMakingsEndWhereTheirMakerIs(): void
    {
        for ($seed = 1; $seed <= 10_000; ++$seed) {
            $making = RandomMaking::of($seed, 1, 24);
            $journal = Journal::of([...$making->events(), ...$making->events()]);
            self::assertCount($making->made(), $journal->events, "seed {$seed}");
            $progress = $journal->progress()->task('body.1');
            self::assertSame([$making->round, $making->stitch], [$progress->place->round, $progress->place->stitch], "seed {$seed}");
            $answers = array_map(static fn (array $said): array => [$said[0]->value, $said[1]->round, $said[1]->stitch], $progress->answers);
            ksort($answers);
            $given = $making->answers;
            ksort($given);
            self::assertSame($given, $answers, "seed {$seed}");
            self::assertSame($making->follows(), $progress->revision, "seed {$seed}");
            self::assertEquals(array_map(static fn (array $slip): int => $slip[0], $making->slips), self::has($progress), "seed {$seed}");
        }
    }

    public function testTwoDevicesWithoutANetworkLoseAndDoubleNothing(): void
    {
        for ($seed = 1; $seed <= 2_000; ++$seed) {
            $making = RandomMaking::of($seed, 2, 40);
            $one = Journal::of($making->events());
            self::assertCount($making->made(), $one->events, "seed {$seed}");
            // However it comes together: in parts, twice, in any order, through the file.
            $half = intdiv(\count($one->events), 2);
            $parts = Journal::of(\array_slice($making->events(), 0, $half))->with(...$making->events());
            $read = JournalFile::read(JournalFile::write($parts, 'A toy', '01ARZ3NDEKTSV4RRFFQ69G5FAV', 1));
            self::assertEquals($one->events, $read->events, "seed {$seed}");
            self::assertEquals(self::plainly($one->events), $one->progress()->task('body.1')->place, "seed {$seed}");
        }
    }

    /**
     * A plain replay, one event after the other.
     *
     * @param list<Event> $events in order
     */
    private static function plainly(array $events): WorkPlace
    {
        $undone = [];
        foreach (array_reverse($events) as $event) {
            if ('back' === $event->kind->value && !\in_array($event->id, $undone, true)) {
                $undone[] = $event->text('of');
            }
        }
        $at = [0, 0];
        foreach ($events as $event) {
            $to = [$event->whole('round'), $event->whole('stitch')];
            if (!\in_array($event->id, $undone, true)) {
                $at = match ($event->kind->value) {
                    'worked', 'slipped' => max($at, $to),
                    'moved' => $to,
                    'ripped' => min($at, $to),
                    default => $at,
                };
            }
        }

        return new WorkPlace($at[0], $at[1]);
    }

    /** The page works out the same from the same events: web/src/making/journal.test.ts reads these. */
    public function testSamplesForThePageAreAsTheCoreHasThem(): void
    {
        $samples = [];
        for ($seed = 1; $seed <= 40; ++$seed) {
            $making = RandomMaking::of($seed, 1 + $seed % 2, 20);
            $progress = Journal::of($making->events())->progress()->task('body.1');
            $answers = array_map(static fn (array $said): string => $said[0]->value, $progress->answers);
            ksort($answers);
            $samples[] = [
                'events' => array_map(static fn (Event $event): array => $event->values(), $making->events()),
                'revision' => $progress->revision,
                'slips' => (object) self::has($progress),
                'place' => ['round' => $progress->place->round, 'stitch' => $progress->place->stitch],
                'answers' => (object) $answers,
            ];
        }
        $written = implode(",\n", array_map(static fn (array $sample): string => (string) json_encode($sample), $samples));
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents(self::SAMPLES, "[\n{$written}\n]\n");
        }
        self::assertSame("[\n{$written}\n]\n", file_get_contents(self::SAMPLES));
    }

    public function testAFileThatIsNoneIsToldSo(): void
    {
        $none = [
            '' => 'journal.noJournal', '{"format":"alternum-plan"}' => 'journal.noJournal',
            '{"format":"alternum-journal","version":2}' => 'journal.later',
        ];
        foreach ($none as $text => $code) {
            try {
                JournalFile::read($text);
                self::fail("“{$text}” was read.");
            } catch (InvalidFields $refused) {
                self::assertSame($code, $refused->problems[0]->message->code);
            }
        }
    }

    /** @return array<int, int> stitches that rounds have, where one went on with them */
    private static function has(TaskProgress $progress): array
    {
        $has = array_map(static fn (array $slip): int => $slip[0], $progress->slips);
        ksort($has);

        return $has;
    }

    private static function progress(Event ...$events): Progress
    {
        return Journal::of(array_values($events))->progress();
    }

    private function worked(int $count, int $round, int $stitch): Event
    {
        return $this->event($count, EventKind::Worked, $this->at($round, $stitch));
    }

    private function answered(int $count, string $key, int $round, int $stitch, Answer $said): Event
    {
        return $this->event($count, EventKind::Answered, $this->at($round, $stitch) + ['key' => $key, 'answer' => $said->value]);
    }

    /** @return array<string, string|int> */
    private function at(int $round, int $stitch): array
    {
        return ['piece' => 'body', 'copy' => 1, 'round' => $round, 'stitch' => $stitch];
    }

    /** @param array<string, string|int> $details */
    private function event(int $count, EventKind $kind, array $details): Event
    {
        return Event::of(\sprintf('%026d', ++$this->ids), $count, 1_764_600_000_000 + $count, $kind, $details);
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\Edit;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Paint;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\Seen;
use Alternum\Core\Edit\TranslateTerms;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is done on a plan that became another meanwhile, is done on what was meant. */
final class SeenTest extends TestCase
{
    private const TUBE = ['24 sc in MR', 'R2-20: sc around'];
    /** With a line put in as the second. */
    private const LONGER = ['24 sc in MR', 'R2: sc around in BLO', 'R3-21: sc around'];

    /** @param array<string, mixed> $values */
    private static function edit(array $values): Edit
    {
        return EditKinds::read($values, '');
    }

    /** @param array<string, mixed> $values within the piece, by field */
    private static function set(array $values): Edit
    {
        $set = static fn (string $field, mixed $value): array => ['at' => ['pieces', 'body', ...explode('/', $field)], 'value' => $value];

        return self::edit(['do' => 'set', 'values' => array_map($set, array_keys($values), $values)]);
    }

    private static function seen(Plan $plan): Seen
    {
        return Seen::now()->ofPiece($plan->pieces[0]);
    }

    private static function words(Plan $plan): string
    {
        return implode(' | ', array_merge(...array_map(static fn (Piece $piece): array => $piece->rounds, $plan->pieces)));
    }

    /** A piece copied while the lines are being translated is a copy in the new terms: its stitches would be others in the old. */
    public function testACopyOfWhatIsBeingTranslatedHasItsTerms(): void
    {
        $plan = Plans::of(['6 sc in MR', 'dc around']);
        $body = $plan->pieces[0]->values();
        $copy = self::edit(['do' => 'set', 'values' => [['at' => ['pieces'], 'value' => [$body, ['key' => 'ear'] + $body]]]]);
        $seen = Seen::read(Fields::of(['terms' => 'us', 'values' => [['at' => ['pieces'], 'value' => [$body]]]]));
        $made = $seen->made($copy, (new TranslateTerms(Terms::Uk))->apply($plan));
        self::assertSame(Terms::Uk, $made->terms);
        self::assertSame('6 dc in MR | tr around | 6 dc in MR | tr around', self::words($made));
    }

    /** A stitch is typed in the terms that are seen: "dc" is another stitch in the others. */
    public function testALineIsTypedInTheTermsThatAreSeen(): void
    {
        $saw = ['6 sc in MR', 'sc around'];
        $typed = new Retype('body', ['6 sc in MR', 'dc around', 'hdc around # double']);
        $there = (new TranslateTerms(Terms::Uk))->apply(Plans::of($saw));
        self::assertSame('6 dc in MR | tr around | htr around # double', self::words(Seen::inTerms(Terms::Us)->ofLines('body', $saw)->made($typed, $there)));
        $pasted = self::edit(['do' => 'paste', 'piece' => 'body', 'text' => "R1: 6 sc in MR\nR2: dc around"]);
        self::assertSame('R1: 6 dc in MR | R2: tr around', self::words(Seen::inTerms(Terms::Us)->made($pasted, $there)));
    }

    /** What is not touched stays as it is written, also a word that the other terms would take for a stitch. */
    public function testOtherLinesStayAsTheyAreWritten(): void
    {
        $title = self::edit(['do' => 'set', 'values' => [['at' => ['title'], 'value' => 'Other']]]);
        $plans = array_map(static fn (string $file): Plan => PlanReader::json((string) file_get_contents($file)), Plans::demoFiles());
        $plans[] = Plans::of(['6 double crochet in MR', 'sc around', 'htr x6, dc x 6'], plan: ['terms' => 'uk']);
        foreach ($plans as $plan) {
            foreach (Terms::cases() as $terms) {
                self::assertEquals($plan->withTitle('Other'), Seen::inTerms($terms)->made($title, $plan), $plan->title);
            }
        }
    }

    /** What the maker says of the end of round 12 goes with that round, where a line was put in below it. */
    public function testAChangeIsThatOfTheRoundThatWasSeen(): void
    {
        $before = Plans::of(self::TUBE, [], ['changes' => ['method' => 'auto', 'at' => [['round' => 5, 'method' => 'early']]]]);
        $now = (new Retype('body', self::LONGER))->apply($before);
        $said = self::set(['changes/at' => [['round' => 5, 'method' => 'early'], ['round' => 12, 'method' => 'plain']]]);
        $made = self::seen($before)->made($said, $now)->pieces[0];
        self::assertSame([6, 13], array_keys($made->changes->at));
        self::assertSame(self::LONGER, $made->rounds);
    }

    /** Each field of a face counts by itself, and all of them are rounds. */
    public function testAFieldOfAFaceGoesAlong(): void
    {
        $before = Plans::of(self::TUBE, [], ['face' => ['from' => 5, 'to' => 8, 'degrees' => 90]]);
        $now = (new Retype('body', self::LONGER))->apply($before);
        $made = self::seen($before)->made(self::set(['face/from' => 4]), $now)->pieces[0]->face;
        self::assertSame([5, 9], [$made?->from, $made?->to]);
        self::assertSame([7, 11], self::face(self::seen($before)->made(self::edit(['do' => 'face', 'piece' => 'body', 'from' => 6, 'to' => 10]), $now)));
    }

    /** @return array{int|null, int|null} */
    private static function face(Plan $plan): array
    {
        return [$plan->pieces[0]->face?->from, $plan->pieces[0]->face?->to];
    }

    /** The third layer is another once a round painted over the second has taken that out. */
    public function testALayerIsTheOneThatWasTakenHoldOf(): void
    {
        $spots = ['kind' => 'motif', 'rows' => ['B'], 'round' => 12, 'fromFront' => 0];
        $before = Plans::of(self::TUBE, [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(5, 6, [['B', 1]]), $spots]);
        $painted = Paint::rounds('body', [5, 6], 'B')->apply($before);
        $shift = self::edit(['do' => 'shift', 'piece' => 'body', 'layer' => 2, 'rounds' => 3, 'degrees' => 0]);
        $made = self::seen($before)->made($shift, $painted)->pieces[0]->colours;
        $motifs = array_values(array_filter($made, static fn ($entry): bool => 'motif' === $entry->values()['kind']));
        self::assertSame([15], array_map(static fn ($entry): mixed => $entry->values()['round'], $motifs));
        self::assertCount(\count($painted->pieces[0]->colours), $made);
        // By its number alone another layer would move, or none.
        self::assertNotEquals($made, self::shifted($shift, $painted));
    }

    /** @return list<mixed> */
    private static function shifted(Edit $shift, Plan $plan): array
    {
        try {
            return $shift->apply($plan)->pieces[0]->colours;
        } catch (EditRefused) {
            return [];
        }
    }

    /** A crisp line is written into the round that was seen, not into the one that has its number now; its remark stays as it is. */
    public function testALineIsRewrittenWhereItIsNow(): void
    {
        $crisp = self::edit(['do' => 'crisp', 'piece' => 'body', 'round' => 8]);
        $seen = Seen::now()->ofLines('body', ['24 sc in MR', 'R2-7: sc around', 'R8: sc around # here', 'R9-12: sc around']);
        $now = Plans::of(['24 sc in MR', 'R2: hdc around', 'R3-8: sc around', 'R9: sc around # here', 'R10-13: sc around']);
        self::assertSame(
            '24 sc in MR | R2: hdc around | R3-8: sc around | R9: sc around in BLO (24) | # here | R10-13: sc around',
            self::words($seen->made($crisp, $now)),
        );
        $this->expectExceptionMessage('edit.gone');
        $seen->made($crisp, Plans::of(['24 sc in MR', 'R2-7: sc around']));
    }

    /** Bobbles are worked where the layer was that the maker chose, in lines that say other rounds by now. */
    public function testBobblesAreThoseOfTheLayerThatWasSeen(): void
    {
        $spot = ['kind' => 'motif', 'rows' => ['B'], 'round' => 3, 'fromFront' => 0];
        $before = Plans::of(['24 sc in MR', 'sc around', 'sc around', 'sc around'], [Plans::stripes(2, 2, [['B', 1]]), $spot]);
        $painted = Paint::rounds('body', [2], 'B')->apply($before);
        $now = (new Retype('body', ['24 sc in MR', 'hdc around', 'sc around', 'sc around', 'sc around']))->apply($painted);
        $made = self::seen($before)->made(self::edit(['do' => 'bobbles', 'piece' => 'body', 'layer' => 1]), $now)->pieces[0];
        self::assertSame(['24 sc in MR', 'hdc around', 'sc around'], \array_slice($made->rounds, 0, 3));
        self::assertStringContainsString('bo', $made->rounds[3]);
        self::assertSame('sc around', $made->rounds[4]);
    }

    /** @return iterable<string, array{array<string, mixed>}> what is done on a piece, with its places in the list of layers or its rounds */
    public static function acts(): iterable
    {
        yield 'a change' => [['changes/at' => [['round' => 4, 'method' => 'plain'], ['round' => 7, 'method' => 'early']]]];
        yield 'all changes' => [['changes/method' => 'early']];
        yield 'a face' => [['face' => ['from' => 3, 'to' => 6, 'degrees' => 80]]];
        yield 'the finish' => [['finish' => ['turned' => 5]]];
        yield 'the front' => [['front/degrees' => 20]];
        yield 'eyes' => [['placements' => [['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 5, 'apart' => 4, 'fromFront' => 0]]]];
        yield 'layers' => [['colours' => [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(3, 6, [['B', 1]])]]];
        yield 'a layer less, and a change' => [['colours' => [['kind' => 'fill', 'yarn' => 'A']], 'changes/at' => [['round' => 6, 'method' => 'plain']]]];
    }

    /**
     * Whether a line was typed first and something set on the rounds that were still seen, or set first: it comes to the same.
     *
     * @param array<string, mixed> $values
     */
    #[DataProvider('acts')]
    public function testTheOrderMakesNoDifference(array $values): void
    {
        $tried = 0;
        foreach (Plans::demoFiles() as $file) {
            $demo = PlanReader::json((string) file_get_contents($file));
            foreach ($demo->pieces as $piece) {
                $plan = $demo->withPieces([$piece->again('body', 'Body')]);
                for ($i = 0; $i < \count($piece->rounds); $i += 3) {
                    $typed = new Retype('body', [...\array_slice($piece->rounds, 0, $i), 'sc around # put in', ...\array_slice($piece->rounds, $i)]);
                    $set = self::set($values);
                    $first = $set->apply($plan);
                    $seen = self::seen($plan)->made($set, $typed->apply($plan));
                    self::assertEquals($typed->apply($first)->pieces[0]->values(), $seen->pieces[0]->values(), basename($file)." {$piece->key}, line {$i}");
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(30, $tried);
    }

    /** The same of a line that is typed before or after the lines are translated. */
    public function testTypingBeforeOrAfterATranslationComesToTheSame(): void
    {
        foreach (Plans::demoFiles() as $file) {
            $plan = PlanReader::json((string) file_get_contents($file));
            $terms = Terms::Us === $plan->terms ? Terms::Uk : Terms::Us;
            $translate = new TranslateTerms($terms);
            foreach ($plan->pieces as $piece) {
                for ($i = 0; $i < \count($piece->rounds); $i += 4) {
                    $saw = $piece->rounds;
                    $typed = array_replace($saw, [$i => '(2 dc, inc) x6']);
                    $first = $translate->apply((new Retype($piece->key, array_values($typed)))->apply($plan));
                    $seen = Seen::inTerms($plan->terms)->ofLines($piece->key, $saw);
                    $later = $seen->made(new Retype($piece->key, array_values($typed)), $translate->apply($plan));
                    self::assertSame($first->piece($piece->key)?->values(), $later->piece($piece->key)?->values(), basename($file)." {$piece->key}, line {$i}");
                    self::assertSame(self::words($first), self::words($later));
                }
            }
        }
    }

    /** A slider that is back where it was, and a drag to nowhere, changed nothing: that is not what is no longer there. */
    public function testWhatChangesNothingIsNoTrouble(): void
    {
        $before = Plans::of(self::TUBE, [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'motif', 'rows' => ['B'], 'round' => 12, 'fromFront' => 0]]);
        $now = (new Retype('body', self::LONGER))->apply($before);
        $nowhere = self::edit(['do' => 'shift', 'piece' => 'body', 'layer' => 1, 'rounds' => 0, 'degrees' => 0]);
        foreach ([self::set(['front/degrees' => 180]), $nowhere] as $nothing) {
            self::assertEquals($now, self::seen($before)->made($nothing, $now));
        }
    }

    public function testWhatIsNoLongerThereIsRefused(): void
    {
        $before = Plans::of(['24 sc in MR', 'R2-7: sc around', 'R8: hdc around']);
        $now = (new Retype('body', ['24 sc in MR', 'R2-7: sc around']))->apply($before);
        $this->expectExceptionMessage('edit.gone');
        self::seen($before)->made(self::set(['changes/at' => [['round' => 8, 'method' => 'plain']]]), $now);
    }

    public function testWhatWasSeenIsReadWithItsPlace(): void
    {
        $this->expectException(InvalidFields::class);
        $this->expectExceptionMessageMatches('/operations\[0\]\.seen\.terms/');
        $fields = Fields::of(['terms' => 'fr'], 'operations[0].seen');
        Seen::read($fields);
        $fields->done();
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Notation\Memory;
use Alternum\Core\Notation\Remembered;
use Alternum\Server\Tests\ApiTestCase;

/** Whatever is legal is answered, within bounds; what fails fails alone. */
final class LegalTest extends ApiTestCase
{
    protected function tearDown(): void
    {
        Remembered::by(null);
        parent::tearDown();
    }

    /**
     * @param array<string, list<string>> $pieces lines by key
     *
     * @return string the id of a plan with these pieces, striped
     */
    private function plan(array $pieces): string
    {
        [, $plan] = $this->firstPlan();
        $plan['assembly'] = [];
        $plan['pieces'] = array_map(static fn (string $key): array => [
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $pieces[$key], 'front' => ['degrees' => 180],
            'colours' => [['kind' => 'stripes', 'from' => 1, 'to' => 2, 'sequence' => [['yarn' => 'B', 'rounds' => 1], ['yarn' => 'A', 'rounds' => 1]]]],
            'changes' => ['method' => 'auto'],
        ], array_keys($pieces));

        return self::string($this->ask('POST', '/api/plans', $plan), 'id');
    }

    /** @return array<string, list<string>> twelve pieces of a hundred rounds */
    private static function twelve(): array
    {
        $pieces = [];
        for ($i = 1; $i <= 12; ++$i) {
            $pieces["p{$i}"] = ['6 sc in MR', 'R2-100: sc around'];
        }

        return $pieces;
    }

    public function testALineWithMoreStitchesThanARoundHoldsIsSaved(): void
    {
        $id = $this->plan(['body' => ['6 sc in MR', 'inc x6']]);
        $lines = ['6 sc in MR', 'inc x6', '(sc, inc) x 1500, fasten off'];
        $saved = $this->save($id, 1, ['do' => 'retype', 'piece' => 'body', 'rounds' => $lines]);
        $this->assertStatus(200);
        self::assertSame([null], array_column((array) $saved['results'], 'refused'));
        self::assertSame($lines, self::at($saved, 'plan', 'pieces', 0, 'rounds'));
        self::assertSame(1, $saved['errors']);
    }

    /** An operation that nobody foresaw to fail is refused alone, whether it fails itself or makes a plan that cannot be worked out. */
    public function testWhatFailsIsRefusedAlone(): void
    {
        $id = $this->plan(['body' => ['6 sc in MR', 'inc x6']]);
        Remembered::by(new class implements Memory {
            public function recall(string $key): ?object
            {
                return str_contains($key, 'boom') ? throw new \LogicException('A fault of the core.') : null;
            }

            public function keep(string $key, object $value): void
            {
            }
        });
        $saved = $this->save(
            $id,
            1,
            self::set(['title'], 'Before'),
            ['do' => 'retype', 'piece' => 'body', 'rounds' => ['6 sc in MR', 'boom']],
            self::set(['pieces', 'body', 'rounds'], ['boom']),
            self::set(['yarns', 'A', 'name'], 'After'),
        );
        $this->assertStatus(200);
        $refused = array_column((array) $saved['results'], 'refused');
        self::assertSame([true, false, false, true], array_map(static fn (mixed $why): bool => null === $why, $refused));
        self::assertStringContainsString('the fault is its own', self::string($saved, 'results', 2, 'refused', 'detail'));
        self::assertSame(['Before', 'After', ['6 sc in MR', 'inc x6']], [
            self::at($saved, 'plan', 'title'), self::at($saved, 'plan', 'yarns', 0, 'name'), self::at($saved, 'plan', 'pieces', 0, 'rounds'),
        ]);
    }

    public function testTheSameIdTwiceInOneMessageIsMadeOnce(): void
    {
        $id = $this->plan(['body' => ['6 sc in MR', 'inc x6', 'sc around']]);
        $longer = self::operation(['do' => 'resize', 'piece' => 'body', 'wider' => 0, 'longer' => 1]);
        $other = self::operation(self::set(['title'], 'Other'));
        $saved = $this->operations($id, 1, $longer, $other, $longer);
        $this->assertStatus(200);
        self::assertSame([2, 3, 2], array_column((array) $saved['results'], 'revision'));
        self::assertCount(4, (array) self::at($saved, 'analysis', 'pieces', 0, 'rounds'));
        $again = $this->operations($id, 3, self::operation(self::set(['title'], 'New')), $longer);
        self::assertSame([4, 2], array_column((array) $again['results'], 'revision'));
        self::assertCount(4, (array) self::at($again, 'analysis', 'pieces', 0, 'rounds'));
    }

    /** Who is overtaken hears by which operations, so that a browser knows its own; who has seen them goes on from there. */
    public function testWhoIsOvertakenHearsByWhat(): void
    {
        $id = $this->plan(['body' => ['6 sc in MR', 'inc x6', 'sc around']]);
        $first = self::operation(self::set(['title'], 'First'));
        $second = self::operation(['do' => 'resize', 'piece' => 'body', 'wider' => 0, 'longer' => 1]);
        $refused = self::operation(['do' => 'resize', 'piece' => 'nose', 'wider' => 0, 'longer' => 1]);
        $this->operations($id, 1, $first, $second, $refused);
        $late = self::operation(self::set(['yarns', 'A', 'name'], 'Late'));
        $answer = $this->operations($id, 1, $late);
        $this->assertStatus(412);
        self::assertSame([3, [$first['id'], $second['id']]], [$answer['revision'], $answer['since']]);
        self::assertSame([$second['id']], $this->operations($id, 1, $first, $late)['since'], 'What came before is known; what came after it is said.');
        $saved = $this->operations($id, 3, $first, $late);
        $this->assertStatus(200);
        self::assertSame([2, 4], array_column((array) $saved['results'], 'revision'));
        for ($i = 0; $i < 70; ++$i) {
            $this->save($id, 4 + $i, self::set(['title'], "Title {$i}"));
        }
        self::assertNull($this->operations($id, 4, self::operation(self::set(['title'], 'Too late')))['since'], 'More than are remembered.');
    }

    /** What is the same for every plan in these terms is not told to who says that it has it; other terms have other words. */
    public function testConstantsAreLeftOutWhereTheyAreKnown(): void
    {
        $id = $this->plan(self::twelve());
        $told = static fn (array $answer): mixed => \array_key_exists('constants', (array) $answer['analysis'])
            ? self::at($answer, 'analysis', 'constants', 'stitches', 's')
            : null;
        self::assertSame('sc', $told($this->ask('GET', "/api/plans/{$id}")));
        foreach ([['us', 'us', null], ['us', 'uk', 'dc'], ['uk', 'uk', null]] as $i => [$known, $terms, $single]) {
            $operation = ['id' => "operation-{$i}", 'group' => "group-of-{$i}", 'edit' => ['do' => 'words', 'terms' => $terms]];
            $saved = $this->ask('POST', "/api/plans/{$id}/operations?known={$known}-metric", ['base' => $i + 1, 'operations' => [$operation]]);
            $this->assertStatus(200);
            self::assertSame($single, $told($saved), "known {$known}, then {$terms}");
        }
    }

    public function testAnAnswerHoldsThePieceInHandAndAsManyOthersAsItBears(): void
    {
        $id = $this->plan(self::twelve());
        $keys = static fn (array $answer): array => array_column((array) self::at($answer, 'analysis', 'pieces'), 'key');
        self::assertSame(['p1', 'p2', 'p3', 'p4', 'p5'], $keys($this->ask('GET', "/api/plans/{$id}")));
        self::assertSame(['p1', 'p2', 'p3', 'p4', 'p9'], $keys($this->ask('GET', "/api/plans/{$id}?piece=p9")));
        self::assertSame(['p1', 'p2', 'p3', 'p4', 'p5'], $keys($this->ask('GET', "/api/plans/{$id}?piece=nose")));
        $operation = self::operation(self::set(['title'], 'Twelve'));
        $saved = $this->ask('POST', "/api/plans/{$id}/operations?piece=p12", ['base' => 1, 'operations' => [$operation]]);
        self::assertSame(['p1', 'p2', 'p3', 'p4', 'p12'], $keys($saved));
        self::assertSame(['B', 'A'], $saved['layerYarns']);
        $one = $this->ask('GET', "/api/plans/{$id}/pieces/p7");
        self::assertSame([2, 'p7'], [$one['revision'], self::at($one, 'piece', 'key')]);
        self::assertCount(100, (array) self::at($one, 'piece', 'rounds'));
        $this->ask('GET', "/api/plans/{$id}/pieces/nose");
        $this->assertStatus(404);
        $version = $this->ask('GET', "/api/plans/{$id}/versions/1?piece=p8");
        self::assertContains('p8', $keys($version));
    }

    /** Steps of a picture that changes yarn again and again, never alike, come in several answers, which are together what they were at once. */
    public function testManyStepsComeInSeveralAnswers(): void
    {
        $id = $this->plan(['body' => ['100 sc in MR', 'R2-100: sc around']]);
        $rows = array_map(
            static fn (int $row): string => substr(strtr(hash('sha512', (string) $row), '0123456789abcdef', 'ABABABABABABABAB'), 0, 100),
            range(1, 100),
        );
        $saved = $this->save($id, 1, ['do' => 'motif', 'piece' => 'body', 'rows' => $rows, 'round' => 1]);
        self::assertNull(self::at($saved, 'results', 0, 'refused'));
        $steps = [];
        $answers = 0;
        for ($after = 0; \is_int($after); $after = $answer['next'], ++$answers) {
            $answer = $this->ask('GET', "/api/plans/{$id}/steps?piece=body&after={$after}");
            array_push($steps, ...array_values((array) $answer['steps']));
        }
        self::assertGreaterThan(1, $answers);
        $plan = PlanReader::values(self::at($saved, 'plan'));
        $all = StepsWriter::steps($plan, Analysis::of($plan)->pieces[0], $plan->pieces[0]->copies->groups()[0], $plan->terms);
        self::assertSame(array_column($all, 'text'), array_column($steps, 'text'));
    }

    /** Of many mistakes those of the piece in hand are told first, and all are counted. */
    public function testThousandsOfMistakesAreTold(): void
    {
        $lines = static fn (string $word): array => ['6 sc in MR', ...array_fill(0, 150, "{$word} around")];
        $id = $this->plan(['one' => $lines('wobble'), 'two' => $lines('quiver')]);
        $opened = $this->ask('GET', "/api/plans/{$id}?piece=two");
        $told = (array) self::at($opened, 'analysis', 'problems');
        self::assertCount(100, $told);
        self::assertSame(array_fill(0, 100, 'two'), array_column($told, 'piece'));
        self::assertSame(300, $opened['errors']);
    }

    public function testAPlanDoesNotGrowOverWhatIsWritten(): void
    {
        $pieces = [];
        for ($i = 1; $i <= 16; ++$i) {
            $pieces["p{$i}"] = ['6 sc in MR', 'R2-375: sc around'];
        }
        $id = $this->plan($pieces);
        $longer = $this->save($id, 1, ['do' => 'retype', 'piece' => 'p1', 'rounds' => ['6 sc in MR', 'R2-376: sc around']], self::set(['title'], 'Still'));
        self::assertSame('All pieces together can have 6,000 rounds.', self::string($longer, 'results', 0, 'refused', 'detail'));
        self::assertSame('Still', self::at($longer, 'plan', 'title'));
        $shorter = $this->save($id, 2, ['do' => 'retype', 'piece' => 'p1', 'rounds' => ['6 sc in MR', 'R2-300: sc around']]);
        self::assertSame([null], array_column((array) $shorter['results'], 'refused'));
        $remark = '# '.str_repeat('salt wind ', 190);
        $larger = $this->save($id, 3, ['do' => 'retype', 'piece' => 'p2', 'rounds' => array_fill(0, 150, $remark)]);
        self::assertStringContainsString('larger than 256 kB', self::string($larger, 'results', 0, 'refused', 'detail'));
    }

    /** What is over a limit can be undone to: a layer that was taken out comes back. */
    public function testAnUndoLeadsBackOverALimit(): void
    {
        [, $plan] = $this->firstPlan();
        $piece = (array) self::at($plan, 'pieces', 0);
        $fills = array_fill(0, 150, ['kind' => 'fill', 'yarn' => 'B']);
        $plan['pieces'] = [['colours' => $fills] + $piece];
        $id = self::string($this->ask('POST', '/api/plans', $plan), 'id');
        $before = $this->ask('GET', "/api/plans/{$id}")['plan'];
        $at = ['pieces', self::string($piece, 'key'), 'colours'];
        $fewer = $this->save($id, 1, self::set($at, \array_slice($fills, 0, 149)));
        self::assertNull(self::at($fewer, 'results', 0, 'refused'));
        $back = $this->save($id, 2, ['do' => 'take', 'plan' => $before, 'says' => 'Undone']);
        self::assertNull(self::at($back, 'results', 0, 'refused'));
        self::assertSame($before, $back['plan']);
        $more = $this->save($id, 3, self::set($at, [...$fills, $fills[0]]));
        self::assertNotNull(self::at($more, 'results', 0, 'refused'));
    }

    /** An earlier version took such a title: whoever changes it can go back. */
    public function testAnUndoLeadsBackToANameThatIsNoLongerTaken(): void
    {
        $id = $this->plan(['body' => ['6 sc in MR']]);
        $before = ['title' => "be\u{7}ll"] + (array) $this->ask('GET', "/api/plans/{$id}")['plan'];
        $back = $this->save($id, 1, ['do' => 'take', 'plan' => $before, 'says' => 'Undone']);
        self::assertNull(self::at($back, 'results', 0, 'refused'));
        self::assertSame("be\u{7}ll", self::string($back, 'plan', 'title'));
    }

    public function testWhatIsNotSeenIsNoPartOfAName(): void
    {
        $id = $this->plan(['body' => ['6 sc in MR']]);
        foreach ([['title'], ['yarns', 'A', 'name'], ['pieces', 'body', 'name']] as $at) {
            foreach (["be\u{7}ll", "tab\tbed", "li\u{2028}ne", "\u{0}"] as $name) {
                $saved = $this->save($id, 1, self::set($at, $name));
                self::assertSame('This holds a character that cannot be seen.', self::string($saved, 'results', 0, 'refused', 'detail'));
            }
        }
        [, $plan] = $this->firstPlan();
        $this->ask('POST', '/api/plans', ['title' => "be\u{7}ll"] + $plan);
        $this->assertStatus(422);
        self::assertNull(self::at($this->save($id, 1, self::set(['title'], 'Möwe 🧶 عين')), 'results', 0, 'refused'));
    }
}

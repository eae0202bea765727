<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Ways;
use Alternum\Core\Edit\Choice;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\PieceChoices;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What could be otherwise on a piece, to be looked at beside what is. */
final class PieceChoicesTest extends TestCase
{
    /** @return list<Choice> */
    private static function of(Plan $plan, string $key = 'body'): array
    {
        $piece = Analysis::of($plan)->piece($key);
        self::assertNotNull($piece);

        return PieceChoices::of($plan, $piece);
    }

    /**
     * @param list<Choice> $choices
     *
     * @return array<string, list<string>> labels by what is chosen
     */
    private static function told(array $choices): array
    {
        $told = [];
        foreach ($choices as $choice) {
            $told[MessageWords::says($choice->about)][] = MessageWords::says($choice->label);
        }

        return $told;
    }

    public function testAStripedPieceHasMethodsFrontsYarnsAndPlaces(): void
    {
        $eyes = ['key' => 'e', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'apart' => 4];
        $plan = Plans::of(Plans::ball(5), [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 9, [['B', 2], ['A', 2]])], ['placements' => [$eyes]]);
        $told = self::told(self::of($plan));
        self::assertContains(Ways::of(Method::DrawnLoop)->label(), $told['How colours change'] ?? []);
        self::assertContains('the back in front', $told['Which side is the front'] ?? []);
        self::assertSame(['Chalk and Brick'], $told['Yarns swapped'] ?? []);
        self::assertSame(['Eyes a round earlier', 'Eyes a round later', 'Eyes wider apart', 'Eyes closer together'], $told['Where things are'] ?? []);
    }

    public function testWhereNothingChangesOnlyTheFrontCanBeChosen(): void
    {
        self::assertSame(['Which side is the front'], array_keys(self::told(self::of(Plans::of(Plans::ball(5), [['kind' => 'fill', 'yarn' => 'A']])))));
        $rows = ['ch 11, sc in 2nd ch from hook and across (10)', 'R2-4: ch 1, turn, sc across'];
        self::assertSame([], self::of(Plans::of($rows, piece: ['worked' => 'rows'])));
    }

    public function testYarnsAreSwappedWithAllThatTheyAre(): void
    {
        $plan = Plans::of(Plans::ball(5), [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 9, [['B', 2], ['A', 2]])]);
        foreach (self::of($plan) as $choice) {
            if ('Chalk and Brick' === MessageWords::says($choice->label)) {
                $swapped = EditKinds::read($choice->edit, 'edit')->apply($plan);
                self::assertSame(['Brick', 'Chalk'], [$swapped->yarn('A')?->name, $swapped->yarn('B')?->name]);
                self::assertSame([null, 50.0], [$swapped->yarn('A')?->onHandGrams, $swapped->yarn('B')?->onHandGrams]);

                return;
            }
        }
        self::fail('There is nothing to swap.');
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file) => [$file];
        }
    }

    /** Each can be made, and makes another plan that can be worked out. */
    #[DataProvider('demos')]
    public function testEachOfADemoPlanCanBeMade(string $file): void
    {
        $plan = PlanReader::json((string) file_get_contents($file));
        $made = 0;
        foreach ($plan->pieces as $piece) {
            foreach (self::of($plan, $piece->key) as $choice) {
                $other = EditKinds::read($choice->edit, 'edit')->apply($plan);
                self::assertNotSame($plan->values(), $other->values(), MessageWords::says($choice->label));
                ++$made;
            }
        }
        self::assertGreaterThan(0, $made);
    }

    /** By hand: a joined tube without lean changes at its marker, opposite the front; from the front nothing of it is seen, so the toy is turned about. */
    public function testMethodsAreLookedAtFromWhereTheJogsAre(): void
    {
        $plan = Plans::of(
            ['24 sc in MR', 'R2-8: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(3, 6, [['B', 2], ['A', 2]])],
            ['worked' => 'joined', 'lean' => 0, 'front' => ['degrees' => 180]],
        );
        foreach (self::of($plan) as $choice) {
            self::assertEqualsWithDelta('choice.methods' === $choice->about->code ? 180.0 : 0.0, abs($choice->turned), 1e-9);
        }
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;

final class WholeToyTest extends ApiTestCase
{
    /** Each piece is where it is on the toy, with all that it is drawn from. */
    public function testTheWholeToy(): void
    {
        [$id] = $this->firstPlan();
        $toy = $this->ask('GET', "/api/plans/{$id}/toy");
        $this->assertStatus(200);
        self::assertTrue($toy['isWhole']);
        self::assertSame([['float', null], ['staff', 'float']], array_map(
            static fn (mixed $pose): array => [((array) $pose)['piece'], ((array) $pose)['on']],
            (array) $toy['poses'],
        ));
        self::assertSame(['float', 'staff'], array_column((array) $toy['pieces'], 'key'));
    }

    /** What an edit would make of it, and what it would need then: nothing is saved. */
    public function testTheToyAsItWouldBe(): void
    {
        [$id] = $this->firstPlan();
        $before = $this->ask('GET', "/api/plans/{$id}");
        $choices = (array) $this->ask('GET', "/api/plans/{$id}/choices?piece=float")['choices'];
        self::assertContains('Yarns swapped', array_column($choices, 'about'));
        foreach (['How colours change', 'Which side is the front', 'Yarns swapped'] as $about) {
            $choice = (array) array_values(array_filter($choices, static fn (mixed $one): bool => $about === ((array) $one)['about']))[0];
            $toy = $this->ask('POST', "/api/plans/{$id}/toy", ['edit' => $choice['edit']]);
            $this->assertStatus(200);
            self::assertSame(['float', 'staff'], array_column((array) $toy['pieces'], 'key'));
            self::assertCount(3, (array) $toy['yarns']);
        }
        $compared = $this->ask('POST', "/api/plans/{$id}/needed", ['edit' => ['do' => 'another-yarn', 'weight' => 'bulky']]);
        $this->assertStatus(200);
        $hooks = static fn (mixed $lines): array => array_column(
            array_filter((array) $lines, static fn (mixed $line): bool => 'Hook' === ((array) $line)['name']),
            'text',
        );
        self::assertSame([['3 mm'], ['4.5 mm, US 7']], [$hooks($compared['now']), $hooks($compared['after'])]);
        $this->ask('POST', "/api/plans/{$id}/needed", ['edit' => ['do' => 'another-yarn', 'weight' => 'jumbo', 'metresPer100g' => 1]]);
        $this->assertStatus(422);
        $this->ask('POST', "/api/plans/{$id}/toy", ['edit' => ['do' => 'dance']]);
        $this->assertStatus(422);
        self::assertSame($before['plan'], $this->ask('GET', "/api/plans/{$id}")['plan']);
    }

    /** A picture that any browser draws. */
    public function testAStill(): void
    {
        [$id] = $this->firstPlan();
        $this->ask('GET', "/api/plans/{$id}/still");
        $this->assertStatus(200);
        self::assertSame('image/svg+xml', $this->response()->headers->get('Content-Type'));
        $whole = (string) $this->response()->getContent();
        $this->ask('GET', "/api/plans/{$id}/still?piece=float&turned=90");
        self::assertNotSame($whole, $this->response()->getContent());
        $this->ask('GET', "/api/plans/{$id}/still?piece=cat");
        $this->assertStatus(404);
    }
}

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
}

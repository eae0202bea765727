<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;

final class YarnsTest extends ApiTestCase
{
    private const YARN = ['name' => 'Kelp', 'hex' => '#445533', 'weight' => 'sport', 'metresPer100g' => 320, 'grams' => 12.5];

    public function testAddChangeRemove(): void
    {
        $added = $this->ask('POST', '/api/yarns', self::YARN);
        $this->assertStatus(201);
        $id = self::string($added, 'id');
        self::assertEquals(self::YARN + ['id' => $id], $added);
        $this->ask('PUT', "/api/yarns/{$id}", ['grams' => 3] + self::YARN);
        $this->assertStatus(200);
        $yarns = (array) $this->ask('GET', '/api/shelf')['yarns'];
        self::assertEquals(['id' => $id, 'grams' => 3] + self::YARN, end($yarns));
        $this->ask('DELETE', "/api/yarns/{$id}");
        $this->assertStatus(204);
        self::assertCount(3, (array) $this->ask('GET', '/api/shelf')['yarns']);
    }

    public function testAWrongYarnIsRefusedAtItsField(): void
    {
        $refused = $this->ask('POST', '/api/yarns', ['hex' => 'green', 'grams' => -1, 'smell' => 'sheep'] + self::YARN);
        $this->assertStatus(422);
        self::assertSame(['hex', 'grams', 'smell'], array_column((array) $refused['problems'], 'path'));
    }
}

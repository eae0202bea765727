<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;

/** A plan that is put by is still there, and is told apart on the shelf. */
final class ArchiveTest extends ApiTestCase
{
    public function testAPlanIsPutByAndBackAmongTheOthers(): void
    {
        $this->openWorkshop();
        [$id] = $this->firstPlan();
        self::assertFalse($this->isArchived($id));
        $this->ask('POST', "/api/plans/{$id}/archive");
        $this->assertStatus(204);
        self::assertTrue($this->isArchived($id));
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
        $this->ask('POST', "/api/plans/{$id}/unarchive");
        $this->assertStatus(204);
        self::assertFalse($this->isArchived($id));
    }

    public function testADeletedPlanCannotBePutBy(): void
    {
        $this->openWorkshop();
        [$id] = $this->firstPlan();
        $this->ask('DELETE', "/api/plans/{$id}");
        $this->ask('POST', "/api/plans/{$id}/archive");
        $this->assertStatus(404);
    }

    private function isArchived(string $id): bool
    {
        $plans = $this->ask('GET', '/api/shelf')['plans'];
        self::assertIsArray($plans);
        foreach ($plans as $plan) {
            if (\is_array($plan) && $id === $plan['id']) {
                return true === $plan['archived'];
            }
        }
        self::fail('It is on no shelf.');
    }

    /** A toy to learn from that was taken off the shelf is had again, as it was; there are no others. */
    public function testADemoToyIsHadAgain(): void
    {
        $this->openWorkshop();
        $demos = $this->ask('GET', '/api/demos')['demos'];
        self::assertIsArray($demos);
        self::assertSame(['Harbour buoy', 'Otter in a striped jersey', 'Spotted mushroom', 'Barrel cactus in a pot'], array_column($demos, 'title'));
        [$first] = $this->firstPlan();
        $this->save($first, 1, self::set(['title'], 'Changed'));
        $begun = $this->ask('POST', '/api/demos/'.self::string($demos, 0, 'name'));
        $this->assertStatus(201);
        $opened = $this->ask('GET', '/api/plans/'.self::string($begun, 'id'));
        self::assertSame('Harbour buoy', self::at($opened, 'plan', 'title'));
        self::assertIsArray($plans = $this->ask('GET', '/api/shelf')['plans']);
        self::assertCount(5, $plans);
        $this->ask('POST', '/api/demos/no-such-toy');
        $this->assertStatus(404);
    }
}

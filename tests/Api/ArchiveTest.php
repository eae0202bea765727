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
}

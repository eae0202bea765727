<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Server\Database\PendingMigrations;
use Alternum\Server\Http\ProblemResponse;
use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What a watchman asks: nothing of any workshop, and nothing of what this runs on. */
final readonly class HealthController
{
    /** PHP answers: whether it has all that it needs is /ready's to say. */
    #[Route('/health', methods: 'GET')]
    public function health(): Response
    {
        return new JsonResponse(['ok' => true]);
    }

    /** Whether makers can be sent here: the database answers, within the time that every question has, and has the tables of this program. */
    #[Route('/ready', methods: 'GET')]
    public function ready(Connection $database, PendingMigrations $migrations): Response
    {
        $database->executeQuery('SELECT 1');
        $pending = $migrations->count();

        return 0 === $pending
            ? new JsonResponse(['ok' => true])
            : ProblemResponse::of(
                Response::HTTP_SERVICE_UNAVAILABLE,
                "The database has not all tables of this program yet: migrations to be made: {$pending}.",
                'Run bin/start, which makes them.',
            );
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Words\Drawing\Drawings;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** How methods, ends and techniques are done: the same for all. */
final readonly class DrawingController
{
    private const KEPT = 86400;

    #[Route('/api/drawings', methods: 'GET')]
    public function drawings(): Response
    {
        return (new JsonResponse(['drawings' => Drawings::values()]))->setPrivate()->setMaxAge(self::KEPT);
    }
}

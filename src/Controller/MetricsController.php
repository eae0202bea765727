<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Server\Watch\Metrics;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Numbers for a watchman's own program: nginx lets in who may ask. */
final readonly class MetricsController
{
    #[Route('/metrics', methods: 'GET')]
    public function metrics(Metrics $metrics): Response
    {
        return new Response($metrics->text(), Response::HTTP_OK, ['Content-Type' => 'text/plain; version=0.0.4; charset=utf-8']);
    }
}

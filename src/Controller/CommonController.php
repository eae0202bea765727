<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Exchange\Exports;
use Alternum\Core\Exchange\PracticeWriter;
use Alternum\Core\Words\Drawing\Drawings;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is the same for all: how methods, ends and techniques are done, and what a plan can be taken away as. */
final readonly class CommonController
{
    private const KEPT = 86400;

    /** In which formats a plan goes out. */
    #[Route('/api/exports', methods: 'GET')]
    public function exports(): Response
    {
        return (new JsonResponse(['exports' => Exports::menu()]))->setPrivate()->setMaxAge(self::KEPT);
    }

    #[Route('/api/drawings', methods: 'GET')]
    public function drawings(): Response
    {
        return (new JsonResponse(['drawings' => Drawings::values()]))->setPrivate()->setMaxAge(self::KEPT);
    }

    /** A small ball to practise on, with what it explains. */
    #[Route('/api/practice', methods: 'GET')]
    public function practice(): Response
    {
        return (new JsonResponse(PracticeWriter::values()))->setPrivate()->setMaxAge(self::KEPT);
    }
}

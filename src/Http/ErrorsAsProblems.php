<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Words\MessageWords;
use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\ErrorHandler\Error\OutOfMemoryError;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Twig\Environment;

/** Says every error of the API as problem details, and every other as a page of ours. */
#[AsEventListener(priority: -64)]
final readonly class ErrorsAsProblems
{
    /** @param Environment $twig made where it is asked for only: every request, a save too, makes those that listen for errors */
    public function __construct(#[Autowire(lazy: true)] private Environment $twig, private Assets $assets)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        if ($error instanceof AccessDeniedException || $error instanceof AuthenticationException) {
            return;
        }
        $problem = self::problem($error);
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            $said = json_decode((string) $problem->getContent(), true);
            $page = $this->twig->render('error.html.twig', ['said' => $said, 'entry' => $this->assets->entry(Assets::BENCH)]);
            $problem = new Response($page, $problem->getStatusCode());
        }
        if ($error instanceof HttpExceptionInterface) {
            $problem->headers->add(array_diff_key($error->getHeaders(), ['Content-Type' => true]));
        }
        $event->setResponse($problem);
    }

    private static function problem(\Throwable $error): Response
    {
        return match (true) {
            // What PHP stops by itself: see bin/lib/templates/fpm.conf.
            $error instanceof OutOfMemoryError,
            $error instanceof FatalError && str_contains($error->getMessage(), 'Maximum execution time') => ProblemResponse::of(
                503,
                'This would take too long, so it was stopped.',
                'Nothing is lost. Do it in parts: fewer pieces, rounds or layers at once.',
            ),
            // What it is to lie in is gone: a workshop that was tidied away since it was opened.
            $error instanceof ForeignKeyConstraintViolationException => ProblemResponse::of(
                401,
                'This workshop is no longer here.',
                'Load the page again: it opens a new one.',
            ),
            $error instanceof InvalidFields => ProblemResponse::of(
                422,
                MessageWords::says($error->problems[0]->message),
                MessageWords::mend($error->problems[0]->message),
                ['problems' => ReadingWriter::problems($error->problems)],
            ),
            $error instanceof EditRefused => ProblemResponse::of(422, MessageWords::says($error->says), MessageWords::mend($error->says)),
            $error instanceof HttpExceptionInterface && 404 === $error->getStatusCode() => ProblemResponse::of(
                404,
                'This is not on your shelf.',
                'It may have been taken off. Go back to the shelf.',
            ),
            $error instanceof HttpExceptionInterface => ProblemResponse::of(
                $error->getStatusCode(),
                'This cannot be done.',
                'Nothing is lost. Go back to the shelf, and open the plan from there.',
            ),
            default => ProblemResponse::of(
                500,
                'Something went wrong here, not with you.',
                'What you made is kept in the browser; it is saved when this works again.',
            ),
        };
    }
}

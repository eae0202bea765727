<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Says every error of the API as problem details. */
#[AsEventListener(priority: -64)]
final class ErrorsAsProblems
{
    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/') || $error instanceof AccessDeniedException
            || $error instanceof AuthenticationException) {
            return;
        }
        $response = match (true) {
            $error instanceof InvalidFields => ProblemResponse::of(
                422,
                $error->problems[0]->message,
                $error->problems[0]->mend,
                ['problems' => ReadingWriter::problems($error->problems)],
            ),
            $error instanceof EditRefused => ProblemResponse::of(422, $error->getMessage(), 'Do it otherwise, or leave it.'),
            $error instanceof HttpExceptionInterface && 404 === $error->getStatusCode() => ProblemResponse::of(
                404,
                'This is not on your shelf.',
                'It may have been taken off. Go back to the shelf.',
            ),
            $error instanceof HttpExceptionInterface => ProblemResponse::of(
                $error->getStatusCode(),
                '' === $error->getMessage() ? 'This cannot be done.' : $error->getMessage(),
                'Nothing is lost. Go back to the shelf, and open the plan from there.',
            ),
            default => ProblemResponse::of(
                500,
                'Something went wrong here, not with you.',
                'What you made is kept in the browser; it is saved when this works again.',
            ),
        };
        if ($error instanceof HttpExceptionInterface) {
            $response->headers->add($error->getHeaders());
            $response->headers->set('Content-Type', 'application/problem+json');
        }
        $event->setResponse($response);
    }
}

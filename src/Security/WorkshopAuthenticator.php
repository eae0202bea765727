<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Http\ProblemResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** Lets a browser into the workshop whose cookie it holds. */
final class WorkshopAuthenticator extends AbstractAuthenticator implements AuthenticationEntryPointInterface
{
    public function __construct(private readonly WorkshopCookie $cookie)
    {
    }

    public function supports(Request $request): bool
    {
        return null !== $this->cookie->read($request);
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        return new SelfValidatingPassport(new UserBadge($this->cookie->read($request) ?? ''));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    /** A cookie of a workshop that is gone is as good as none: pages open a new one, and who signs in needs none. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return ProblemResponse::of(
            Response::HTTP_UNAUTHORIZED,
            'There is no workshop open in this browser.',
            'It was signed out, or its cookie is lost. Open the first page: it begins a new workshop, and a recovery link opens the one before.',
        );
    }
}

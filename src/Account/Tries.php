<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Server\Http\ProblemResponse;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/**
 * How often a password or a code may be tried: of one name, of one name from one address, and from one address. At most 100 an hour of a name:
 * OWASP ASVS 4.0.3, V2.2.1 (from memory).
 */
final readonly class Tries
{
    public function __construct(
        #[Autowire(service: 'limiter.sign_in')] private RateLimiterFactory $ofName,
        #[Autowire(service: 'limiter.sign_in_here')] private RateLimiterFactory $ofNameHere,
        #[Autowire(service: 'limiter.account')] private RateLimiterFactory $here,
    ) {
    }

    /** Counts a try; what is answered instead where there were too many. */
    public function refuse(string $name, Request $request): ?Response
    {
        $limiters = [[$this->here, (string) $request->getClientIp()], [$this->ofNameHere, self::here($name, $request)], [$this->ofName, self::key($name)]];
        foreach ($limiters as [$limiter, $key]) {
            $limit = $limiter->create($key)->consume();
            if (!$limit->isAccepted()) {
                return ProblemResponse::tooMany('That was tried too often.', $limit);
            }
        }

        return null;
    }

    /** Whoever was right may go on at once. */
    public function wasRight(string $name, Request $request): void
    {
        $this->ofNameHere->create(self::here($name, $request))->reset();
    }

    private static function here(string $name, Request $request): string
    {
        return self::key($name).' '.$request->getClientIp();
    }

    /** No name lies in the memory that is shared. */
    private static function key(string $name): string
    {
        return hash('sha256', mb_strtolower($name));
    }
}

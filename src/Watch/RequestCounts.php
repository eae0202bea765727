<?php

declare(strict_types=1);

namespace Alternum\Server\Watch;

use Alternum\Server\Http\OneAtATime;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/** Counts each request once it is answered: by what was asked, how it ended and how long it took; never by whom, nor about what. */
#[AsEventListener]
final readonly class RequestCounts
{
    /** Seconds up to which answers are counted together. */
    private const UP_TO = ['0.025', '0.05', '0.1', '0.25', '0.5', '1', '2.5', '5'];

    /** What a request is marked with by who refuses it, where its status does not say why. */
    public const WHY = '_refused';

    private const REFUSED = [
        Response::HTTP_FORBIDDEN => 'key',
        Response::HTTP_REQUEST_ENTITY_TOO_LARGE => 'size',
        Response::HTTP_UNSUPPORTED_MEDIA_TYPE => 'kind',
        Response::HTTP_TOO_MANY_REQUESTS => 'rate',
    ];

    public function __construct(private Counters $counters)
    {
    }

    public function __invoke(TerminateEvent $event): void
    {
        $request = $event->getRequest();
        $status = $event->getResponse()->getStatusCode();
        $name = $request->attributes->getString('_route', 'none');
        $route = preg_replace('/^alternum_server_/', '', $name) ?? $name;
        $this->counters->add("alternum_requests_total{route=\"{$route}\",status=\"{$status}\"}");
        if (isset(self::REFUSED[$status])) {
            $why = $request->attributes->getString(self::WHY, self::REFUSED[$status]);
            $this->counters->add("alternum_refusals_total{why=\"{$why}\"}");
        }

        $began = $request->server->get('REQUEST_TIME_FLOAT');
        $seconds = is_numeric($began) ? max(0.0, microtime(true) - (float) $began) : 0.0;
        $kind = self::kind($request);
        foreach (self::UP_TO as $end) {
            // None is added where it took longer, so that each end is there from the first answer on.
            $this->counters->add("alternum_request_seconds_bucket{kind=\"{$kind}\",le=\"{$end}\"}", $seconds <= (float) $end ? 1 : 0);
        }
        $this->counters->add("alternum_request_seconds_bucket{kind=\"{$kind}\",le=\"+Inf\"}");
        $this->counters->add("alternum_request_seconds_count{kind=\"{$kind}\"}");
        $this->counters->add("alternum_request_seconds_sum{kind=\"{$kind}\"}", (int) round($seconds * 1e6));
    }

    private static function kind(Request $request): string
    {
        return match (true) {
            !str_starts_with($request->getPathInfo(), '/api/') => 'page',
            $request->attributes->has(OneAtATime::HEAVY) => 'heavy',
            $request->isMethodSafe() => 'read',
            default => 'change',
        };
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

use Alternum\Server\Controller\PolicyReportController;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Headers that keep the page to its own scripts, styles and fonts. */
#[AsEventListener]
final class SecurityHeaders
{
    public const NONCE = '_style_nonce';

    public function __invoke(ResponseEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $nonce = $event->getRequest()->attributes->get(self::NONCE);
        $styles = \is_string($nonce) ? "'self' 'nonce-{$nonce}'" : "'self'";
        $headers = $event->getResponse()->headers;
        $headers->set(
            'Content-Security-Policy',
            "default-src 'none'; script-src 'self'; style-src {$styles}; img-src 'self' data: blob:;"
            ." font-src 'self'; connect-src 'self'; worker-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none';"
            .' report-to policy; report-uri '.PolicyReportController::PATH,
        );
        $headers->set('Reporting-Endpoints', 'policy="'.PolicyReportController::PATH.'"');
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
        if (!$headers->has('Cache-Control') || str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            $headers->set('Cache-Control', 'no-store, private');
        }
    }
}

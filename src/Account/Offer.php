<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Server\Http\ProblemResponse;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;

/** Whether accounts are offered here (ALTERNUM_ACCOUNTS); where they are not, all of them is answered alike. */
#[AsEventListener(priority: 16)]
final readonly class Offer
{
    public function __construct(#[Autowire('%env(ALTERNUM_ACCOUNTS)%')] private string $setting)
    {
    }

    public function __invoke(ControllerEvent $event): void
    {
        if (!$this->isMade() && [] !== $event->getAttributes(Offered::class)) {
            $event->setController(static fn (): Response => ProblemResponse::of(
                Response::HTTP_NOT_FOUND,
                'There are no accounts here.',
                'A recovery link opens your workshop in another browser. Whoever runs this Alternum can offer accounts, too.',
            ));
        }
    }

    public function isMade(): bool
    {
        return 'on' === $this->setting;
    }
}

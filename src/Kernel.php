<?php

declare(strict_types=1);

namespace Alternum\Server;

use Alternum\Core\Notation\Remembered;
use Alternum\Server\Cache\ApcuMemory;
use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function boot(): void
    {
        parent::boot();
        if (apcu_enabled()) {
            Remembered::by(new ApcuMemory());
        }
    }
}

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

    /** Of the code that it was compiled from, where the server was begun with a folder for that: see bin/lib/web.sh. */
    public function getCacheDir(): string
    {
        $folder = $_SERVER['ALTERNUM_CACHE'] ?? null;

        return $this->getProjectDir().'/var/cache/'.(\is_string($folder) && 'prod' === $this->environment ? $folder : $this->environment);
    }

    public function boot(): void
    {
        parent::boot();
        if (apcu_enabled()) {
            Remembered::by(new ApcuMemory());
        }
    }
}

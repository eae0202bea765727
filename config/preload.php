<?php

declare(strict_types=1);

// Classes that a save needs, linked once when PHP starts rather than in every request: see bin/lib/templates/fpm.conf.
require dirname(__DIR__).'/vendor/autoload.php';

$cache = getenv('ALTERNUM_CACHE');
$compiled = dirname(__DIR__).'/var/cache/'.(false === $cache ? 'prod' : $cache).'/Alternum_Server_KernelProdContainer.preload.php';
if (is_file($compiled)) {
    require $compiled;
}

foreach (['core/src' => 'Alternum\\Core\\', 'src' => 'Alternum\\Server\\'] as $folder => $namespace) {
    $root = dirname(__DIR__)."/{$folder}/";
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $name = substr($file->getPathname(), strlen($root));
        if (str_ends_with($name, '.php') && 'get_error_handler.php' !== $name) {
            class_exists($namespace.strtr(substr($name, 0, -4), '/', '\\'));
        }
    }
}

// Symfony's own list holds the services; these are what they reach for on the way to a saved plan.
Doctrine\DBAL\Types\Type::getTypeRegistry();
foreach ([
    Doctrine\DBAL\Driver\PDO\MySQL\Driver::class,
    Doctrine\DBAL\Driver\PDO\Connection::class,
    Doctrine\DBAL\Driver\PDO\PDOConnect::class,
    Doctrine\DBAL\Driver\PDO\Result::class,
    Doctrine\DBAL\Driver\PDO\Statement::class,
    Doctrine\DBAL\DriverManager::class,
    Doctrine\DBAL\Connection\StaticServerVersionProvider::class,
    Doctrine\DBAL\Platforms\MariaDB1010Platform::class,
    Doctrine\DBAL\Platforms\MySQL\MySQLMetadataProvider::class,
    Doctrine\DBAL\Schema\MySQLSchemaManager::class,
    Doctrine\Bundle\MigrationsBundle\EventListener\SchemaFilterListener::class,
    Symfony\Bridge\Doctrine\Types\UlidType::class,
    Symfony\Bridge\Doctrine\Types\DatePointType::class,
    Symfony\Bridge\Doctrine\Types\DayPointType::class,
    Symfony\Bridge\Doctrine\Types\TimePointType::class,
    Symfony\Component\Clock\NativeClock::class,
    Symfony\Component\DependencyInjection\Exception\EnvNotFoundException::class,
    Symfony\Component\HttpFoundation\JsonResponse::class,
    Symfony\Component\OptionsResolver\OptionConfigurator::class,
    Symfony\Component\OptionsResolver\OptionsResolver::class,
    Symfony\Component\RateLimiter\Policy\Rate::class,
    Symfony\Component\RateLimiter\Policy\TokenBucket::class,
    Symfony\Component\RateLimiter\Policy\TokenBucketLimiter::class,
    Symfony\Component\RateLimiter\Util\TimeUtil::class,
    Symfony\Component\Routing\Attribute\Route::class,
    Symfony\Component\Security\Core\AuthenticationEvents::class,
    Symfony\Component\Security\Http\Attribute\CurrentUser::class,
    Symfony\Component\Security\Http\Authenticator\Token\PostAuthenticationToken::class,
    Symfony\Component\Security\Http\Event\AuthenticationTokenCreatedEvent::class,
] as $class) {
    class_exists($class);
}

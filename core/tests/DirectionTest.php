<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core names nothing outside itself but its one library, and no stage names a later one. */
final class DirectionTest extends TestCase
{
    private const STAGES = ['Drawing', 'Plan', 'Notation', 'Fabric', 'Colour', 'Change', 'Frame', 'Place', 'Form', 'Toy', 'Yarn', 'Making', 'Words'];

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        $root = \dirname(__DIR__).'/src/';
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = substr($file->getPathname(), \strlen($root));
            yield $path => [$path, (string) file_get_contents($file->getPathname())];
        }
    }

    #[DataProvider('files')]
    public function testNamesOnlyWhatItMay(string $path, string $code): void
    {
        preg_match_all('/^use ([\w\\\\]+)/m', $code, $uses);
        preg_match_all('/(?<![\w\\\\])\\\\((?:Alternum|Symfony|Doctrine|Psr|SebastianBergmann)[\w\\\\]+)/', $code, $inline);
        $stage = array_search(strstr($path, '/', true), self::STAGES, true);
        $wrong = [];
        foreach ([...$uses[1], ...$inline[1]] as $name) {
            if (!str_starts_with($name, 'Alternum\\Core\\')) {
                $isLibrary = (str_starts_with($path, 'Notation/') && str_starts_with($name, 'Doctrine\\Common\\Lexer\\'))
                    || (str_starts_with($path, 'Edit/') && str_starts_with($name, 'SebastianBergmann\\Diff\\'));
                $wrong = [...$wrong, ...($isLibrary ? [] : [$name])];
            } elseif (false !== $stage) {
                $other = array_search(explode('\\', $name)[2], self::STAGES, true);
                $wrong = [...$wrong, ...(false === $other || $other > $stage ? [$name] : [])];
            }
        }
        self::assertSame([], $wrong, "{$path} names what it may not");
    }

    #[DataProvider('files')]
    public function testHasNoClockAndNoInput(string $path, string $code): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/(?<![\w>:$])(time|date|microtime|rand|mt_rand|random_int|file_get_contents|fopen|getenv)\s*\(/',
            $code,
            $path,
        );
    }
}

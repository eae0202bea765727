<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;

/** How the code is laid out: CONTRIBUTING.md. */
final class HouseTest extends TestCase
{
    private const LINE = 160;
    private const LINES = 300;
    private const BY_PLACE = 5;

    /** @return iterable<string, string> the sources, by their paths */
    private static function sources(string ...$folders): iterable
    {
        $root = \dirname(__DIR__, 2);
        foreach ($folders as $folder) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/{$folder}", \FilesystemIterator::SKIP_DOTS));
            /** @var \SplFileInfo $file */
            foreach ($files as $file) {
                if (\in_array($file->getExtension(), ['php', 'ts', 'tsx', 'mjs', 'css', 'sh'], true) && !str_contains($file->getPathname(), '/generated/')) {
                    yield substr($file->getPathname(), \strlen($root) + 1) => (string) file_get_contents($file->getPathname());
                }
            }
        }
    }

    public function testNoLineIsLongAndNoFileIsLong(): void
    {
        $long = [];
        foreach (self::sources('core/src', 'core/tests', 'src', 'tests', 'bin', 'web', 'e2e') as $path => $source) {
            $lines = explode("\n", rtrim($source));
            if (\count($lines) > self::LINES) {
                $long[] = "{$path}: ".\count($lines).' lines';
            }
            foreach ($lines as $i => $line) {
                if (mb_strlen($line) > self::LINE) {
                    $long[] = "{$path}:".($i + 1).': '.mb_strlen($line).' characters';
                }
            }
        }
        self::assertSame([], $long);
    }

    public function testValuesOfManyFieldsAreBuiltByName(): void
    {
        $found = [];
        $parser = (new ParserFactory())->createForHostVersion();
        foreach (self::sources('core/src', 'src') as $path => $source) {
            foreach ((new NodeFinder())->findInstanceOf($parser->parse($source) ?? [], Node\Expr\New_::class) as $new) {
                $byPlace = array_filter($new->getArgs(), static fn (Node\Arg $arg): bool => null === $arg->name);
                if (\count($byPlace) > self::BY_PLACE) {
                    $found[] = "{$path}:{$new->getStartLine()}";
                }
            }
        }
        self::assertSame([], $found);
    }
}

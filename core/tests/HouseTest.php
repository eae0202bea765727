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

    /** Whoever works with it is the maker, in code, contract and docs. */
    public function testTheMakerIsCalledSo(): void
    {
        $found = [];
        $root = \dirname(__DIR__, 2);
        $texts = array_filter([...(array) glob("{$root}/contract/*.*"), ...(array) glob("{$root}/docs/*.md"), "{$root}/CONTRIBUTING.md"], is_string(...));
        foreach ([...self::sources('core/src', 'src', 'bin', 'web'), ...array_combine($texts, array_map(file_get_contents(...), $texts))] as $path => $source) {
            if (1 === preg_match('/\b(?:she|her|hers|herself)\b/i', (string) $source, $word)) {
                $found[] = "{$path}: {$word[0]}";
            }
        }
        self::assertSame([], $found);
    }

    /** A port from which the system takes one for a connection that goes out may be in use by any browser: Linux begins at 32768 (its
     * documentation of ip_local_port_range), the dynamic ports of RFC 6335 at 49152. */
    public function testServersListenBelowThePortsOfConnectionsThatGoOut(): void
    {
        $ports = [];
        foreach (['start', 'stop', 'test', 'bench', 'chaos'] as $command) {
            preg_match_all('~_PORT:-(\d+)}~', (string) file_get_contents(\dirname(__DIR__, 2)."/bin/{$command}"), $found);
            $ports = [...$ports, ...array_map(intval(...), $found[1])];
        }
        self::assertCount(14, $ports);
        self::assertLessThan(32768, max($ports));
    }

    /** What is sent and kept of a plan serves every page: it names no page's own parts. */
    public function testSavingNamesNoPage(): void
    {
        $named = [];
        foreach (self::sources('web/src/sync') as $path => $source) {
            if (!str_ends_with($path, '.test.ts') && 1 === preg_match('~from \'\.\./(?!api/|ui/)~', $source)) {
                $named[] = $path;
            }
        }
        self::assertSame([], $named);
    }

    /** @return iterable<string, string> the classes, by their paths from the folder's root */
    private static function classes(string $folder): iterable
    {
        foreach (self::sources($folder) as $path => $source) {
            if (1 === preg_match('/^(?:final |abstract |readonly )*(?:class|interface|enum|trait) (\w+)/m', $source, $found)) {
                yield $path => $found[1];
            }
        }
    }

    public function testNoTwoClassesHaveOneName(): void
    {
        $twice = array_filter(array_count_values(iterator_to_array(self::classes('core/src'))), static fn (int $times): bool => $times > 1);
        self::assertSame([], $twice);
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

<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the pages for developers name is there: files, classes, and what those have. */
final class DocsTest extends TestCase
{
    private const PAGES = [
        'CONTRIBUTING.md', 'SECURITY.md', 'docs/architecture.md', 'docs/glossary.md', 'docs/run-it.md', 'docs/scale.md', 'docs/security.md',
    ];
    private const FOLDERS = [
        'core', 'src', 'web/src', 'contract', 'bin', 'deploy', 'e2e', 'tests', 'migrations', 'demo', 'docs', 'symfony-parts', 'config',
    ];

    private static function root(): string
    {
        return \dirname(__DIR__, 2);
    }

    /** @return list<string> all files of the project, from its root */
    private static function files(): array
    {
        static $files = [];
        if ([] === $files) {
            foreach (self::FOLDERS as $folder) {
                $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::root()."/{$folder}", \FilesystemIterator::SKIP_DOTS));
                /** @var \SplFileInfo $file */
                foreach ($all as $file) {
                    if (!str_contains($file->getPathname(), '/vendor/')) {
                        $files[] = substr($file->getPathname(), \strlen(self::root()) + 1);
                    }
                }
            }
        }

        /** @var list<string> $files */
        return $files;
    }

    /** @return iterable<string, array{string, string}> every name between backquotes that looks like a file, a class or a member */
    public static function names(): iterable
    {
        foreach (self::PAGES as $page) {
            preg_match_all('/`([^`\n]+)`/', (string) file_get_contents(self::root()."/{$page}"), $found);
            foreach (array_unique($found[1]) as $name) {
                if (1 === preg_match('~^(?:[\w.-]+/)+[\w.-]*$|^[\w-]+\.(?:php|ts|tsx|mjs|sh|json|yaml|sql)$~', $name)
                    || 1 === preg_match('/^[A-Z]\w+(?:\\\\[A-Z]\w+)*(?:::\$?\w+(?:\(\))?)?$/', $name) && 1 === preg_match('/[a-z]/', $name)) {
                    yield "{$page}: {$name}" => [$name, $page];
                }
            }
        }
    }

    #[DataProvider('names')]
    public function testIsThere(string $name, string $page): void
    {
        if (1 === preg_match('~/|\.(?:php|ts|tsx|mjs|sh|json|yaml|sql)$~', $name)) {
            $is = file_exists(self::root()."/{$name}")
                || [] !== array_filter(self::files(), static fn (string $file): bool => str_ends_with("/{$file}", '/'.rtrim($name, '/'))
                    || str_contains("/{$file}", '/'.rtrim($name, '/').'/') || 1 === preg_match('~/'.preg_quote($name, '~').'\.(?:php|ts|tsx)$~', "/{$file}"));
            // What is made when it runs is none of the project's files.
            self::assertTrue($is || str_starts_with($name, 'var/'), "{$page} names the file {$name}.");

            return;
        }
        [$class, $member] = [...explode('::', $name), ''];
        $path = '/'.strtr($class, '\\', '/').'.php';
        $sources = array_filter(self::files(), static fn (string $file): bool => str_ends_with("/{$file}", $path));
        self::assertTrue([] !== $sources || is_dir(self::root()."/core/src/{$class}"), "{$page} names the class {$class}.");
        if ('' !== $member) {
            $has = array_filter($sources, static fn (string $file): bool => 1 === preg_match(
                '/\b(?:function|case|const|public[\w ?|]*)\s+'.preg_quote(rtrim($member, '()'), '/').'\b|'.preg_quote($member, '/').'\b/',
                (string) file_get_contents(self::root()."/{$file}"),
            ));
            self::assertNotSame([], $has, "{$page} names {$member} of {$class}.");
        }
    }
}

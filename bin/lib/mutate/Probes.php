<?php

declare(strict_types=1);

namespace Alternum\Mutate;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Puts into each function of a source text a note that it was gone through. */
final class Probes extends NodeVisitorAbstract
{
    /** @var array<string, true> functions gone through since this was last emptied */
    public static array $hits = [];

    /** @var array<int, string> what is put in, by the byte before which it stands */
    private array $puts = [];

    private function __construct(private readonly string $file)
    {
    }

    public static function in(string $file, string $source): string
    {
        $visitor = new self($file);
        (new NodeTraverser($visitor))->traverse((new ParserFactory())->createForHostVersion()->parse($source) ?? []);
        krsort($visitor->puts);
        foreach ($visitor->puts as $at => $put) {
            $source = substr_replace($source, $put, $at, 0);
        }

        return $source;
    }

    public function enterNode(Node $node): null
    {
        $first = self::isFunction($node) ? ($node->getStmts() ?? [])[0] ?? null : null;
        if (null !== $first) {
            $this->puts[$first->getStartFilePos()] = '\\'.self::class.'::$hits['.var_export(self::name($this->file, $node), true).'] = true; ';
        }

        return null;
    }

    /** @phpstan-assert-if-true Node\Stmt\ClassMethod|Node\Expr\Closure $node */
    public static function isFunction(Node $node): bool
    {
        return $node instanceof Node\Stmt\ClassMethod || $node instanceof Node\Expr\Closure;
    }

    public static function name(string $file, Node $node): string
    {
        return "{$file}:{$node->getStartLine()}";
    }
}

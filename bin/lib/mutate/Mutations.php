<?php

declare(strict_types=1);

namespace Alternum\Mutate;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** All changes that can be made in a source text: operators, numbers, truths and conditions are each turned into another. */
final class Mutations extends NodeVisitorAbstract
{
    private const OPERATORS = [
        '+' => '-', '-' => '+', '*' => '/', '/' => '*', '%' => '*',
        '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===', '==' => '!=', '!=' => '==', '<=>' => '-',
        '&&' => '||', '||' => '&&',
    ];

    /** @var list<Mutation> */
    private array $found = [];

    /** @var list<Node|null> */
    private array $strict = [];

    /** @var list<string> names of the functions that the place lies in */
    private array $within = [];

    private function __construct(private readonly string $file, private readonly string $source)
    {
    }

    /** @return list<Mutation> of all files in a directory, or of one */
    public static function in(string $path): array
    {
        $found = [];
        foreach (Files::of($path) as $file) {
            array_push($found, ...self::ofSource($file, (string) file_get_contents($file)));
        }

        return $found;
    }

    /** @return list<Mutation> */
    public static function ofSource(string $file, string $source): array
    {
        $visitor = new self($file, $source);
        $traverser = new NodeTraverser($visitor);
        $traverser->traverse((new ParserFactory())->createForHostVersion()->parse($source) ?? []);

        return $visitor->found;
    }

    public function enterNode(Node $node): ?int
    {
        // What a declaration says is no operator; what a set's keys stand for is never looked at.
        if ($node instanceof Node\Stmt\Declare_ || ($node instanceof Expr\Array_ && self::isSet($node))) {
            return NodeVisitor::DONT_TRAVERSE_CHILDREN;
        }
        if (Probes::isFunction($node)) {
            // One without a body is told by its file: nothing is gone through there.
            $this->within[] = [] === ($node->getStmts() ?? []) ? '' : Probes::name($this->file, $node);
        }
        match (true) {
            $node instanceof BinaryOp => $this->operator($node),
            $node instanceof Scalar\Int_ => $this->put($node, (string) ($node->value + 1)),
            $node instanceof Scalar\Float_ => $this->put($node, var_export($node->value * 2 + 1, true)),
            // Whether in_array() is strict is looked after by PHPStan.
            $node instanceof Expr\FuncCall && $node->name instanceof Node\Name
                && 'in_array' === $node->name->toString() => $this->strict[] = $node->getArgs()[2]->value ?? null,
            $node instanceof Expr\ConstFetch => \in_array($node, $this->strict, true) ? null : $this->truth($node),
            $node instanceof Node\Stmt\If_, $node instanceof Node\Stmt\ElseIf_, $node instanceof Expr\Ternary => $this->negated($node->cond),
            default => null,
        };

        return null;
    }

    public function leaveNode(Node $node): null
    {
        if (Probes::isFunction($node)) {
            array_pop($this->within);
        }

        return null;
    }

    /** Names that all stand for 1 or for true: looked up by isset(). */
    private static function isSet(Expr\Array_ $array): bool
    {
        foreach ($array->items as $item) {
            $isOne = ($item->value instanceof Scalar\Int_ && 1 === $item->value->value)
                || ($item->value instanceof Expr\ConstFetch && 'true' === $item->value->name->toLowerString());
            if (!$item->key instanceof Scalar\String_ || !$isOne) {
                return false;
            }
        }

        return \count($array->items) > 2;
    }

    private function operator(BinaryOp $node): void
    {
        $other = self::OPERATORS[$node->getOperatorSigil()] ?? null;
        $from = $node->left->getEndFilePos() + 1;
        $at = strpos($this->source, $node->getOperatorSigil(), $from);
        // A bracket that closes the left side may stand before it.
        if (null !== $other && false !== $at && '' === trim(substr($this->source, $from, $at - $from), " \n\t)")) {
            $this->found[] = new Mutation($this->file, $node->right->getStartLine(), $at, $node->getOperatorSigil(), $other, $this->functionName());
        }
    }

    private function truth(Expr\ConstFetch $node): void
    {
        $other = ['true' => 'false', 'false' => 'true'][$node->name->toLowerString()] ?? null;
        if (null !== $other) {
            $this->put($node, $other);
        }
    }

    /** A comparison is turned by its operator already. */
    private function negated(Expr $condition): void
    {
        if (!$condition instanceof BinaryOp) {
            $this->put($condition, $condition instanceof Expr\BooleanNot ? $this->text($condition->expr) : "!({$this->text($condition)})");
        }
    }

    private function put(Node $node, string $becomes): void
    {
        $this->found[] = new Mutation($this->file, $node->getStartLine(), $node->getStartFilePos(), $this->text($node), $becomes, $this->functionName());
    }

    private function text(Node $node): string
    {
        return substr($this->source, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1);
    }

    private function functionName(): string
    {
        return [] === $this->within ? '' : $this->within[\count($this->within) - 1];
    }
}

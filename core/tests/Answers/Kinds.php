<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Change\Ways;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Method;

/** All that closed sets answer by themselves: each case of every enum, every way to change and to hold, what is asked of it and what it says. */
final class Kinds
{
    /** More answers to one question than that are looked at elsewhere. */
    private const MOST = 12;

    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return ['kinds' => static fn (): iterable => self::kinds()];
    }

    /** @return iterable<string> */
    private static function kinds(): iterable
    {
        foreach (self::enums() as $enum) {
            $stage = explode('\\', $enum)[2];
            foreach ($enum::cases() as $case) {
                $said = self::answers($case);
                if ('' !== $said) {
                    yield "{$stage} ".(new \ReflectionClass($enum))->getShortName()."::{$case->name}: {$said}";
                }
            }
        }
        foreach (Holds::all() as $hold) {
            yield "Plan hold {$hold::kind()}: ".self::answers($hold);
        }
        foreach (Method::cases() as $method) {
            yield "Change way {$method->value}: ".self::answers(Ways::of($method));
        }
    }

    /** @return list<class-string<\UnitEnum>> */
    private static function enums(): array
    {
        $enums = [];
        $root = \dirname(__DIR__, 2).'/src';
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'Alternum\\Core\\'.strtr(substr($file->getPathname(), \strlen($root) + 1, -4), '/', '\\');
            if (1 === preg_match('/^enum \w+/m', (string) file_get_contents($file->getPathname())) && enum_exists($class)) {
                $enums[] = $class;
            }
        }
        sort($enums);

        return $enums;
    }

    private static function answers(object $of): string
    {
        $said = [];
        foreach ((new \ReflectionClass($of))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            $given = $method->isStatic() || $method->isConstructor() ? [] : self::given($method);
            foreach (\count($given) > self::MOST ? [] : $given as $arguments) {
                $value = self::value($method->invokeArgs($of, $arguments));
                $with = array_map(self::value(...), $arguments);
                if (!\in_array($value, [false, null, [], 0.0, 0], true)) {
                    $said[] = $method->getName().([] === $with ? '' : SpecimenPlans::json($with)).(true === $value ? '' : ' '.SpecimenPlans::json($value));
                }
            }
        }

        return implode(', ', $said);
    }

    /** @return list<list<mixed>> what a method can be asked with: truths and closed sets; [] where it wants something else */
    private static function given(\ReflectionMethod $method): array
    {
        $given = [[]];
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
            $values = match (true) {
                'bool' === $name => [false, true],
                enum_exists($name) => $name::cases(),
                default => [],
            };
            $more = [];
            foreach ($given as $before) {
                foreach ($values as $value) {
                    $more[] = [...$before, $value];
                }
            }
            $given = $more;
        }

        return $given;
    }

    private static function value(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \UnitEnum => $value->name,
            \is_array($value) => array_map(self::value(...), $value),
            \is_object($value) => null,
            \is_float($value) => round($value, 6),
            default => $value,
        };
    }
}

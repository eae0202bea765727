<?php

declare(strict_types=1);

namespace Alternum\Server\Tests;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** Holds responses to contract/openapi.yaml. */
final class Contract
{
    private const BASE = 'https://alternum.test/';

    private readonly Validator $validator;
    /** @var array<string, mixed> */
    private readonly array $document;

    public function __construct()
    {
        $folder = \dirname(__DIR__).'/contract';
        $document = Yaml::parseFile("{$folder}/openapi.yaml");
        Assert::assertIsArray($document);
        /** @var array<string, mixed> $document */
        $this->document = $document;
        $this->validator = new Validator();
        $resolver = $this->validator->resolver();
        Assert::assertNotNull($resolver);
        // The whole document is registered as a schema, so that its own references work.
        $resolver->registerRaw((string) json_encode(
            ['$id' => self::BASE.'openapi.json', '$schema' => 'https://json-schema.org/draft/2020-12/schema'] + $document,
            \JSON_UNESCAPED_SLASHES,
        ));
        $resolver->registerFile(self::BASE.'plan.schema.json', "{$folder}/plan.schema.json");
        $resolver->registerFile(self::BASE.'analysis.schema.json', "{$folder}/analysis.schema.json");
        $resolver->registerFile(self::BASE.'journal.schema.json', "{$folder}/journal.schema.json");
    }

    /** @return array<string, array{string, string}> every method and path, with {id} as it stands, by the operation's name */
    public function operations(): array
    {
        $operations = [];
        foreach ($this->in('paths') as $path => $methods) {
            foreach (\is_array($methods) ? $methods : [] as $method => $described) {
                if ('parameters' !== $method && \is_array($described) && \is_string($described['operationId'] ?? null)) {
                    $operations[$described['operationId']] = [strtoupper((string) $method), (string) $path];
                }
            }
        }

        return $operations;
    }

    public function assertHeld(Request $request, Response $response): void
    {
        $method = strtolower($request->getMethod());
        $path = $this->pathOf($request->getPathInfo());
        Assert::assertNotNull($path, "The contract has no path {$request->getPathInfo()}");
        $status = (string) $response->getStatusCode();
        $responses = $this->in('paths', $path, $method, 'responses');
        $declared = isset($responses[$status]) ? $status : 'default';
        Assert::assertArrayHasKey($declared, $responses, "The contract knows no {$status} for {$method} {$path}");
        $pointer = ['paths', $path, $method, 'responses', $declared];
        if (\is_array($responses[$declared]) && isset($responses[$declared]['$ref'])) {
            $pointer = ['components', 'responses', 'Problem'];
        }
        $content = $this->in(...$pointer)['content'] ?? [];
        if ([] === $content) {
            Assert::assertSame('', $response->getContent(), "{$method} {$path} {$status} has no body");

            return;
        }
        Assert::assertIsArray($content);
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        Assert::assertArrayHasKey($type, $content, "{$method} {$path} {$status} is not of the type {$type}");
        if (!str_contains($type, 'json')) {
            return;
        }
        $reference = self::BASE.'openapi.json#/'.implode(
            '/',
            array_map(
                static fn (string $part): string => rawurlencode(str_replace(['~', '/'], ['~0', '~1'], $part)),
                [...$pointer, 'content', $type, 'schema'],
            ),
        );
        $result = $this->validator->validate(json_decode((string) $response->getContent()), (object) ['$ref' => $reference]);
        $error = $result->error();
        Assert::assertTrue($result->isValid(), null === $error ? '' : "{$method} {$path} {$status}: ".json_encode((new ErrorFormatter())->format($error)));
    }

    private function pathOf(string $path): ?string
    {
        foreach (array_keys($this->in('paths')) as $template) {
            if (1 === preg_match('#^'.preg_replace('/\\\\\{\w+\\\\\}/', '[^/]+', preg_quote((string) $template, '#')).'$#D', $path)) {
                return (string) $template;
            }
        }

        return null;
    }

    /** @return array<array-key, mixed> */
    private function in(string ...$keys): array
    {
        $at = $this->document;
        foreach ($keys as $key) {
            $at = $at[$key] ?? [];
            Assert::assertIsArray($at);
        }

        return $at;
    }
}

<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Alternum\Server\Tests\Nonsense;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Yaml\Yaml;

/**
 * Every operation of the contract, asked with what its schema allows and with what it does not: each answer is one that the contract has, and none is a
 * fault of the server's.
 */
final class ContractFuzzTest extends ApiTestCase
{
    private const TIMES = 10;
    /** So many are asked of one workshop, which they may break. */
    private const OF_ONE = 10;
    /** Share of what is made that is not as the schema has it: little, so that most comes through to what is behind. */
    private const WRONG = 0.03;

    /** @return iterable<string, array{string, string}> */
    public static function asked(): iterable
    {
        foreach (self::contract()->operations() as [$method, $path]) {
            yield "{$method} {$path}" => [$method, $path];
        }
    }

    #[DataProvider('asked')]
    public function testNothingThatIsSentIsAFaultOfTheServers(string $method, string $path): void
    {
        $documents = ['' => self::read('openapi.yaml')];
        foreach (['plan.schema.json', 'analysis.schema.json', 'journal.schema.json'] as $file) {
            $documents[$file] = self::read($file);
        }
        $by = new Nonsense(new Randomizer(new Mt19937(crc32($method.$path))), $documents, self::WRONG);
        $described = self::map($documents[''], 'paths', $path);
        $operation = self::map($described, strtolower($method));
        $parameters = [...self::map($described, 'parameters'), ...self::map($operation, 'parameters')];
        $body = self::map($operation, 'requestBody', 'content', 'application/json', 'schema');
        for ($i = 0; $i < self::TIMES; ++$i) {
            if (0 === $i % self::OF_ONE) {
                $ids = $this->workshopToBreak(str_starts_with($path, '/api/makings'));
            }
            $at = preg_replace_callback('/\{(\w+)\}/', static fn (array $place): string => self::inPath($by, $ids[$place[1]] ?? 'x'), $path);
            $query = http_build_query($this->query($by, $parameters));
            $sent = [] === $body ? null : (string) json_encode($by->value($body), \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PARTIAL_OUTPUT_ON_ERROR);
            // That the answer is one of the contract's is held by ask().
            $this->ask($method, '' === $query ? (string) $at : "{$at}?{$query}", $sent);
            $answer = $this->response();
            self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$at}?{$query}\n".substr((string) $sent, 0, 2000)."\n{$answer->getContent()}");
        }
    }

    /** @return array<string, string> a workshop with a plan, and a making of it where that is asked for, by the names of places in paths */
    private function workshopToBreak(bool $isMaking): array
    {
        $this->openWorkshop();
        $this->forgetWhatWasCounted();
        [$id] = $this->firstPlan();
        $id = $isMaking ? self::string($this->ask('POST', "/api/plans/{$id}/makings"), 'id') : $id;

        return ['id' => $id, 'piece' => 'float', 'key' => 'float', 'number' => '1', 'format' => 'txt', 'name' => 'harbour-buoy'];
    }

    private static function inPath(Nonsense $by, string $usual): string
    {
        // A path ends at a slash, and begins anew at dots.
        $place = strtr($by->chance(0.15) ? $by->text() : $usual, ['/' => '', '.' => '']);

        return '' === $place ? 'x' : rawurlencode($place);
    }

    /**
     * @param array<array-key, mixed> $parameters as the contract has them
     *
     * @return array<string, string>
     */
    private function query(Nonsense $by, array $parameters): array
    {
        $query = [];
        foreach ($parameters as $parameter) {
            if (\is_array($parameter) && 'query' === ($parameter['in'] ?? null) && \is_string($parameter['name'] ?? null) && $by->chance(0.7)) {
                $value = $by->value(self::map($parameter, 'schema'));
                $query[$parameter['name']] = \is_scalar($value) ? (string) $value : $by->text();
            }
        }

        return $query;
    }

    /** @return array<array-key, mixed> */
    private static function read(string $file): array
    {
        $read = Yaml::parseFile(\dirname(__DIR__, 2)."/contract/{$file}");
        self::assertIsArray($read);

        return $read;
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<array-key, mixed>
     */
    private static function map(array $values, string ...$keys): array
    {
        foreach ($keys as $key) {
            $values = \is_array($values[$key] ?? null) ? $values[$key] : [];
        }

        return $values;
    }
}

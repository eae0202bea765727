<?php

declare(strict_types=1);

namespace Alternum\Server\Watch;

use Alternum\Server\Database\PendingMigrations;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception;

/** What is counted, and how the database stands, in the text format of Prometheus, version 0.0.4. */
final readonly class Metrics
{
    /** Kind and meaning of each; what is not known here is not written out. */
    private const KNOWN = [
        'alternum_requests_total' => ['counter', 'Requests answered by PHP, by route and status.'],
        'alternum_request_seconds' => ['histogram', 'Seconds from a request’s arrival at PHP to its answer.'],
        'alternum_operations_total' => ['counter', 'Operations on plans that were answered, by what became of them.'],
        'alternum_conflicts_total' => ['counter', 'Saves that met a plan which somebody else had saved meanwhile.'],
        'alternum_refusals_total' => ['counter', 'Requests refused for rate, size, kind, origin or key, or as a heavy question was still being answered.'],
        'alternum_heavy_waits_total' => ['counter', 'Heavy questions that waited for another of the same workshop.'],
        'alternum_database_retries_total' => ['counter', 'Writings done again, as another had changed the same rows.'],
        'alternum_csp_reports_total' => ['counter', 'Breaches of the content policy that browsers told of.'],
        'alternum_shared_memory_bytes' => ['gauge', 'Bytes that PHP’s processes share: what was read and counted.'],
        'alternum_shared_memory_emptied_total' => ['counter', 'How often it was full, and emptied: what was read is then read again.'],
        'alternum_database_up' => ['gauge', 'Whether the database answers.'],
        'alternum_database_answer_seconds' => ['gauge', 'Seconds in which it answered this question.'],
        'alternum_migrations_pending' => ['gauge', 'Migrations that are still to be made.'],
        'alternum_database_bytes' => ['gauge', 'Bytes of tables and indexes, as the database estimates them.'],
        'alternum_rows' => ['gauge', 'Rows of a table, as the database estimates them.'],
    ];
    private const MICRO = 'alternum_request_seconds_sum';

    public function __construct(private Counters $counters, private Connection $database, private PendingMigrations $migrations)
    {
    }

    public function text(): string
    {
        $by = [];
        foreach ($this->counters->all() as $name => $value) {
            $by[self::family($name)][] = str_starts_with($name, self::MICRO) ? [$name, $value / 1e6] : [$name, $value];
        }
        foreach (self::ofMemory() + $this->ofDatabase() as $name => $value) {
            $by[self::family($name)][] = [$name, $value];
        }
        $text = '';
        foreach (self::KNOWN as $family => [$kind, $meaning]) {
            if (!isset($by[$family])) {
                continue;
            }
            $text .= "# HELP {$family} {$meaning}\n# TYPE {$family} {$kind}\n";
            // Ends of a histogram from the lowest to the highest.
            usort($by[$family], static fn (array $a, array $b): int => self::order($a[0]) <=> self::order($b[0]));
            foreach ($by[$family] as [$name, $value]) {
                $text .= "{$name} {$value}\n";
            }
        }

        return $text;
    }

    /** @return array<string, int> */
    private static function ofMemory(): array
    {
        if (!apcu_enabled()) {
            return [];
        }
        /** @var array{num_seg: int, seg_size: float, avail_mem: float} $size */
        $size = apcu_sma_info(true);
        /** @var array{expunges: int|float} $kept */
        $kept = apcu_cache_info(true);

        return [
            'alternum_shared_memory_bytes{of="all"}' => (int) ($size['num_seg'] * $size['seg_size']),
            'alternum_shared_memory_bytes{of="free"}' => (int) $size['avail_mem'],
            'alternum_shared_memory_emptied_total' => (int) $kept['expunges'],
        ];
    }

    /** @return array<string, int|float> */
    private function ofDatabase(): array
    {
        $began = microtime(true);
        try {
            $this->database->executeQuery('SELECT 1');
            $numbers = ['alternum_database_up' => 1, 'alternum_database_answer_seconds' => round(microtime(true) - $began, 6)];
            $numbers['alternum_migrations_pending'] = $this->migrations->count();
            /** @var list<array{name: string, row_count: int|string, bytes: int|string}> $tables */
            $tables = $this->database->fetchAllAssociative(
                'SELECT TABLE_NAME AS name, COALESCE(TABLE_ROWS, 0) AS row_count, COALESCE(DATA_LENGTH + INDEX_LENGTH, 0) AS bytes'
                .' FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE() ORDER BY TABLE_NAME',
            );
            $numbers['alternum_database_bytes'] = array_sum(array_map(static fn (array $table): int => (int) $table['bytes'], $tables));
            foreach ($tables as $table) {
                $numbers["alternum_rows{table=\"{$table['name']}\"}"] = (int) $table['row_count'];
            }

            return $numbers;
        } catch (Exception) {
            return ['alternum_database_up' => 0];
        }
    }

    /** @return array{string, float, string} */
    private static function order(string $name): array
    {
        if (1 !== preg_match('/^(.*),le="(.*)"}$/', $name, $end)) {
            return [$name, 0.0, ''];
        }

        return [$end[1], '+Inf' === $end[2] ? \INF : (float) $end[2], $name];
    }

    private static function family(string $name): string
    {
        $family = explode('{', $name)[0];

        return preg_replace('/_(bucket|count|sum)$/', '', $family) ?? $family;
    }
}

<?php

declare(strict_types=1);

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Form\Membrane;
use Alternum\Core\Form\Skin;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;

require dirname(__DIR__).'/vendor/autoload.php';

/** Striped pieces of so many stitches each, every other round shaped, as JSON. */
function piece(int $rounds, int $widest, int $pieces = 1): string
{
    $lines = ["R1: {$widest} sc in MR"];
    for ($round = 2; $round <= $rounds; ++$round) {
        $lines[] = "R{$round}: ".match ($round % 4) {
            2 => '(3 sc, inc) x'.intdiv($widest, 5).', sc around',
            3 => '(3 sc, dec) x'.intdiv($widest, 5).', sc around',
            default => 'sc around',
        };
    }
    $runs = [];
    for ($round = 3; $round <= $rounds && count($runs) < Limits::LAYERS - 1; $round += 4) {
        $runs[] = ['kind' => 'run', 'round' => $round, 'from' => 5, 'to' => 9, 'yarn' => 'A'];
    }

    return Json::encode([
        'format' => 'alternum-plan', 'version' => 1, 'title' => 'Bench', 'terms' => 'us', 'hand' => 'right', 'units' => 'metric',
        'yarns' => [
            ['key' => 'A', 'name' => 'One', 'hex' => '#112233', 'weight' => 'dk', 'metresPer100g' => 250],
            ['key' => 'B', 'name' => 'Two', 'hex' => '#ddeeff', 'weight' => 'dk', 'metresPer100g' => 250],
        ],
        'gauge' => ['stitchesPer10cm' => 22, 'roundsPer10cm' => 24], 'yarnUse' => [
            'basis' => 'guess',
            'sparePercent' => 10,
            'tailCm' => 15,
            'sewingTailCm' => 40,
        ],
        'pieces' => array_map(static fn (int $i): array => [
            'key' => 1 === $i ? 'body' : "body-{$i}", 'name' => 'Body', 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines,
            'front' => ['degrees' => 180], 'changes' => ['method' => 'auto'],
            'colours' => [
                ['kind' => 'stripes', 'from' => 1, 'to' => $rounds, 'sequence' => [['yarn' => 'A', 'rounds' => 2], ['yarn' => 'B', 'rounds' => 2]]],
                ...$runs,
            ]], range(1, $pieces)),
    ]);
}

/** The median of several runs, in ms. */
function median(int $runs, Closure $run): float
{
    $times = [];
    for ($i = 0; $i < $runs; ++$i) {
        $begin = hrtime(true);
        $run();
        $times[] = (hrtime(true) - $begin) / 1e6;
    }
    sort($times);

    return $times[intdiv($runs, 2)];
}

function say(string $format, string|int|float ...$values): void
{
    printf($format."\n", ...$values);
}

say(
    "\nAnalysis, from the plan's JSON to the analysis's JSON; median\n%10s %10s %14s %18s %14s",
    'stitches',
    'ms',
    'stitches/s',
    'bare loop, ms',
    'times as long',
);
$perStitch = ['few' => 1.0, 'many' => 1.0];
foreach ([[25, 36, 1000], [80, 46, 4000], [400, 91, 40000]] as [$rounds, $widest, $about]) {
    $json = piece($rounds, $widest);
    $stitches = Analysis::of(PlanReader::json($json))->pieces[0]->stages->reading->stitches();
    $ms = median($about > 10000 ? 15 : 61, static fn (): string => Json::encode(AnalysisWriter::values(Analysis::of(PlanReader::json($json)))));
    $loop = median(61, static function () use ($stitches): int {
        $sum = 0;
        for ($i = 0; $i < $stitches; ++$i) {
            $sum += $i & 3;
        }

        return $sum;
    });
    $perStitch['few'] = 4000 === $about ? $ms / $stitches : $perStitch['few'];
    $perStitch['many'] = $ms / $stitches;
    say('%10d %10.2f %14s %18.3f %14.0f', $stitches, $ms, number_format($stitches / $ms * 1000), $loop, $ms / $loop);
}
say('40,000 take %.1f times 4,000 (linear: 10; aim: at most 11)', $perStitch['many'] / $perStitch['few'] * 10);

$words = [
    'R1:', '6', 'sc', 'in', 'MR', '(', ')', '[', ']', 'x6', 'inc', 'dec', ',', 'around', '-', '🧶', "\u{202E}", '12', '*', 'with',
    ':', "\t", 'ch 2', 'each', 'st', 'through both layers', 'starting in 2nd ch', 'change to B', 'B:', 'over the tail', 'into MR:',
];
mt_srand(1);
$texts = [];
for ($i = 0; $i < 100000; ++$i) {
    $texts[] = implode(' ', array_map(static fn (): string => $words[mt_rand(0, count($words) - 1)], range(0, mt_rand(1, 40))));
}
$slowest = 0.0;
$ms = median(1, static function () use ($texts, &$slowest): void {
    foreach ($texts as $text) {
        $begin = hrtime(true);
        Reader::read([$text], Terms::Us);
        $slowest = max($slowest, (hrtime(true) - $begin) / 1e6);
    }
});
say("\n100,000 generated lines read in %.1f s, %.3f ms each, the slowest in %.1f ms; none of them lost the reader", $ms / 1000, $ms / 100000, $slowest);
foreach ([40 => 2, 400 => 20] as $rounds => $aim) {
    mt_srand(1);
    $hoops = [0.0, 6.0];
    while (count($hoops) <= $rounds) {
        $hoops[] = (float) max(6, min(90, end($hoops) + [0, 0, 0, 6, -6][mt_rand(0, 4)]));
    }
    $ms = median(5, static fn (): float => Membrane::of(new Skin([...$hoops, 0.0], array_fill(0, $rounds + 1, 0.96)), 1.0, 0.04)->radii[1]);
    say('the shape of %d stuffed rounds: %.1f ms (aim: %d)', $rounds, $ms, $aim);
}
// As a keystroke finds them: all lines but one were read before.
$written = ['R1: 6 sc in MR (6)', 'R2: inc x6 (12)'];
for ($round = 3; strlen(implode("\n", $written)) < 10240; ++$round) {
    $written[] = "R{$round}: ".(0 === $round % 2 ? '*sc in next 3 sts, inc; rep from * around (15)' : '(3 sc, dec) x3, change to B in last st (12)');
}
$n = 0;
$typed = static function (string $end) use ($written): int {
    return Reader::read([...array_slice($written, 0, -1), 'sc around'.$end], Terms::Us)->stitches();
};
$warm = median(15, static function () use ($typed, &$n): int {
    return $typed(str_repeat(' ', ++$n));
});
// Numbers that were not seen yet: every line is read anew.
$fresh = median(5, static function () use ($written, &$n): int {
    ++$n;

    return Reader::read(array_map(static fn (string $line): string => $line.str_repeat(' ', $n), $written), Terms::Us)->stitches();
});
say("\n10 kB of a pattern: %.1f ms when one line changes (aim: under 10), %.1f ms when all are new", $warm, $fresh);

$longest = ['', 0.0];
foreach ([
    'sc, inc x6, ', '(sc * [', 'sl st, ch 1, ', 'A 6, ', 'sc inc ', '6 sc - ', 'sc 5 inc ', 'sc around, ', 'with B, ',
    'change to x ', '((((sc) x2) x2) x2) ', 'repeat round 3 ', 'place ', 'in in in ', 'hdc2tog ', '½🧶é ', '(3) ', '* ', 'sc*',
] as $unit) {
    $line = mb_substr(str_repeat($unit, 2000), 0, Limits::LINE);
    $ms = median(1, static fn (): int => count(Reader::read(['6 sc in MR', $line], Terms::Us)->problems));
    $longest = $ms > $longest[1] ? [$unit, $ms] : $longest;
}
say('the slowest of 19 lines of %d characters that are made to be slow: %.1f ms, “%s…” (aim: under 20)', Limits::LINE, $longest[1], trim($longest[0]));

unset($texts);
foreach (['rounds' => "R3: (sc, inc) x6 (18)\n", 'prose' => "You will need a hook, two yarns and an evening.\n", 'one line' => 'sc '] as $what => $unit) {
    memory_reset_peak_usage();
    $held = memory_get_usage();
    $text = substr(str_repeat($unit, intdiv(2_000_000, strlen($unit)) + 1), 0, 2_000_000);
    $ms = median(1, static fn (): int => count(Reader::read(explode("\n", $text), Terms::Us)->problems));
    say('2 MB of %s: %.0f ms, %.0f MB (aim: under 2,000 and 64)', $what, $ms, (memory_get_peak_usage() - $held) / 1e6);
}

$url = $argv[1] ?? null;
if (null === $url) {
    exit;
}
$curl = curl_init();
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');
$took = 0.0;
$ask = static function (string $method, string $path, ?string $body = null) use ($curl, $jar, $url, &$took): array {
    $address = $url.$path;
    if ('' === $address || '' === $method || '' === $jar) {
        throw new InvalidArgumentException('There is nothing to ask.');
    }
    curl_setopt_array($curl, [
        \CURLOPT_URL => $address, \CURLOPT_CUSTOMREQUEST => $method, \CURLOPT_POSTFIELDS => $body ?? '', \CURLOPT_RETURNTRANSFER => true,
        \CURLOPT_COOKIEJAR => $jar, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_ENCODING => 'gzip',
        \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'X-CSRF-Token: csrf-token', "Origin: {$url}"],
    ]);
    $answer = curl_exec($curl);
    // Not what this program does before and after, as with its cookies.
    $seconds = curl_getinfo($curl, \CURLINFO_TOTAL_TIME);
    $took = is_numeric($seconds) ? $seconds * 1000 : 0.0;
    $values = is_string($answer) ? json_decode($answer, true) : null;

    return is_array($values) ? $values : [];
};
$ask('GET', '/');
/** Paints one round after the other of a plan of so many rounds, each saved. */
$painting = static function (int $rounds, int $widest, int $pieces = 1) use ($ask): Closure {
    $opened = $ask('POST', '/api/plans', piece($rounds, $widest, $pieces));
    $id = is_string($opened['id'] ?? null) ? $opened['id'] : '';
    $revision = 1;

    return static function () use ($ask, $id, $rounds, &$revision): void {
        $operation = [
            'id' => "operation-{$revision}",
            'group' => "group-of-{$revision}",
            'edit' => ['do' => 'paint', 'piece' => 'body', 'rounds' => [$revision % $rounds + 1], 'yarn' => 0 === intdiv($revision, $rounds) % 2 ? 'A' : 'B'],
        ];
        $saved = $ask('POST', "/api/plans/{$id}/operations?known=us-metric", Json::encode(['base' => $revision, 'operations' => [$operation]]));
        if (($saved['revision'] ?? null) !== ++$revision) {
            throw new RuntimeException('The edit was not saved: '.json_encode($saved));
        }
    };
};
$asked = [
    'an almost empty answer' => static fn (): array => $ask('GET', '/api/ping'),
    'an edit on one round of six, saved' => $painting(1, 6),
    'an edit on about 1,000 stitches, saved' => $painting(25, 36),
    'the same in a toy of five such pieces' => $painting(25, 36, 5),
];
foreach (range(1, 30) as $warmup) {
    array_map(static fn (Closure $run): mixed => $run(), $asked);
}
// Asked in turn, so that all meet the same machine. What this program does with an answer is not the server's.
$times = array_fill_keys(array_keys($asked), []);
for ($i = 0; $i < 150; ++$i) {
    foreach ($asked as $name => $run) {
        $run();
        $times[$name][] = $took;
    }
}
say("\nServer, round trip over loopback; median of 150 (and the 95th of 100)");
foreach ($times as $name => $all) {
    sort($all);
    $times[$name] = $all;
    say('%-44s %8.2f ms (%.2f)', $name, $all[75], $all[142]);
}
$database = DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse((string) getenv('DATABASE_URL')));
$row = $database->fetchOne('SELECT id FROM saved_plan ORDER BY CHAR_LENGTH(body) DESC LIMIT 1, 1');
$sql = "UPDATE saved_plan SET writes = writes + 1, body = REPLACE(body, '\"Bench', '\"Bensch'), results = CONCAT(results, ' ') WHERE id = ?";
$durable = median(150, static fn (): int|string => $database->executeStatement($sql, [$row]));
$median = static fn (string $name): float => $times[$name][75];
$floor = $median('an almost empty answer') + $durable;
$edit = $median('an edit on about 1,000 stitches, saved');
say('a durable write of the same row: %.2f ms; with the empty answer, the floor: %.2f ms', $durable, $floor);
say(
    'an edit on about 1,000 stitches takes %.1f times the floor (aim: at most 1.5), %.1f times the one on one round; in a toy of five %.1f times (aim: 1)',
    $edit / $floor,
    $edit / $median('an edit on one round of six, saved'),
    $median('the same in a toy of five such pieces') / $edit,
);
unlink($jar);

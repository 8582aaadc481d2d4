<?php

declare(strict_types=1);

namespace Dew\Bench;

use CurlHandle;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Asks a running Dew as its members do, and says how fast it answers. */
final class BenchLoad extends Command
{
    protected $signature = 'dew:bench-load
        {address : Where Dew answers}
        {file : How everybody is signed in, as dew:bench-world wrote it}
        {--requests=240 : For each page}
        {--seconds=60 : How long the minute of a release takes}';

    protected $description = 'Measure pages, the minute of a release and taps';

    protected $hidden = true;

    /** As many requests under way at a time as a small machine has workers for. */
    private const AT_ONCE = 4;

    private const TAPS_AT_ONCE = 16;

    /** A page for somebody who is signed in, with nothing of any quilt-along on it. */
    private const BARE = '/account';

    /** The most queries that one of the answers since the last count took. */
    private int $queries = 0;

    /** @var list<array{cookie: string, token: string, quilt: string|null}> the host, then members */
    private array $people = [];

    public function handle(): int
    {
        /** @var list<array{cookie: string, token: string, quilt: string|null}> $people */
        $people = json_decode((string) file_get_contents($this->text('file')), true, flags: JSON_THROW_ON_ERROR);
        $this->people = $people;
        $this->line(__('console.bench_reference', ['time' => sprintf('%.1f ms', ReferenceLoop::milliseconds())]));
        $this->pages();
        $this->release();
        $this->taps();
        $this->line(__('console.bench_reference', ['time' => sprintf('%.1f ms', ReferenceLoop::milliseconds())]));

        return self::SUCCESS;
    }

    private function pages(): void
    {
        $pages = [
            'Now' => '/q/{quilt}', 'Clue' => '/q/{quilt}/clues/12', 'Fabrics' => '/q/{quilt}/fabrics',
            'Bench' => '/q/{quilt}/bench', 'This quilt' => '/q/{quilt}/quilt', 'Desk' => '/host/bench',
            'Design' => '/host/bench/design/published',
            'A block' => '/host/bench/design/blocks/b-seed-packet',
            'Clues' => '/host/bench/clues', 'People' => '/host/bench/people',
        ];
        $count = (int) $this->option('requests');
        $rows = [];
        // The machine's speed varies within a run, so the bare page is measured anew before and after every other one.
        $before = $this->page(self::BARE, intdiv($count, 2));
        $rows[] = ['a bare page', sprintf('%.0f/s', $before['rate']), '1.00', ...$before['row']];
        foreach ($pages as $name => $address) {
            $page = $this->page($address, $count);
            $after = $this->page(self::BARE, intdiv($count, 2));
            $share = 2 * $page['rate'] / ($before['rate'] + $after['rate']);
            $rows[] = [$name, sprintf('%.0f/s', $page['rate']), sprintf('%.2f', $share), ...$page['row']];
            $before = $after;
        }
        $this->table(array_map(
            fn (string $column): string => __('console.load.'.$column),
            ['page', 'rate', 'of_bare', 'median', 'slow', 'queries', 'bytes', 'errors'],
        ), $rows);
    }

    /** @return array{rate: float, row: list<string>} requests a second, and the rest of the row in the table */
    private function page(string $address, int $count): array
    {
        $asks = fn (int $number): array => [$address, str_starts_with($address, '/host') ? 0 : 1 + $number % 20, null];
        // What is drawn once is drawn before.
        $this->send(array_map($asks, range(0, 19)), self::AT_ONCE);
        [$times, $bytes, $errors, $took] = $this->send(array_map($asks, range(0, $count - 1)), self::AT_ONCE);

        return ['rate' => $count / $took, 'row' => [
            sprintf('%.0f ms', $this->share($times, 0.5)),
            sprintf('%.0f ms', $this->share($times, 0.95)),
            (string) $this->queries,
            sprintf('%.0f kB', $bytes / $count / 1000),
            (string) $errors,
        ]];
    }

    /** Everybody opens two pages within a minute. */
    private function release(): void
    {
        $seconds = (int) $this->option('seconds');
        $members = count($this->people) - 1;
        $asks = [];
        for ($number = 0; $number < 2 * $members; $number++) {
            $page = $number % 2 === 0 ? '/q/{quilt}' : '/q/{quilt}/clues/12';
            $asks[] = [$page, 1 + intdiv($number, 2), $number * $seconds / (2 * $members)];
        }
        [$times, , $errors, $took] = $this->send($asks, PHP_INT_MAX);
        $this->line(__('console.load.release', [
            'members' => $members,
            'took' => sprintf('%.0f', $took),
            'median' => sprintf('%.0f', $this->share($times, 0.5)),
            'slow' => sprintf('%.0f', $this->share($times, 0.95)),
            'errors' => $errors,
        ]));
    }

    private function taps(): void
    {
        $count = 4 * (int) $this->option('requests');
        $asks = array_map(fn (int $number): array => ['tap', 1 + $number % (count($this->people) - 1), null], range(0, $count - 1));
        [$times, , $errors, $took] = $this->send($asks, self::TAPS_AT_ONCE);
        $this->line(__('console.load.taps', [
            'rate' => sprintf('%.0f', $count / $took),
            'slow' => sprintf('%.0f', $this->share($times, 0.95)),
            'queries' => $this->queries,
            'errors' => $errors,
        ]));
    }

    /**
     * Sends requests, so many at a time, each not before its moment.
     *
     * @param  list<array{string, int, float|null}>  $asks  the page or "tap", who asks, and how many seconds after the beginning
     * @return array{list<float>, int, int, float} milliseconds of each, bytes, errors and seconds of all
     */
    private function send(array $asks, int $atOnce): array
    {
        $multi = curl_multi_init();
        $this->queries = 0;
        $times = [];
        $bytes = $errors = $underWay = $next = 0;
        $begun = microtime(true);
        while ($next < count($asks) || $underWay > 0) {
            while ($next < count($asks) && $underWay < $atOnce && ($asks[$next][2] ?? 0.0) <= microtime(true) - $begun) {
                curl_multi_add_handle($multi, $this->request($asks[$next][0], $asks[$next][1]));
                $next++;
                $underWay++;
            }
            curl_multi_exec($multi, $running);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $handle = $done['handle'];
                $times[] = 1000 * (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
                $bytes += (int) curl_getinfo($handle, CURLINFO_SIZE_DOWNLOAD_T);
                $errors += curl_getinfo($handle, CURLINFO_RESPONSE_CODE) === 200 ? 0 : 1;
                curl_multi_remove_handle($multi, $handle);
                $underWay--;
            }
            if ($underWay > 0) {
                curl_multi_select($multi, 0.005);
            } else {
                usleep(1000);
            }
        }

        return [$times, $bytes, $errors, microtime(true) - $begun];
    }

    private function request(string $page, int $who): CurlHandle
    {
        $person = $this->people[$who];
        $isTap = $page === 'tap';
        $path = $isTap ? '/q/{quilt}/clues/1/taps' : $page;
        $handle = curl_init($this->text('address').str_replace('{quilt}', (string) $person['quilt'], $path));
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_ENCODING => 'gzip',
            CURLOPT_HEADERFUNCTION => function (CurlHandle $handle, string $header): int {
                if (sscanf(strtolower($header), 'server-timing: queries;dur=%d', $queries) === 1) {
                    $this->queries = max($this->queries, (int) $queries);
                }

                return strlen($header);
            },
            CURLOPT_HTTPHEADER => [
                'Cookie: '.$person['cookie'], ...$isTap
                    ? ['Accept: application/json', 'Content-Type: application/json', 'X-CSRF-TOKEN: '.$person['token']]
                    : ['Accept: text/html'],
            ],
        ]);
        if ($isTap) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, json_encode([
                'id' => (string) Str::uuid(), 'kind' => 'add', 'task' => 't-hour4', 'counter' => 'sewn', 'amount' => 1, 'queued' => true,
            ], JSON_THROW_ON_ERROR));
        }

        return $handle;
    }

    private function text(string $argument): string
    {
        $given = $this->argument($argument);

        return is_string($given) ? $given : '';
    }

    /** @param  list<float>  $times */
    private function share(array $times, float $share): float
    {
        sort($times);

        return $times === [] ? 0.0 : $times[(int) min(count($times) - 1, floor($share * count($times)))];
    }
}

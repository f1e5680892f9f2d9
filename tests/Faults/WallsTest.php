<?php

declare(strict_types=1);

namespace Tests\Faults;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What somebody else on the machine, or on the line, can reach of an instance. */
final class WallsTest extends TestCase
{
    private Instance $instance;

    protected function setUp(): void
    {
        $this->instance = new Instance;
        self::assertTrue($this->instance->comesBack());
    }

    public function test_nobody_else_on_the_machine_can_read_anything_of_an_instance(): void
    {
        $open = [];
        foreach ($this->everything() as $file) {
            // A socket's own mode is the database's; its folder keeps others out.
            if ($file->getType() !== 'socket' && ! $file->isLink() && ($file->getPerms() & 0o077) !== 0) {
                $open[] = sprintf('%s %o', $file->getPathname(), $file->getPerms() & 0o777);
            }
        }
        self::assertSame([], $open);
        self::assertGreaterThan(100, iterator_count($this->everything()));
        if (posix_geteuid() === 0) {
            exec('runuser -u nobody -- find '.escapeshellarg($this->instance->folder).' -mindepth 1 2>&1 | head -n 5', $seen);
            self::assertSame(1, count($seen), implode("\n", $seen));
            self::assertStringContainsString('Permission denied', $seen[0]);
        }
    }

    public function test_start_closes_what_stands_open_says_so_and_changes_what_may_have_been_read(): void
    {
        $before = $this->instance->setting('DB_PASSWORD');
        chmod($this->instance->folder.'/cache', 0o755);
        chmod($this->instance->folder.'/cache/config.php', 0o644);

        [$status, $said] = $this->instance->tekkal('start');
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Closed to others: 2 files or folders', $said);
        self::assertStringContainsString('the database\'s passwords are changed now', $said);
        self::assertNotSame($before, $this->instance->setting('DB_PASSWORD'));
        self::assertTrue($this->instance->comesBack(), 'with the new password');
        self::assertStringNotContainsString('Closed', $this->instance->tekkal('start')[1]);
        self::assertSame(0, $this->instance->tekkal('verify')[0]);
    }

    /** @return iterable<string, array{string, string, list<string>, int}> */
    public static function answers(): iterable
    {
        yield 'a page' => ['GET', '/', [], 200];
        yield 'the application' => ['GET', '/api/builds', [], 401];
        yield 'a picture' => ['GET', '/mark.svg', [], 200];
        yield 'a script that is not there' => ['GET', '/build/nothing.js', [], 404];
        yield 'a hidden file' => ['GET', '/.env', [], 403];
        yield 'a program' => ['GET', '/up.php', [], 404];
        yield 'a way of asking that nobody uses' => ['TRACE', '/', [], 405];
        yield 'an address longer than any' => ['GET', '/'.str_repeat('x', 9_000), [], 414];
        yield 'headers larger than any' => ['GET', '/', ['X-Large: '.str_repeat('x', 40_000)], 400];
        yield 'another name' => ['GET', '/', ['Host: shop.example'], 421];
        yield 'another name on an address of the application' => ['GET', '/api/session', ['Host: shop.example:8088'], 421];
    }

    /** @param  list<string>  $headers */
    #[DataProvider('answers')]
    public function test_every_answer_keeps_the_page_to_itself_and_every_refusal_is_a_problem_with_its_own_status(string $method, string $path, array $headers, int $status): void
    {
        [$got, $body, $head] = $this->fetch($method, $path, $headers);

        self::assertSame($status, $got);
        self::assertStringContainsString("default-src 'self'", $head);
        self::assertSame(1, substr_count(strtolower($head), 'content-security-policy:'), $head);
        self::assertStringContainsString('nosniff', $head);
        if ($status >= 400) {
            self::assertStringContainsString('application/problem+json', $head);
            $problem = json_decode($body, true);
            self::assertSame($path === '/' && $headers !== [] && $status === 400 ? 431 : $status, $problem['status']);
            self::assertStringStartsWith('tekkal:', $problem['type']);
            self::assertGreaterThan(20, strlen((string) $problem['detail']));
        }
    }

    public function test_the_name_that_was_asked_for_does_not_come_back_in_addresses(): void
    {
        foreach (['127.0.0.1:1', 'LOCALHOST:9'] as $host) {
            [$status, $body] = $this->fetch('GET', '/', ["Host: $host"]);
            self::assertSame(200, $status);
            preg_match_all('~https?://[^"/]+~', $body, $named);
            self::assertSame([':'.$this->instance->setting('TEKKAL_PORT')], array_values(array_unique(array_map(fn (string $n): string => (string) strrchr($n, ':'), $named[0]))), $body);
        }
    }

    public function test_a_cookie_that_somebody_makes_up_buys_no_more_requests(): void
    {
        // One after the other on a few lines, so that nginx has them all before another second has begun.
        $heads = array_map(fn (int $i): string => "HEAD /mark.svg HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: tekkal_bench_faults_1=made-up-$i\r\n".($i % 200 === 199 ? "Connection: close\r\n" : '')."\r\n", range(0, 1_599));
        preg_match_all('~^HTTP/1\.1 (\d{3})~m', implode('', Http::burst($this->instance->base, array_map(implode(...), array_chunk($heads, 200)))), $statuses);
        $counts = array_count_values($statuses[1]);

        self::assertSame(1_600, array_sum($counts));
        self::assertGreaterThan(0, $counts[429] ?? 0, json_encode($counts) ?: '');
        sleep(3);
    }

    /** Each books itself before the password is looked at, whatever happens at the same moment. */
    public function test_however_many_try_a_name_at_once_no_more_than_ten_are_looked_at_in_a_minute(): void
    {
        $http = new Http($this->instance->base);
        $http->must('session');
        $answers = Http::atOnce(array_fill(0, 24, [$http, 'session', ['name' => 'reader', 'password' => 'guess']]));

        $counts = array_count_values(array_column($answers, 0));
        ksort($counts);
        self::assertSame([422 => 10, 429 => 14], $counts);
        [$status] = $http->post('session', ['name' => 'approver', 'password' => 'fenmoor']);
        self::assertSame(200, $status, 'nobody else is locked out');
    }

    public function test_a_problem_carries_the_number_under_which_the_logs_have_it(): void
    {
        [, $body, $head] = $this->fetch('GET', '/api/builds', []);
        $id = json_decode($body, true)['request_id'];

        self::assertMatchesRegularExpression('/^[0-9a-f]{32}$/', $id);
        self::assertStringContainsString("X-Request-Id: $id", $head);
        // The line is written when the answer is out already.
        $log = fn (): string => (string) file_get_contents($this->instance->folder.'/log/problems.log');
        self::assertTrue(Patience::until(fn (): bool => str_contains($log(), "$id 401 GET /api/builds")));
    }

    public function test_status_says_what_may_be_wrong_although_everything_runs(): void
    {
        [$status, $said] = $this->instance->tekkal('status');

        self::assertSame(0, $status);
        foreach (['Sequencer', 'Queue', 'Disk', 'Last backup', 'Last verify', 'Note of the last leaf', 'Clock'] as $line) {
            self::assertMatchesRegularExpression("/^[ !] $line /m", $said);
        }
    }

    /** @return RecursiveIteratorIterator<RecursiveDirectoryIterator> */
    private function everything(): RecursiveIteratorIterator
    {
        $found = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($this->instance->folder, FilesystemIterator::SKIP_DOTS), RecursiveIteratorIterator::SELF_FIRST);
        $found->rewind();
        assert($found->current() instanceof SplFileInfo);

        return $found;
    }

    /**
     * @param  list<string>  $headers
     * @return array{int, string, string} status, body, headers
     */
    private function fetch(string $method, string $path, array $headers): array
    {
        $curl = curl_init($this->instance->base.$path);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_HTTPHEADER => $headers, CURLOPT_PATH_AS_IS => true]);
        $all = (string) curl_exec($curl);
        $size = curl_getinfo($curl, CURLINFO_HEADER_SIZE);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), substr($all, $size), substr($all, 0, $size)];
    }
}

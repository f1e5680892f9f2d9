<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;

/** What the web server itself must see to, tried over the line. */
final class WebServerTest extends TestCase
{
    private Instance $instance;

    private Http $http;

    protected function setUp(): void
    {
        $this->instance = new Instance;
        self::assertTrue($this->instance->comesBack());
        $this->http = new Http($this->instance->base);
        $this->http->must('session');
    }

    public function test_a_post_without_its_token_is_refused(): void
    {
        [$status, $answer] = $this->http->post('session', ['name' => 'lead', 'password' => 'fenmoor'], csrf: false);

        self::assertSame([419, 'tekkal:stale-page'], [$status, $answer['type']]);
        self::assertSame('This page is too old to be trusted. Reload it and try again.', $answer['detail']);
    }

    public function test_a_body_over_the_limit_is_refused_with_it_and_its_unit(): void
    {
        foreach (['session' => 4, 'bench/observations' => 4, 'library/imports' => 20] as $path => $most) {
            [$status, $answer] = $this->http->post($path, str_repeat('x', ($most + 1) * 1024 * 1024));
            self::assertSame([413, 'tekkal:too-large', $most, 'MB'], [$status, $answer['type'], $answer['limit'], $answer['unit']], $path);
        }
    }

    public function test_nginx_and_php_agree_on_the_largest_body(): void
    {
        self::assertStringContainsString('client_max_body_size 20m;', (string) file_get_contents($this->instance->folder.'/etc/nginx.conf'));
        $fpm = (string) file_get_contents($this->instance->folder.'/etc/php-fpm.conf');
        self::assertStringContainsString('post_max_size] = 20M', $fpm);
        self::assertStringContainsString('upload_max_filesize] = 20M', $fpm);
    }

    public function test_json_that_is_broken_off_is_refused_with_a_sentence(): void
    {
        [$status, $answer] = $this->http->post('session', '{"name": "lead", ');

        self::assertSame([422, 'tekkal:bad-value'], [$status, $answer['type']]);
        self::assertNotSame('', $answer['detail']);
    }

    public function test_the_key_in_an_address_does_not_come_into_the_log_with_what_went_wrong(): void
    {
        $key = 'kept-'.bin2hex(random_bytes(12));
        foreach (["welcome/$key", "calendar/$key.ics"] as $path) {
            self::assertSame(404, $this->http->get($path)[0], $path);
        }
        // The line is written when the answer is out already.
        $log = fn (): string => (string) file_get_contents($this->instance->folder.'/log/problems.log');
        self::assertTrue(Patience::until(fn (): bool => str_contains($log(), ' 404 GET /api/welcome/... ') && str_contains($log(), ' 404 GET /api/calendar/... ')));

        self::assertStringNotContainsString($key, $log());
    }

    /** Settings, keys, code and the record's files are no pages. */
    public function test_nothing_but_the_public_folder_is_served(): void
    {
        foreach (['/.env', '/../.env', '/%2e%2e/.env', '/.git/config', '/index.php/../../.env', '/owner.cnf', '/artisan', '/composer.json', '/build/../index.php', '/storage/logs/laravel.log'] as $path) {
            [$status, $body] = $this->fetch($path);
            self::assertStringNotContainsString('APP_KEY', $body, $path);
            self::assertStringNotContainsString('<?php', $body, $path);
            self::assertTrue(in_array($status, [400, 403, 404], true) || str_contains($body, 'id="app"'), "$path answered $status");
        }
    }

    public function test_pages_and_scripts_carry_the_headers_that_keep_the_page_to_itself(): void
    {
        [, , $page] = $this->fetch('/');
        self::assertStringContainsString("default-src 'self'", $page);
        self::assertStringContainsString("frame-ancestors 'none'", $page);
        self::assertStringContainsString('nosniff', $page);
        self::assertStringNotContainsString('X-Powered-By', $page);
        self::assertDoesNotMatchRegularExpression('~Server: nginx/\d~', $page);
        self::assertStringContainsString('no-store', $this->fetch('/api/session')[2]);
        preg_match('~/build/assets/[^"]+\.js~', $this->fetch('/')[1], $script);
        self::assertStringContainsString('nosniff', $this->fetch($script[0])[2]);
    }

    public function test_one_browser_that_asks_without_pause_is_slowed_down_and_told_so(): void
    {
        $bench = (new BenchClient($this->instance->base, 60))->signIn();
        // All at once: nginx counts what arrives, so that it does not matter how fast the machine answers.
        $answers = Http::burst($this->instance->base, array_fill(0, 400, "GET /api/builds HTTP/1.1\r\nHost: 127.0.0.1\r\nAccept: application/json\r\nConnection: close\r\n\r\n"));
        $refused = array_values(array_filter($answers, fn (string $a): bool => str_starts_with($a, 'HTTP/1.1 429 ')));

        self::assertNotSame([], $refused, json_encode(array_count_values(array_map(fn (string $a): string => strtok($a, "\r") ?: '', $answers))) ?: '');
        self::assertStringContainsString('"tekkal:too-often"', $refused[0]);
        self::assertSame(200, $bench->bench->get('session')[0], 'a bench goes on working meanwhile');
        sleep(3);
    }

    public function test_no_secret_is_written_into_a_log(): void
    {
        $this->http->post('session', ['name' => 'lead', 'password' => 'a-wrong-pass-word']);
        $this->http->must('session', ['name' => 'lead', 'password' => 'fenmoor']);
        $this->http->must('devices', ['name' => 'Bench of the logs']);
        $this->http->post('session/bench', ['badge' => '1041', 'pin' => '271828']);
        $this->http->must('session/bench', ['badge' => '1041', 'pin' => '314159']);
        $this->instance->kill('mariadb');
        $this->http->post('session/bench', ['badge' => '1041', 'pin' => '314159']);
        $this->http->post('session', ['name' => 'lead', 'password' => 'a-wrong-pass-word']);
        self::assertTrue($this->instance->comesBack());

        $secrets = ['a-wrong-pass-word', '271828', '314159', 'fenmoor', ...array_map($this->instance->setting(...), ['APP_KEY', 'DB_PASSWORD'])];
        $written = '';
        foreach ([...(glob($this->instance->folder.'/log/*') ?: []), ...(glob($this->instance->folder.'/storage/logs/*') ?: [])] as $file) {
            $written .= file_get_contents($file);
        }
        self::assertStringContainsString('SQLSTATE', $written, 'the failure itself was logged');
        foreach ($secrets as $secret) {
            self::assertStringNotContainsString($secret, $written);
        }
    }

    /** @return array{int, string, string} status, body, headers */
    private function fetch(string $path): array
    {
        $curl = curl_init($this->instance->base.$path);
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true, CURLOPT_PATH_AS_IS => true]);
        $all = (string) curl_exec($curl);
        $size = curl_getinfo($curl, CURLINFO_HEADER_SIZE);

        return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), substr($all, $size), substr($all, 0, $size)];
    }
}

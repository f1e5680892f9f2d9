<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Uuid;

/**
 * Bad bodies, odd addresses, damaged files and many at once, against a running instance. A handful of each in the tests;
 * bin/tekkal bench attack goes on for TEKKAL_ATTACK_SECONDS, seeded, and prints what it sent.
 */
final class AttackTest extends TestCase
{
    private const HANDFUL = 260;

    private Instance $instance;

    private Http $desk;

    private Http $bench;

    protected function setUp(): void
    {
        $this->instance = new Instance;
        self::assertTrue($this->instance->comesBack());
        $this->desk = new Http($this->instance->base, 60_000);
        $this->desk->must('session');
        $this->desk->must('session', ['name' => 'lead', 'password' => 'fenmoor']);
    }

    public function test_no_bad_input_is_ever_the_servers_fault_and_each_refusal_is_a_sentence(): void
    {
        $client = (new BenchClient($this->instance->base, 70))->signIn()->newRun();
        $this->bench = $client->bench;
        $reading = ['device_seq' => 1] + $client->reading();
        $seed = (int) (getenv('TEKKAL_ATTACK_SEED') ?: random_int(1, 1_000_000));
        mt_srand($seed);
        $until = microtime(true) + (int) (getenv('TEKKAL_ATTACK_SECONDS') ?: 0);
        $counts = $wrong = [];
        for ($i = 0; $i < self::HANDFUL || microtime(true) < $until; $i++) {
            $what = $this->one($reading, $client->run);
            [$status, $answer] = $what['answer'];
            $told = sprintf('seed %d, number %d: %s %s answered %d %s', $seed, $i, $what['path'], mb_strimwidth($what['body'], 0, 300, '…'), $status, mb_strimwidth((string) json_encode($answer), 0, 300, '…'));
            $sentence = $status < 400 || (str_starts_with((string) ($answer['type'] ?? ''), 'tekkal:') && strlen((string) ($answer['detail'] ?? '')) > 5);
            if ($status < 200 || $status >= 500 || ! $sentence) {
                $wrong[] = $told;
            }
            $counts[$status] = ($counts[$status] ?? 0) + 1;
        }
        ksort($counts);
        self::assertSame([], array_slice($wrong, 0, 20));
        self::assertGreaterThan(self::HANDFUL / 2, ($counts[422] ?? 0) + ($counts[404] ?? 0), 'most of it was bad');
        self::assertSame(0, $this->instance->tekkal('verify')[0]);
        fwrite(STDERR, sprintf("\n%d bad inputs (seed %d): %s\n", array_sum($counts), $seed, json_encode($counts)));
    }

    public function test_one_import_written_six_times_at_once_is_written_once(): void
    {
        $document = (array) json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/seeders/demo/tn3-main-caps.json'), true);
        $option = 'bolts of '.bin2hex(random_bytes(3));
        $file = sys_get_temp_dir().'/tekkal-import-'.bin2hex(random_bytes(4)).'.json';
        file_put_contents($file, json_encode(['option' => $option] + $document));
        $import = (string) $this->desk->upload('library/imports', $file)['id'];
        $others = array_map(fn (): string => (string) $this->desk->upload('library/imports', $file)['id'], range(1, 2));

        $answers = Http::atOnce(array_fill(0, 6, [$this->desk, "library/imports/$import/write", []]));
        $statuses = array_count_values(array_column($answers, 0));
        self::assertSame([202 => 1, 422 => 5], array_replace([202 => 0, 422 => 0], $statuses));
        foreach ($others as $other) {
            $this->desk->post("library/imports/$other/write");
        }
        $ended = fn (string $id): bool => in_array($this->desk->must("library/imports/$id")['state'], ['done', 'failed'], true);
        self::assertTrue(Patience::until(fn (): bool => array_filter([$import, ...$others], fn (string $id): bool => ! $ended($id)) === []));
        self::assertSame([['n' => 1]], $this->instance->rows('SELECT COUNT(*) AS n FROM procedures WHERE `option` = ?', [$option]));
        unlink($file);
    }

    public function test_one_command_sent_many_times_at_once_is_carried_out_once(): void
    {
        $customer = $this->desk->must('builds/choices')['customers'][0]['id'];
        $build = ['serial' => sprintf('TN3-%02d-%04d', random_int(80, 99), random_int(0, 9999)), 'customer' => $customer, 'id' => (string) Uuid::v7()];
        $answers = Http::atOnce(array_fill(0, 12, [$this->desk, 'builds', $build]));

        self::assertSame([201 => 12], array_count_values(array_column($answers, 0)), json_encode($answers) ?: '');
        self::assertCount(1, array_unique(array_map(fn (array $a): string => (string) $a[1]['id'], $answers)));
        self::assertSame([['n' => 1]], $this->instance->rows('SELECT COUNT(*) AS n FROM subjects WHERE serial = ?', [$build['serial']]));
    }

    public function test_files_that_are_not_what_they_say_are_refused(): void
    {
        $source = $this->desk->must('library/sources')['sources'][0]['id'];
        $png = "\x89PNG\r\n\x1a\n";
        foreach (['page.pdf' => '<html>', 'p.png' => $png.str_repeat("\0", 40), 'huge.png' => $png.pack('N', 13).'IHDR'.pack('NN', 60_000, 60_000)."\x08\x02\0\0\0".str_repeat('x', 40), 'empty.pdf' => '', 'half.pdf' => '%PDF-1.4 and no end', 'x.svg' => '<svg xmlns="http://www.w3.org/2000/svg"/>', 'zip.pdf' => "PK\x03\x04"] as $name => $bytes) {
            $file = sys_get_temp_dir().'/tekkal-'.bin2hex(random_bytes(4)).'-'.$name;
            file_put_contents($file, $bytes);
            $answer = $this->desk->upload("library/sources/$source/paper", $file);
            self::assertSame(422, $answer['status'] ?? 0, "$name: ".json_encode($answer));
            self::assertLessThan(500, (int) ($this->desk->upload('library/imports', $file)['status'] ?? 0), $name);
            unlink($file);
        }
    }

    /**
     * @param  array<string, mixed>  $reading
     * @return array{path: string, body: string, answer: array{int, array<string, mixed>}}
     */
    private function one(array $reading, string $run): array
    {
        $requests = self::requests($reading, $run);
        [$path, $body, $atBench] = $requests[mt_rand(0, count($requests) - 1)];
        $http = $atBench ? $this->bench : $this->desk;
        $odd = mt_rand(0, 9);
        if ($odd === 0) {
            $path = (string) preg_replace('~[0-9a-f-]{36}~', rawurlencode(self::oddText()), $path);
        } elseif ($odd === 1) {
            $addresses = ['builds/', 'audit/', 'library/revisions/', 'library/procedures/', 'find?q=', 'library?find=', 'library?value=', 'audit?serial=', 'live?run=x&since='];
            $path = $addresses[mt_rand(0, count($addresses) - 1)].rawurlencode(self::oddText());

            return ['path' => "GET $path", 'body' => '', 'answer' => $this->desk->get($path)];
        } else {
            $body = self::spoilt($body);
        }
        $json = $odd === 2 ? substr((string) json_encode($body), 0, -2) : str_replace('"1e309"', '1e309', (string) json_encode($body === [] ? (object) [] : $body, JSON_PARTIAL_OUTPUT_ON_ERROR));

        return ['path' => "POST $path", 'body' => $json, 'answer' => $http->post($path, $json)];
    }

    /**
     * @param  array<string, mixed>  $reading
     * @return list<array{string, array<string, mixed>, bool}> path, body, at a bench
     */
    private static function requests(array $reading, string $run): array
    {
        $uuid = (string) Uuid::v7();

        return [
            ['session/bench', ['badge' => '1042', 'pin' => '000000'], true],
            ['bench/observations', ['sent_at' => gmdate('Y-m-d\TH:i:s\Z'), 'observations' => [$reading]], true],
            ["bench/runs/$run/withdrawals", ['id' => $uuid, 'device_seq' => 1, 'base_seq' => 0, 'device_time' => '2026-06-15T09:00:00Z', 'mono_ms' => 1, 'clock' => 'c', 'step' => 's:a:1', 'reading' => $uuid, 'reason' => 'wrong_key', 'text' => 'x'], true],
            ['bench/runs', ['id' => $uuid, 'device_seq' => 1, 'base_seq' => 0, 'device_time' => '2026-06-15T09:00:00Z', 'mono_ms' => 1, 'assignment' => $uuid], true],
            ['stand-ins/wrench/pull', ['unit' => 'N.m', 'low' => '30', 'high' => '34', 'resolution' => '0.1', 'manner' => 'good', 'seed' => 'x'], true],
            ['builds', ['serial' => 'TN3-98-0001', 'customer' => $uuid, 'id' => $uuid], false],
            ["builds/$uuid/assignments", ['joint' => $uuid, 'person' => $uuid, 'id' => $uuid], false],
            ['devices', ['name' => ''], false],
            ['library/families', ['code' => 'ZZ', 'name' => '', 'joints' => ['x'], 'variants' => []], false],
            ['library/procedures', ['joint' => $uuid, 'option' => 'x', 'copy_of' => $uuid], false],
            ['library/sources', ['code' => '', 'kind' => 'engine_maker', 'title' => 't', 'edition' => 'e', 'date' => 'd'], false],
            ['library/standards', ['code' => 'X', 'quantity' => 'torque', 'tool' => '', 'risk_class' => 'A', 'tolerance' => 'x', 'source' => 'x'], false],
            ['library/permits', ['procedure' => $uuid, 'departure' => 'x', 'reason' => 'x', 'valid_from' => '2026-06-15', 'quantity' => 1, 'serials' => 'x'], false],
            ['library/look', ['document' => ['format' => 'x', 'stages' => []], 'against' => $uuid], false],
            ['library/line', ['line' => '15 lbf·ft', 'groups' => ['inner']], false],
            ['library/map/layout', ['pattern' => 'circle', 'count' => 8, 'diameter' => 80, 'x' => 0, 'y' => 0], false],
            ['library/map/order', ['positions' => [['key' => 'a', 'x' => '1', 'y' => '2']], 'order' => ['a']], false],
            ['library/map/csv', ['csv' => "number,x,y\n1,2,3", 'groups' => ['a'], 'parts' => ['b']], false],
            ['library/workbench/joint', ['thread' => 'M10', 'class' => '8.8', 'torque' => '45 N·m', 'grip' => '44 mm'], false],
            ['library/workbench/trial', ['angle' => '80', 'readings' => ['1', '2', '3']], false],
            ['library/workbench/pairing', ['lengths' => ['1', '2'], 'groups' => 2], false],
            ["people/$uuid/unlock", [], false], ["audit/readings/$uuid/dismiss", ['reason' => 'sent_twice', 'text' => 'x'], false], ["notices/$uuid/acknowledge", [], false],
        ];
    }

    /**
     * One value of it, anywhere, is another.
     *
     * @param  array<mixed>  $body
     * @return array<mixed>
     */
    private static function spoilt(array $body): array
    {
        if ($body === []) {
            return ['x' => self::odd()];
        }
        $key = array_rand($body);
        $body[$key] = is_array($body[$key]) && mt_rand(0, 2) > 0 ? self::spoilt($body[$key]) : self::odd();

        return $body;
    }

    private static function odd(): mixed
    {
        $values = [null, true, [], [[]], ['a' => ['b' => 1]], 0, -1, 1.5, PHP_INT_MAX, '1e309', array_fill(0, 3_000, 'x'), array_fill(0, 3_000, ['key' => 'k']), '2026-02-30', '-5000 years', '0000-00-00T00:00:00Z', '9999999999999999999999', self::oddText(), self::oddText(), self::oddText()];

        return $values[mt_rand(0, count($values) - 1)];
    }

    private static function oddText(): string
    {
        $texts = ['', ' ', 'ü', '１０４１', "\u{0}", "a\u{202E}b", "\u{200B}", "line\nline", "\u{1F527}", str_repeat('x', 100_000), "' OR 1=1 --", '../../.env', '<script>alert(1)</script>', '=1+1', '%', '_', '\\', 'NaN', '1e5', '0x1F', '--1', "\u{10FFFF}", 'null', '019ec000-0000-7000-8000-00000000000G', str_repeat('9', 60), 'é'];
        $text = $texts[mt_rand(0, count($texts) - 1)];

        return strlen($text) > 3_000 && mt_rand(0, 3) > 0 ? 'x' : $text;
    }
}

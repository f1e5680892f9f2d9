<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\Leaf;

/**
 * Services are killed at random moments while several benches record. How often is set by TEKKAL_KILLS: 5 in the tests,
 * 200 in bin/tekkal bench faults.
 */
final class KillTest extends TestCase
{
    private const SERVICES = ['mariadb', 'php-fpm', 'nginx', 'sequencer', 'queue'];

    private const CLIENTS = 4;

    public function test_whatever_is_killed_every_acknowledged_observation_is_there_once_in_order_with_its_standing(): void
    {
        $instance = new Instance;
        self::assertTrue($instance->comesBack());
        $kills = (int) (getenv('TEKKAL_KILLS') ?: 5);
        $seed = (int) (getenv('TEKKAL_KILL_SEED') ?: random_int(1, 1_000_000));
        mt_srand($seed);
        $folder = sys_get_temp_dir().'/tekkal-kills-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $clients = $this->startClients($instance, $folder, $kills > 20 ? 250 : 40);

        $longest = 0.0;
        for ($i = 0; $i < $kills; $i++) {
            usleep(mt_rand(200, 1500) * 1000);
            $service = $i < count(self::SERVICES) ? self::SERVICES[$i] : self::SERVICES[mt_rand(0, count(self::SERVICES) - 1)];
            $began = microtime(true);
            $instance->kill($service);
            self::assertTrue($instance->comesBack(), "After $service was killed it did not come back (seed $seed, kill $i).");
            $longest = max($longest, microtime(true) - $began);
        }
        $reports = $this->endClients($clients, $folder);

        $acknowledged = 0;
        foreach ($reports as $report) {
            self::assertSame(0, $report['waiting'], 'everything was sent in the end');
            $this->assertAllThere($instance, $report);
            $acknowledged += count($report['acknowledged']);
        }
        self::assertGreaterThan($kills * 4, $acknowledged, 'the benches did record meanwhile');
        $this->assertAgrees($instance->tekkal('verify'), "after the kills (seed $seed)");
        self::assertSame(0, $instance->tekkal('rebuild')[0]);
        $this->assertAgrees($instance->tekkal('verify'), "after a rebuild (seed $seed)");
        fwrite(STDERR, sprintf("\n%d kills (seed %d), %d observations acknowledged, longest time without an answer %.1f s\n", $kills, $seed, $acknowledged, $longest));
        exec('rm -rf '.escapeshellarg($folder));
    }

    /** @return list<resource> */
    private function startClients(Instance $instance, string $folder, int $pauseMs): array
    {
        $clients = [];
        for ($number = 0; $number < self::CLIENTS; $number++) {
            $clients[] = proc_open(['php', __DIR__.'/client.php', $instance->base, (string) $number, (string) $pauseMs, $folder], [1 => ['file', "$folder/said-$number", 'w'], 2 => ['file', "$folder/said-$number", 'a']], $pipes);
        }
        $ready = fn (): bool => count(glob("$folder/ready-*") ?: []) === self::CLIENTS;
        self::assertTrue(Patience::until($ready), (string) @file_get_contents("$folder/said-0"));

        return array_values(array_filter($clients, is_resource(...)));
    }

    /**
     * @param  list<resource>  $clients
     * @return list<array{acknowledged: list<array<string, mixed>>, tried: list<string>, waiting: int}>
     */
    private function endClients(array $clients, string $folder): array
    {
        usleep(1_500_000);
        touch("$folder/STOP");
        $reports = [];
        foreach ($clients as $number => $client) {
            $status = proc_close($client);
            self::assertSame(0, $status, (string) file_get_contents("$folder/said-$number"));
            $reports[] = json_decode((string) file_get_contents("$folder/client-$number.json"), true, flags: JSON_THROW_ON_ERROR);
        }

        return $reports;
    }

    /** @param  array{acknowledged: list<array<string, mixed>>, tried: list<string>, waiting: int}  $report */
    private function assertAllThere(Instance $instance, array $report): void
    {
        $stored = [];
        foreach (array_chunk($report['tried'], 500) as $ids) {
            $in = implode(',', array_fill(0, count($ids), '?'));
            foreach ($instance->rows("SELECT entry_id, seq, standing, device, device_seq, stream, body, leaf_hash FROM ledger_entries WHERE entry_id IN ($in)", $ids) as $row) {
                self::assertArrayNotHasKey((string) $row['entry_id'], $stored);
                $stored[(string) $row['entry_id']] = $row;
            }
        }
        self::assertSameSize($report['tried'], $stored, 'what was tried is there, once');
        $last = 0;
        $lastSeq = [];
        foreach ($report['acknowledged'] as $answer) {
            $row = $stored[$answer['id']];
            self::assertSame([$answer['leaf_hash'], $answer['seq'], $answer['standing'], $answer['device_seq']], [$row['leaf_hash'], $row['seq'], $row['standing'], $row['device_seq']]);
            self::assertSame('applied', $row['standing']);
            self::assertSame(Leaf::hash((string) $row['body']), $row['leaf_hash']);
            self::assertGreaterThan($last, $row['device_seq'], 'in the order of the device');
            self::assertGreaterThan($lastSeq[$row['stream']] ?? 0, $row['seq'], 'in the order of the run');
            $last = $row['device_seq'];
            $lastSeq[$row['stream']] = $row['seq'];
        }
    }

    /** @param  array{int, string}  $outcome */
    private function assertAgrees(array $outcome, string $when): void
    {
        self::assertSame(0, $outcome[0], "Ledger and projection agree $when: $outcome[1]");
        self::assertStringContainsString('Bytes, hashes, counts and projections agree.', $outcome[1]);
    }
}

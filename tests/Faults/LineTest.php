<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;

/** What can go wrong on the line between a bench and the server. */
final class LineTest extends TestCase
{
    private static int $benches = 10;

    private Instance $instance;

    private BenchClient $bench;

    protected function setUp(): void
    {
        $this->instance = new Instance;
        self::assertTrue($this->instance->comesBack());
        $this->bench = (new BenchClient($this->instance->base, self::$benches++))->signIn()->newRun();
    }

    public function test_a_connection_cut_after_the_commit_and_before_the_answer_costs_nothing_and_doubles_nothing(): void
    {
        $reading = $this->bench->reading() + ['device_seq' => $this->bench->next()];
        $line = stream_socket_client('tcp://'.substr($this->instance->base, 7));
        self::assertIsResource($line);
        fwrite($line, $this->bench->bench->raw('bench/observations', $this->bench->batch([$reading])));
        $this->waitFor($reading['id']);
        fclose($line);

        [$status, $answer] = $this->bench->bench->post('bench/observations', $this->bench->batch([$reading]));
        $rows = $this->stored($reading['id']);

        self::assertSame(200, $status);
        self::assertCount(1, $rows);
        self::assertSame($rows[0]['leaf_hash'], $answer['outcomes'][0]['leaf_hash']);
        self::assertSame('applied', $answer['outcomes'][0]['standing']);
    }

    public function test_the_same_batch_several_times_at_once_is_stored_once_and_answered_alike(): void
    {
        $batch = [];
        foreach ([0, 1, 2] as $i) {
            $batch[] = $this->bench->reading($this->bench->walk[$i]['step']) + ['device_seq' => $this->bench->next() + $i];
        }
        $answers = Http::atOnce(array_fill(0, 6, [$this->bench->bench, 'bench/observations', $this->bench->batch($batch)]));

        foreach ($answers as $answer) {
            self::assertSame(200, $answer[0], json_encode($answer[1]) ?: '');
            self::assertSame($answers[0][1]['outcomes'], $answer[1]['outcomes']);
        }
        foreach ($batch as $reading) {
            self::assertCount(1, $this->stored($reading['id']));
        }
    }

    public function test_of_two_benches_on_one_run_the_holders_reading_counts_and_the_others_is_kept_aside(): void
    {
        $other = (new BenchClient($this->instance->base, self::$benches++, '1042'))->signIn();
        $mine = $this->bench->reading() + ['device_seq' => $this->bench->next()];
        $theirs = ['id' => '019ec000-0000-7000-8000-'.bin2hex(random_bytes(6)), 'sitting' => $other->sitting, 'device_seq' => $other->next()] + $mine;
        $answers = Http::atOnce([
            [$this->bench->bench, 'bench/observations', $this->bench->batch([$mine])],
            [$other->bench, 'bench/observations', $other->batch([$theirs])],
        ]);

        self::assertSame([200, 200], array_column($answers, 0));
        self::assertSame('applied', $answers[0][1]['outcomes'][0]['standing']);
        self::assertSame('set_aside', $answers[1][1]['outcomes'][0]['standing']);
        self::assertSame('Another device had taken the run over.', $answers[1][1]['outcomes'][0]['say'][0]['sentence']);
        self::assertCount(1, $this->stored($theirs['id']));
    }

    public function test_of_two_benches_that_take_a_run_over_at_once_one_holds_it_and_nothing_of_the_other_is_lost(): void
    {
        $other = (new BenchClient($this->instance->base, self::$benches++, '1042'))->signIn();
        $command = fn (BenchClient $c): array => ['id' => '019ec000-0000-7000-8000-'.bin2hex(random_bytes(6)), 'device_seq' => $c->next(), 'base_seq' => 0, 'device_time' => gmdate('c'), 'mono_ms' => 1, 'clock' => 'fault-client'];
        $path = "bench/runs/{$this->bench->run}/take-over";
        $answers = Http::atOnce([[$this->bench->bench, $path, $command($this->bench)], [$other->bench, $path, $command($other)]]);
        $this->bench->used();
        $other->used();
        self::assertSame([200, 200], array_column($answers, 0));

        $reading = fn (BenchClient $c): array => ['id' => '019ec000-0000-7000-8000-'.bin2hex(random_bytes(6)), 'sitting' => $c->sitting, 'device_seq' => $c->next()] + $this->bench->reading();
        $answers = Http::atOnce([
            [$this->bench->bench, 'bench/observations', $this->bench->batch([$reading($this->bench)])],
            [$other->bench, 'bench/observations', $other->batch([$reading($other)])],
        ]);
        $standings = array_map(fn (array $a): string => $a[1]['outcomes'][0]['standing'], $answers);
        sort($standings);

        self::assertSame(['applied', 'set_aside'], $standings);
    }

    public function test_a_gap_in_the_devices_count_is_answered_with_the_number_expected_and_stores_nothing(): void
    {
        $reading = $this->bench->reading() + ['device_seq' => $this->bench->next() + 3];
        [$status, $answer] = $this->bench->bench->post('bench/observations', $this->bench->batch([$reading]));

        self::assertSame([409, 'tekkal:device-seq', $this->bench->next(), $reading['id']], [$status, $answer['type'], $answer['expected'], $answer['id']]);
        self::assertSame([], $this->stored($reading['id']));
    }

    public function test_the_same_id_with_other_bytes_is_refused_and_the_first_stays(): void
    {
        $reading = $this->bench->reading() + ['device_seq' => $this->bench->next()];
        self::assertSame(200, $this->bench->bench->post('bench/observations', $this->bench->batch([$reading]))[0]);
        [$status, $answer] = $this->bench->bench->post('bench/observations', $this->bench->batch([['value' => '33.3 N.m'] + $reading]));

        self::assertSame([409, 'tekkal:id-taken'], [$status, $answer['type']]);
        self::assertStringContainsString(sprintf('"value":"%s"', $reading['value']), (string) $this->stored($reading['id'])[0]['body']);
    }

    public function test_a_clock_that_was_set_back_changes_neither_order_nor_durations(): void
    {
        $first = $this->bench->reading($this->bench->walk[0]['step']) + ['device_seq' => $this->bench->next()];
        $second = ['device_time' => gmdate('Y-m-d\TH:i:s.v\Z', time() - 3 * 3600), 'mono_ms' => $first['mono_ms'] + 5_000]
            + $this->bench->reading($this->bench->walk[1]['step']) + ['device_seq' => $this->bench->next() + 1];
        $sent = ['sent_at' => gmdate('Y-m-d\TH:i:s.v\Z', time() - 3 * 3600), 'observations' => [$first, $second]];
        [$status, $answer] = $this->bench->bench->post('bench/observations', $sent);
        $bodies = array_map(fn (array $o): array => json_decode((string) $this->stored($o['id'])[0]['body'], true), [$first, $second]);

        self::assertSame(200, $status);
        self::assertSame(['applied', 'applied'], array_column($answer['outcomes'], 'standing'));
        self::assertSame($bodies[0]['seq'] + 1, $bodies[1]['seq'], 'the run counts in the order of the device');
        self::assertSame(5_000, $bodies[1]['event']['mono_ms'] - $bodies[0]['event']['mono_ms']);
        self::assertEqualsWithDelta(3 * 3600_000, $bodies[1]['event']['skew_ms'], 60_000, 'the skew is kept beside the time');
    }

    public function test_bytes_that_are_no_text_are_refused_and_use_up_no_number(): void
    {
        $reading = $this->bench->reading() + ['device_seq' => $this->bench->next()];
        $bytes = str_replace('"raw":"'.$reading['raw'].'"', "\"raw\":\"\xff\xfe\"", (string) json_encode($this->bench->batch([$reading])));
        [$status, $answer] = $this->bench->bench->post('bench/observations', $bytes);

        self::assertSame([422, 'tekkal:unreadable'], [$status, $answer['type']]);
        self::assertSame(200, $this->bench->bench->post('bench/observations', $this->bench->batch([$reading]))[0]);
    }

    private function waitFor(string $id): void
    {
        self::assertTrue(Patience::until(fn (): bool => $this->stored($id) !== []));
    }

    /** @return list<array<string, mixed>> */
    private function stored(string $id): array
    {
        return $this->instance->rows('SELECT * FROM ledger_entries WHERE entry_id = ?', [$id]);
    }
}

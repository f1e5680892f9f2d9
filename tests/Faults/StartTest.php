<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;

/** A start, an upgrade or a restore that is killed anywhere heals at the next one. */
final class StartTest extends TestCase
{
    /** Every named place is tried by bin/tekkal bench faults, a handful by the tests. */
    private const FIRST_START = ['database-making', 'database-made', 'database', 'logins', 'tables', 'rights', 'caches', 'demo', 'services', 'answering'];

    private Instance $instance;

    private Scratch $beside;

    private string $scratch;

    /** @var array<string, string> */
    private array $settings;

    protected function setUp(): void
    {
        $this->instance = new Instance;
        $this->beside = new Scratch(dirname($this->instance->folder).'/faults-scratch');
        [$this->scratch, $this->settings] = [$this->beside->folder, $this->beside->settings];
    }

    protected function tearDown(): void
    {
        $this->beside->end();
    }

    public function test_a_first_start_that_is_killed_at_each_of_its_steps_heals_at_the_next_one(): void
    {
        foreach ($this->thorough() ? self::FIRST_START : ['database-made', 'tables', 'demo'] as $place) {
            self::assertContains($this->start(['TEKKAL_FAIL_AT' => $place])[0], [137, 9], "it was killed at $place");
        }
        [$status, $said] = $this->start();
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Tekkal answers at', $said);
        self::assertSame(0, Instance::run(['TEKKAL_DATA' => $this->scratch], 'verify')[0]);

        for ($i = 0; $i < ($this->thorough() ? 20 : 0); $i++) {
            $this->killedSomewhere($i);
        }
    }

    public function test_a_restore_that_is_killed_goes_on_at_the_next_start_and_never_makes_room_for_a_demo(): void
    {
        $bench = (new BenchClient($this->instance->base, 44))->signIn()->newRun();
        $bench->observe();
        self::assertTrue($bench->flush());
        usleep(1_100_000);
        preg_match('~^(\S+/backups/\S+)~m', $this->instance->tekkal('backup')[1], $backup);
        foreach ($this->thorough() ? ['restore-begun', 'restore-emptied', 'restore-loaded'] : ['restore-emptied'] as $place) {
            self::assertContains(Instance::run(['TEKKAL_DATA' => $this->instance->folder, 'TEKKAL_FAIL_AT' => $place], 'restore', '--over', $backup[1])[0], [137, 9], "it was killed at $place");
        }
        [$status, $said] = $this->instance->tekkal('start');
        self::assertStringContainsString("A restore from $backup[1] was interrupted; it is done again from its beginning.", $said);
        self::assertSame(0, $status, $said);
        self::assertTrue($this->instance->comesBack());
        self::assertSame([['n' => 1]], $this->instance->rows('SELECT COUNT(*) AS n FROM ledger_entries WHERE entry_id = ?', [$bench->acknowledged[0]['id']]));
        self::assertSame(0, $this->instance->tekkal('verify')[0]);
    }

    public function test_an_upgrade_and_a_build_that_are_killed_heal(): void
    {
        file_put_contents($this->instance->folder.'/code', 'an older release');
        $built = dirname(__DIR__, 2).'/public/build/.tekkal';
        file_put_contents($built, 'an older one');
        foreach ($this->thorough() ? ['front-end', 'upgrade-backed-up', 'tables', 'rights'] : ['front-end', 'tables'] as $place) {
            self::assertContains(Instance::run(['TEKKAL_DATA' => $this->instance->folder, 'TEKKAL_FAIL_AT' => $place], 'start')[0], [137, 9], "it was killed at $place");
            self::assertTrue($this->instance->comesBack(), "the shop went on after a kill at $place");
        }
        [$status, $said] = $this->instance->tekkal('start');
        self::assertSame(0, $status, $said);
        self::assertSame(0, $this->instance->tekkal('verify')[0]);
    }

    public function test_an_upgrade_without_room_for_its_backup_changes_nothing_and_says_how_much_is_wanted(): void
    {
        file_put_contents($this->instance->folder.'/code', 'an older release');
        $stubs = sys_get_temp_dir().'/tekkal-stubs-'.bin2hex(random_bytes(4));
        mkdir($stubs);
        file_put_contents("$stubs/df", "#!/bin/sh\ncase \"$*\" in *{$this->instance->folder}*) free=7 ;; *) free=90000 ;; esac\nprintf 'F 1M Used Available C M\\nx 1 1 %s 1%% /\\n' \$free\n");
        chmod("$stubs/df", 0o755);
        [$status, $said] = Instance::run(['TEKKAL_DATA' => $this->instance->folder, 'PATH' => "$stubs:".getenv('PATH')], 'start');
        exec('rm -rf '.escapeshellarg($stubs));

        self::assertSame(1, $status, $said);
        self::assertMatchesRegularExpression('/Only 7 MB are free where the backup before the upgrade goes; \d+ MB are needed\. Nothing was changed\./', $said);
        self::assertTrue($this->instance->answers(), 'the shop goes on');
        self::assertSame(0, $this->instance->tekkal('start')[0]);
    }

    public function test_after_debian_has_brought_another_server_its_own_tables_are_brought_up_to_it_once(): void
    {
        self::assertSame(0, $this->instance->tekkal('stop')[0]);
        file_put_contents($this->instance->folder.'/db/version', '10.5.1');
        self::assertStringContainsString('Database\'s own tables to', $this->instance->tekkal('start')[1]);
        self::assertTrue($this->instance->comesBack());
        self::assertMatchesRegularExpression('/^\d+\.\d+\.\d+$/', trim((string) file_get_contents($this->instance->folder.'/db/version')));
    }

    public function test_a_changed_dump_with_sums_made_anew_is_refused_unless_the_keys_are_missing_which_is_said(): void
    {
        usleep(1_100_000);
        preg_match('~^(\S+/backups/\S+)~m', $this->instance->tekkal('backup')[1], $backup);
        $altered = sys_get_temp_dir().'/tekkal-altered-'.bin2hex(random_bytes(4));
        exec(sprintf('cp -r %s %s', escapeshellarg($backup[1]), escapeshellarg($altered)));
        file_put_contents("$altered/database.sql.gz", gzencode(str_replace('Ansa', 'Anna', (string) gzdecode((string) file_get_contents("$altered/database.sql.gz")))));
        exec(sprintf('cd %s && sha256sum database.sql.gz files.tar.gz > SHA256SUMS', escapeshellarg($altered)));
        $about = json_decode((string) file_get_contents("$altered/backup.json"), true);
        file_put_contents("$altered/backup.json", json_encode(['sums' => hash_file('sha256', "$altered/SHA256SUMS")] + $about, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n");

        [$status, $said] = $this->instance->tekkal('restore', '--over', $altered);
        self::assertSame(1, $status);
        self::assertStringContainsString('its seal was not made with these keys', $said);
        self::assertTrue($this->instance->answers(), 'nothing was touched');
        unlink("$altered/SEAL");
        self::assertStringContainsString('carries no seal', $this->instance->tekkal('restore', '--over', $altered)[1]);
        [, $said] = Instance::run(['TEKKAL_FAIL_AT' => 'database-making'] + $this->settings, 'restore', $altered);
        self::assertStringContainsString('The keys are missing, so nobody can tell whether this backup was altered', $said);
        exec('rm -rf '.escapeshellarg($altered));
    }

    public function test_a_restore_with_keys_beside_the_instance_that_made_them_takes_free_ports(): void
    {
        usleep(1_100_000);
        $said = $this->instance->tekkal('backup')[1];
        preg_match('~^(\S+/backups/\S+)~m', $said, $backup);
        preg_match('~in (\S+/keys/\S+\.tar)\.~', $said, $keys);

        [$status, $said] = Instance::run(['TEKKAL_DATA' => $this->scratch], 'restore', $backup[1], '--keys', $keys[1]);
        self::assertSame(0, $status, $said);
        self::assertStringContainsString('perhaps by the instance that this is a copy of; this one goes to', $said);
        self::assertTrue($this->instance->answers(), 'the first one goes on');
        preg_match('~Restored\. Tekkal answers at (http://\S+)~', $said, $address);
        self::assertSame(200, (new Http($address[1]))->get('session')[0]);
    }

    public function test_a_hand_on_ctrl_c_gets_a_sentence_and_the_next_start_goes_on(): void
    {
        $process = proc_open(['setsid', dirname(__DIR__, 2).'/bin/tekkal', 'start'], [['file', '/dev/null', 'r'], ['file', $this->instance->folder.'/log/ctrl-c', 'w'], ['file', $this->instance->folder.'/log/ctrl-c', 'a']], $pipes, null, ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')] + $this->settings);
        self::assertIsResource($process);
        $group = proc_get_status($process)['pid'];
        self::assertTrue(Patience::until(fn (): bool => is_dir($this->scratch.'/db/new') || is_dir($this->scratch.'/db/data')));
        exec("kill -s INT -- -$group");
        $status = proc_close($process);
        $said = (string) file_get_contents($this->instance->folder.'/log/ctrl-c');

        self::assertSame(130, $status, $said);
        self::assertStringContainsString('tekkal: stopped by hand. Nothing that was recorded is lost; the same command goes on from here.', $said);
        self::assertStringNotContainsString('stopped unexpectedly', $said);
    }

    private function thorough(): bool
    {
        return (int) (getenv('TEKKAL_KILLS') ?: 0) >= 200;
    }

    /**
     * @param  array<string, string>  $more
     * @return array{int, string}
     */
    private function start(array $more = []): array
    {
        return Instance::run($more + $this->settings, 'start');
    }

    private function killedSomewhere(int $number): void
    {
        Instance::run(['TEKKAL_DATA' => $this->scratch], 'stop');
        if ($number % 2 === 0) {
            exec('rm -rf '.escapeshellarg($this->scratch));
        }
        $process = proc_open(['setsid', dirname(__DIR__, 2).'/bin/tekkal', 'start'], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, null, ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME')] + $this->settings);
        self::assertIsResource($process);
        $group = proc_get_status($process)['pid'];
        usleep(random_int(100, 9_000) * 1000);
        exec("kill -s KILL -- -$group 2>/dev/null");
        proc_close($process);
        [$status, $said] = $this->start();
        self::assertSame(0, $status, "kill $number: $said");
        self::assertSame(0, Instance::run(['TEKKAL_DATA' => $this->scratch], 'verify')[0], "kill $number");
    }
}

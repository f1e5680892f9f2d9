<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;

/** The drill: backup, loss, restore, verify. */
final class KeepingTest extends TestCase
{
    private Instance $instance;

    protected function setUp(): void
    {
        $this->instance = new Instance;
        self::assertTrue($this->instance->comesBack());
    }

    public function test_after_a_loss_the_backup_is_restored_and_what_it_lacks_is_named_in_the_record(): void
    {
        $bench = (new BenchClient($this->instance->base, 40))->signIn()->newRun();
        $bench->observe();
        self::assertTrue($bench->flush());
        $this->waitForLeaves();
        $atBackup = $this->lastLeaf();
        [$backup, $keys] = $this->backup();

        // Recorded after the backup, and known outside the database by the sequencer's note and by the bench.
        foreach ([1, 2, 3] as $i) {
            $bench->observe();
            self::assertTrue($bench->flush());
        }
        $this->waitForLeaves();
        $lost = $this->lastLeaf();
        self::assertSame($atBackup['leaf_no'] + 3, $lost['leaf_no']);

        // The disk with the database and the settings is gone; the backup and the keys were kept elsewhere.
        self::assertSame(0, $this->instance->tekkal('stop')[0]);
        exec(sprintf('rm -rf %1$s/db/data %1$s/.env %1$s/owner.cnf', escapeshellarg($this->instance->folder)));
        [$status, $said] = $this->instance->tekkal('restore', $backup, '--keys', $keys);

        self::assertSame(1, $status, 'something is missing, and the command does not end as if all were well');
        self::assertStringContainsString(sprintf('Leaves %d to %d were known before and are not in this backup: 3 entries are lost.', $atBackup['leaf_no'] + 1, $lost['leaf_no']), $said);
        self::assertStringContainsString('Bytes, hashes, counts and projections agree.', $said);
        self::assertTrue($this->instance->comesBack());
        $entry = json_decode((string) $this->instance->rows("SELECT body FROM ledger_entries WHERE type = 'record_restored' ORDER BY id DESC LIMIT 1")[0]['body'], true);
        self::assertSame([$atBackup['leaf_no'], $atBackup['leaf_hash'], 3], [$entry['data']['last_leaf'], $entry['data']['last_leaf_hash'], $entry['data']['missing_leaves']]);
        self::assertEquals([['number' => $lost['leaf_no'], 'hash' => $lost['leaf_hash'], 'where' => 'the note beside the database']], $entry['data']['known']);

        // The bench goes on: its count is ahead of the record's, and it counts anew.
        $bench->observe();
        self::assertFalse($bench->flush());
        self::assertTrue($bench->flush());
        self::assertSame(0, $this->instance->tekkal('verify')[0]);
    }

    public function test_a_leaf_known_with_another_hash_is_reported_and_recorded(): void
    {
        $this->waitForLeaves();
        [$backup] = $this->backup();
        [$status, $said] = $this->instance->tekkal('restore', '--over', $backup, '--known', '5:'.str_repeat('ab', 32));

        self::assertSame(1, $status);
        self::assertStringContainsString('Leaf 5 was known to the command line with another hash: this backup is not of the same record, or was altered.', $said);
        self::assertTrue($this->instance->comesBack());
        $entry = json_decode((string) $this->instance->rows("SELECT body FROM ledger_entries WHERE type = 'record_restored' ORDER BY id DESC LIMIT 1")[0]['body'], true);
        self::assertTrue($entry['data']['contradicted']);
    }

    public function test_a_record_that_stands_is_not_replaced_unless_that_is_said_and_goes_on_meanwhile(): void
    {
        [$backup] = $this->backup();
        [$status, $said] = $this->instance->tekkal('restore', $backup);

        self::assertSame(1, $status);
        self::assertStringContainsString('This instance holds a record already.', $said);
        self::assertTrue($this->instance->answers());
    }

    public function test_a_backup_whose_tables_another_version_filled_is_filled_anew_before_it_is_verified(): void
    {
        $this->waitForLeaves();
        self::asOwner("UPDATE projector_versions SET version = 'of old' WHERE projector = 'ProgressProjector'; UPDATE run_progress SET done = done + 1");
        [$backup] = $this->backup();
        [$status, $said] = $this->instance->tekkal('restore', '--over', $backup);

        self::assertSame(0, $status, $said);
        self::assertStringContainsString('Another version filled the tables of ProgressProjector.', $said);
        self::assertStringContainsString('Bytes, hashes, counts and projections agree.', $said);
        self::assertStringNotContainsString('Another version', $this->instance->tekkal('start')[1]);
    }

    public function test_a_damaged_backup_is_refused_before_anything_is_touched(): void
    {
        [$backup] = $this->backup();
        file_put_contents($backup.'/database.sql.gz', 'x', FILE_APPEND);
        [$status, $said] = $this->instance->tekkal('restore', '--over', $backup);

        self::assertSame(1, $status);
        self::assertStringContainsString('its checksums do not fit. Nothing was restored; take another backup.', $said);
        self::assertTrue($this->instance->answers());
        self::assertStringContainsString('is no backup of Tekkal', $this->instance->tekkal('restore', sys_get_temp_dir())[1]);
        self::assertStringContainsString('names no leaf', $this->instance->tekkal('restore', $backup, '--known', '5')[1]);
    }

    /** No shop ever ran on the first format, but a demo may have. */
    public function test_nothing_of_a_demo_is_restored_into_a_shop(): void
    {
        [$backup] = $this->backup();
        $shop = sys_get_temp_dir().'/tekkal-shop-'.bin2hex(random_bytes(4));
        mkdir($shop, 0700);
        file_put_contents($shop.'/.env', "TEKKAL_PORT=8097\nTEKKAL_DEMO=false\n");
        [$status, $said] = Instance::run(['TEKKAL_DATA' => $shop], 'restore', '--over', $backup);

        self::assertSame([1, true], [$status, str_contains($said, 'That is a backup of the demo, and nothing of it gets into a shop.')], $said);
        self::assertSame(['.', '..', '.env'], scandir($shop), 'nothing was begun');
        exec('rm -rf '.escapeshellarg($shop));
    }

    public function test_a_demo_of_the_first_format_is_backed_up_and_loaded_afresh_and_its_backup_is_not_restored(): void
    {
        $old = 'INSERT INTO ledger_entries (entry_id, format, type, stream, seq, received_at, body, leaf_hash) VALUES (UUID(), \'tekkal.entry/1\', \'signed_in\', \'person/of-old\', 1, NOW(6), \'{}\', REPEAT(\'0\', 64))';
        self::asOwner($old);
        file_put_contents($this->instance->folder.'/code', 'an older release');

        [$status, $said] = $this->instance->tekkal('start');

        self::assertSame(0, $status, $said);
        self::assertStringContainsString("This demo had been recorded in Tekkal's first format, which is read no longer.", $said);
        [$backup] = glob($this->instance->folder.'/backups/*-first-format') ?: [''];
        self::assertStringContainsString($backup, $said);
        self::assertSame(0, $this->instance->tekkal('verify')[0], 'the demo stands there afresh');
        [$status, $said] = $this->instance->tekkal('restore', '--over', $backup);
        self::assertSame(1, $status);
        self::assertStringContainsString("was recorded in Tekkal's first format, which is read no longer. Nothing was restored.", $said);
        self::assertTrue($this->instance->answers());
    }

    public function test_after_a_pull_start_backs_up_migrates_and_reloads_and_no_request_is_lost_meanwhile(): void
    {
        file_put_contents($this->instance->folder.'/code', 'an older release');
        $http = new Http($this->instance->base);
        $environment = ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), 'TEKKAL_DATA' => $this->instance->folder];
        $start = proc_open([dirname(__DIR__, 2).'/bin/tekkal', 'start'], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, null, $environment);
        self::assertIsResource($start);
        $answers = [];
        while (proc_get_status($start)['running']) {
            $answers[] = $http->get('session')[0];
            usleep(30_000);
        }
        $said = (string) stream_get_contents($pipes[1]);

        self::assertStringContainsString('Backup before the upgrade', $said);
        self::assertStringContainsString('Services reloaded', $said);
        self::assertNotSame([], glob($this->instance->folder.'/backups/*-upgrade'));
        self::assertGreaterThan(20, count($answers));
        self::assertSame([200 => count($answers)], array_count_values($answers));
        self::assertStringNotContainsString('Backup', $this->instance->tekkal('start')[1], 'a second start changes nothing');
    }

    public function test_a_row_changed_by_hand_behind_the_applications_back_is_found(): void
    {
        $this->waitForLeaves();
        self::asOwner("UPDATE results SET verdict = 'low' ORDER BY entry_id LIMIT 1");
        [$status, $said] = $this->instance->tekkal('verify');
        self::assertSame(1, $status);
        self::assertMatchesRegularExpression('~The row [0-9a-f-]+/[a-z0-9:]+ of results is not what the entries say\.~', $said);
        self::assertSame(0, $this->instance->tekkal('rebuild')[0]);
        self::assertSame(0, $this->instance->tekkal('verify')[0]);

        $entry = $this->instance->rows("SELECT id, entry_id FROM ledger_entries WHERE standing = 'applied' LIMIT 1")[0];
        $trigger = 'CREATE TRIGGER ledger_entries_no_update BEFORE UPDATE ON ledger_entries FOR EACH ROW SIGNAL SQLSTATE \'45000\' SET MESSAGE_TEXT = \'ledger_entries is only ever added to\'';
        self::asOwner("DROP TRIGGER ledger_entries_no_update; UPDATE ledger_entries SET standing = 'set_aside' WHERE id = {$entry['id']}");
        [$status, $said] = $this->instance->tekkal('verify');
        self::assertSame(1, $status);
        self::assertStringContainsString("Entry {$entry['entry_id']}: the column standing is no copy of its bytes.", $said);
        self::asOwner("UPDATE ledger_entries SET standing = 'applied' WHERE id = {$entry['id']}; $trigger");
        self::assertSame(0, $this->instance->tekkal('verify')[0]);
    }

    public function test_at_night_the_services_user_makes_the_backup_and_verifies_though_the_owners_password_is_kept_from_him(): void
    {
        $elsewhere = sys_get_temp_dir().'/tekkal-nightly-'.getmypid();
        mkdir($elsewhere);
        chown($elsewhere, (int) fileowner($this->instance->folder.'/.env'));
        foreach (['last-verify', 'last-backup'] as $note) {
            @unlink($this->instance->folder.'/storage/'.$note);
        }

        $this->atNight('2026-06-15T01:10:00Z', '');
        self::assertFileDoesNotExist($this->instance->folder.'/storage/last-backup', 'no place is set, so none is made');
        $this->atNight('2026-06-15T01:10:00Z', $elsewhere);
        $backups = glob($elsewhere.'/*/backup.json') ?: [];
        $log = (string) file_get_contents($this->instance->folder.'/log/nightly.log');
        self::assertCount(1, $backups, $log);
        self::assertStringContainsString(dirname($backups[0]), $log);
        self::assertFileExists($this->instance->folder.'/storage/last-backup');

        $this->atNight('2026-06-15T01:40:00Z', $elsewhere);
        self::assertStringContainsString('Bytes, hashes, counts and projections agree.', (string) file_get_contents($this->instance->folder.'/log/nightly.log'));
        self::assertFileExists($this->instance->folder.'/storage/last-verify');
        exec('rm -rf '.escapeshellarg($elsewhere));
    }

    /** What the scheduler starts at that moment, by the user whom it runs as; the shop's clock is an hour ahead. */
    private function atNight(string $moment, string $backups): void
    {
        $owner = posix_getpwuid((int) fileowner($this->instance->folder.'/.env'));
        self::assertIsArray($owner);
        $as = posix_geteuid() === 0 ? 'runuser -u '.escapeshellarg($owner['name']).' -- ' : '';
        exec(sprintf(
            '%senv -i PATH=%s TEKKAL_VAR=%s BACKUP_FOLDER=%s TEKKAL_NOW=%s APP_CONFIG_CACHE=/none.php php %s schedule:run 2>&1',
            $as, escapeshellarg((string) getenv('PATH')), escapeshellarg($this->instance->folder), escapeshellarg($backups), escapeshellarg($moment), escapeshellarg(dirname(__DIR__, 2).'/artisan'),
        ), $said, $status);
        self::assertSame(0, $status, implode("\n", $said));
    }

    /** @return array{string, string} folder and keys */
    private function backup(): array
    {
        usleep(1_100_000);
        [$status, $said] = $this->instance->tekkal('backup');
        self::assertSame(0, $status, $said);
        preg_match('~^(\S+/backups/\S+)~m', $said, $folder);
        preg_match('~in (\S+/keys/\S+\.tar)\.~', $said, $keys);
        foreach (['.env', 'APP_KEY'] as $secret) {
            self::assertStringNotContainsString($secret, (string) file_get_contents($folder[1].'/backup.json'));
        }

        return [$folder[1], $keys[1]];
    }

    /** What somebody with the disk in hand could do. */
    private static function asOwner(string $statement): void
    {
        exec(sprintf('%s %s', escapeshellarg(__DIR__.'/owner-sql'), escapeshellarg($statement)), $out, $failed);
        self::assertSame(0, $failed, implode("\n", $out));
    }

    /** Until each entry has its leaf, and the note beside the database knows the last of them. */
    private function waitForLeaves(): void
    {
        $noted = fn (array $last): bool => @file_get_contents($this->instance->folder.'/storage/last-leaf') === "$last[leaf_no]:$last[leaf_hash]";
        self::assertTrue(Patience::until(fn (): bool => $this->instance->rows('SELECT 1 FROM ledger_pending LIMIT 1') === [] && $noted($this->lastLeaf())));
    }

    /** @return array{leaf_no: int, leaf_hash: string} */
    private function lastLeaf(): array
    {
        return $this->instance->rows('SELECT leaf_no, leaf_hash FROM ledger_leaves ORDER BY leaf_no DESC LIMIT 1')[0];
    }
}

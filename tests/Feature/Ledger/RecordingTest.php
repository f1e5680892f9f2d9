<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use App\Ledger\Draft;
use App\Ledger\Entry;
use App\Ledger\Grants;
use App\Ledger\Projector;
use App\Ledger\Projectors;
use App\Ledger\Recorder;
use App\Ledger\Sequencer;
use App\Ledger\Tries;
use App\Shared\Ids;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\DB;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tekkal\Core\Ledger\Leaf;
use Tests\Feature\FeatureTestCase;

final class RecordingTest extends FeatureTestCase
{
    public function test_every_column_of_an_entry_is_a_copy_of_what_its_bytes_say(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->send($bench->reading('snug:c2a:1', '32.1'))->assertOk();
        foreach (DB::table('ledger_entries')->get() as $row) {
            $entry = Entry::fromBytes($row->body, $row->leaf_hash);
            self::assertSame(Leaf::hash($row->body), $row->leaf_hash);
            self::assertSame(
                [$row->entry_id, $row->type, $row->stream, $row->seq, $row->subject, $row->step, $row->person, $row->sitting, $row->device, $row->device_seq, $row->standing],
                [$entry->id(), $entry->type(), $entry->stream(), $entry->seq(), $entry->optional('subject'), $entry->optional('event.step'), $entry->optional('event.person'), $entry->optional('event.sitting'), $entry->optional('event.device'), $entry->number('event.device_seq'), $entry->optional('outcome.standing')],
            );
        }
    }

    public function test_a_stream_counts_its_entries_without_a_gap(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->completeAll();
        $numbers = DB::table('ledger_entries')->where('stream', 'run/'.$bench->run)->orderBy('seq')->pluck('seq')->all();

        self::assertSame(range(1, 19), $numbers);
    }

    public function test_an_entry_and_what_it_changes_are_stored_together_or_not_at_all(): void
    {
        $failing = new class implements Projector
        {
            public function version(): string
            {
                return '1';
            }

            public function tables(): array
            {
                return [];
            }

            public function types(): array
            {
                return ['signed_in'];
            }

            public function project(array $entries): void
            {
                throw new RuntimeException('killed between the two');
            }
        };
        $recorder = new Recorder(new Projectors([$failing]), new Tries);
        $before = DB::table('ledger_entries')->count();
        try {
            $recorder->transaction(fn () => $recorder->append(new Draft(Ids::next(), 'signed_in', 'person/x', null)));
            self::fail('The projector did not stop the recording.');
        } catch (RuntimeException) {
            self::assertSame($before, DB::table('ledger_entries')->count());
            self::assertSame(0, DB::table('ledger_streams')->where('stream', 'person/x')->count());
        }
    }

    /** With a snapshot from before the wait for a lock, two benches could each find a step still open. */
    public function test_what_is_read_after_a_lock_is_what_its_last_holder_committed(): void
    {
        self::assertSame('READ-COMMITTED', DB::scalar('SELECT @@tx_isolation'));
        $other = DB::connectUsing('other', config('database.connections.mariadb'));
        DB::table('ledger_streams')->count();
        $other->table('ledger_streams')->insert(['stream' => 'run/elsewhere', 'next_seq' => 7]);
        try {
            self::assertSame(7, DB::table('ledger_streams')->where('stream', 'run/elsewhere')->value('next_seq'));
        } finally {
            $other->table('ledger_streams')->where('stream', 'run/elsewhere')->delete();
        }
    }

    public function test_nothing_is_recorded_outside_a_transaction(): void
    {
        while (DB::transactionLevel() > 0) {
            DB::rollBack();
        }
        $this->expectException(LogicException::class);

        app(Recorder::class)->append(new Draft(Ids::next(), 'signed_in', 'person/x', null));
    }

    /** @return iterable<string, array{string}> */
    public static function tampering(): iterable
    {
        yield 'changing an entry' => ["UPDATE ledger_entries SET standing = 'applied'"];
        yield 'deleting an entry' => ['DELETE FROM ledger_entries'];
        yield 'replacing an entry' => ["REPLACE INTO ledger_entries (id, entry_id) VALUES (1, 'x')"];
        yield 'emptying the entries' => ['TRUNCATE ledger_entries'];
        yield 'dropping the entries' => ['DROP TABLE ledger_entries'];
        yield 'changing a leaf' => ["UPDATE ledger_leaves SET leaf_hash = ''"];
        yield 'deleting a leaf' => ['DELETE FROM ledger_leaves'];
        yield 'changing a revision' => ["UPDATE revisions SET document = ''"];
        yield 'deleting a plan' => ['DELETE FROM plans'];
        yield 'dropping the trigger' => ['DROP TRIGGER ledger_entries_no_update'];
        yield 'adding a column' => ['ALTER TABLE ledger_entries ADD x INT'];
        yield 'disguising a change as an upsert' => ["INSERT INTO ledger_entries (entry_id, format, type, stream, seq, received_at, body, leaf_hash) SELECT entry_id, format, type, stream, seq, received_at, body, leaf_hash FROM ledger_entries AS e ON DUPLICATE KEY UPDATE standing = 'applied'"];
    }

    #[DataProvider('tampering')]
    public function test_the_applications_own_login_cannot_alter_the_record(string $statement): void
    {
        $this->expectException(QueryException::class);
        $this->expectExceptionMessageMatches('/denied|only ever added to/');

        // By a connection of its own: such statements commit whatever stands open before they are refused.
        DB::connectUsing('tampering', config('database.connections.mariadb'))->unprepared($statement);
    }

    public function test_even_the_owner_is_refused_by_triggers_to_change_or_delete_an_entry(): void
    {
        foreach (["UPDATE ledger_entries SET standing = 'applied'", 'DELETE FROM ledger_entries'] as $statement) {
            $row = DB::connection('owner')->table('ledger_entries')->insertGetId(['entry_id' => Ids::next(), 'format' => 'x', 'type' => 'x', 'stream' => Ids::next(), 'seq' => 1, 'received_at' => now(), 'body' => 'x', 'leaf_hash' => 'x']);
            try {
                DB::connection('owner')->unprepared("$statement WHERE id = $row");
                self::fail('The trigger let it pass.');
            } catch (QueryException $e) {
                self::assertStringContainsString('only ever added to', $e->getMessage());
            }
        }
        // What this test committed as the owner is beyond the rollback: the next refresh must begin from nothing.
        RefreshDatabaseState::$migrated = false;
    }

    public function test_rights_are_changed_by_their_difference_so_that_a_shop_at_work_never_stands_without_them(): void
    {
        self::assertSame([], $this->grantsOf(''), 'nothing differs, and nothing is touched');
        self::assertSame([
            sprintf('GRANT UPDATE ON `%s`.`drafts` TO %s', self::database(), self::account()), sprintf('REVOKE UPDATE ON `%s`.`plans` FROM %s', self::database(), self::account()),
        ], $this->grantsOf(sprintf('REVOKE UPDATE ON %1$s.drafts FROM %2$s; GRANT UPDATE ON %1$s.plans TO %2$s', self::database(), self::account())));
    }

    /** @return list<string> what is granted and revoked after somebody has changed the rights */
    private function grantsOf(string $change): array
    {
        $owner = DB::connection('owner');
        $change === '' || $owner->unprepared($change);
        $owner->flushQueryLog();
        $owner->enableQueryLog();
        app(Grants::class)->apply();
        $owner->disableQueryLog();

        return array_values(preg_grep('/^(GRANT|REVOKE)/', array_column($owner->getQueryLog(), 'query')) ?: []);
    }

    public function test_the_sequencer_numbers_every_entry_once_from_one(): void
    {
        $this->world->build();
        app(Sequencer::class)->run();
        app(Sequencer::class)->run();
        $entries = DB::table('ledger_entries')->count();

        self::assertSame(range(1, $entries), DB::table('ledger_leaves')->orderBy('leaf_no')->pluck('leaf_no')->all());
        self::assertSame(0, DB::table('ledger_pending')->count());
    }
}

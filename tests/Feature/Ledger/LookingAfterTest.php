<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use App\Ledger\LeafNote;
use App\Ledger\Sequencer;
use App\Ledger\Verified;
use App\Library\Models\Import;
use App\People\Models\Person;
use App\Shared\Ids;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\FeatureTestCase;

/** How the instance stands, what it clears away, and what is erased. */
final class LookingAfterTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        foreach (['last-leaf', 'last-backup', 'last-verify'] as $note) {
            @unlink(storage_path($note));
        }
    }

    public function test_the_lead_sees_what_wants_looking_after(): void
    {
        app(Sequencer::class)->run();
        Verified::note(0);
        file_put_contents(storage_path('last-backup'), '2026-06-14T20:00:00Z 20260614T200000Z');
        self::assertSame([], $this->notWell());

        $this->world->build();
        $this->travel(31)->seconds();
        DB::table('jobs')->insert(['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => 0, 'created_at' => now()->getTimestamp() - 300]);
        Verified::note(3);
        self::assertSame(['sequencer', 'queue', 'verify'], $this->notWell());

        $this->travel(3)->days();
        self::assertContains('backup', $this->notWell());
        $this->travelTo('2026-06-15 08:00:00');
        self::assertContains('clock', $this->notWell(), 'entries of later than now');
    }

    public function test_nobody_but_the_lead_sees_it(): void
    {
        foreach (['approver', 'crib', 'reader'] as $who) {
            $this->world->desk($who, 'GET', 'machine')->assertForbidden();
        }
    }

    public function test_the_note_of_the_last_leaf_is_never_lowered_and_never_written_over_another(): void
    {
        app(Sequencer::class)->run();
        self::assertTrue(LeafNote::raise());
        $noted = LeafNote::read();
        self::assertNotNull($noted);
        file_put_contents(storage_path('last-leaf'), ($noted['number'] + 5).':'.str_repeat('a', 64));
        self::assertFalse(LeafNote::raise(), 'the database holds fewer');
        file_put_contents(storage_path('last-leaf'), '3:'.str_repeat('a', 64));
        self::assertFalse(LeafNote::raise(), 'the database holds another');
        self::assertSame(3, LeafNote::read()['number'] ?? null);
        file_put_contents(storage_path('last-leaf'), 'x');
        self::assertFalse(LeafNote::raise());
        LeafNote::begin();
        self::assertSame($noted, LeafNote::read(), 'a restore begins it anew');
    }

    public function test_what_nobody_needs_any_more_is_cleared_away_and_large_logs_are_put_aside(): void
    {
        $sessions = storage_path('framework/sessions');
        foreach (['old' => 13 * 3600, 'newleft' => 120, 'newnow' => 5, 'fresh' => 60] as $name => $age) {
            file_put_contents("$sessions/$name", 'x');
            touch("$sessions/$name", now()->getTimestamp() - $age);
        }
        $log = storage_path('logs/large.log');
        file_put_contents($log, str_repeat('x', 11_000_000));
        file_put_contents("$log.20200101-000000", 'x');
        touch("$log.20200101-000000", time() - 91 * 86_400);
        $import = Import::query()->create(['id' => Ids::next(), 'person' => $this->world->person('lead')->id, 'name' => 'x', 'file_hash' => str_repeat('a', 64), 'state' => 'looked', 'total' => 1, 'looked_at' => now()->subDays(31), 'report' => '{}']);
        Storage::disk('local')->put('imports/'.$import->file_hash, 'x');
        DB::table('sign_in_tries')->insert(['who' => str_repeat('b', 64), 'tries' => 3, 'until' => now()->subDays(2)]);

        $this->artisan('tekkal:tidy')->assertSuccessful();

        self::assertSame([false, false, true, true], array_map(fn (string $n): bool => is_file("$sessions/$n"), ['old', 'newleft', 'newnow', 'fresh']));
        self::assertSame([0, false, 1], [filesize($log), is_file("$log.20200101-000000"), count(glob("$log.*") ?: [])]);
        self::assertSame([0, 0], [Import::query()->count(), DB::table('sign_in_tries')->count()]);
        self::assertFalse(Storage::disk('local')->exists('imports/'.$import->file_hash));
        array_map(unlink(...), [...(glob("$log*") ?: []), "$sessions/newnow", "$sessions/fresh"]);
    }

    public function test_a_name_that_was_erased_is_gone_from_every_row_and_the_record_says_so(): void
    {
        $person = $this->world->person('1044');
        $entry = (string) DB::table('ledger_entries')->where('type', 'person_added')->where('stream', 'person/'.$person->id)->value('entry_id');

        $this->artisan('tekkal:erase', ['entry' => $entry])->expectsOutput('Erased and recorded: badge, name.')->assertSuccessful();
        $after = Person::query()->findOrFail($person->id);
        self::assertSame([null, null, 'name blanked'], [$after->name, $after->badge, $after->displayName()]);
        self::assertSame(0, DB::table('erasable_texts')->where('entry_id', $entry)->count());
        self::assertSame(2, DB::table('ledger_entries')->where('type', 'text_erased')->where('stream', 'person/'.$person->id)->count());
        $this->artisan('tekkal:erase', ['entry' => $entry])->expectsOutput('This entry has no words of its own, or they were erased before.')->assertSuccessful();
        $this->artisan('tekkal:erase', ['entry' => Ids::next()])->expectsOutput('The record has no such entry.')->assertFailed();
    }

    /** @return list<string> */
    private function notWell(): array
    {
        $lines = (array) $this->world->desk('lead', 'GET', 'machine')->assertOk()->json('lines');

        return array_column(array_filter($lines, fn (array $line): bool => ! $line['well']), 'key');
    }
}

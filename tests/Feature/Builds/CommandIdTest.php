<?php

declare(strict_types=1);

namespace Tests\Feature\Builds;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Record\Models\Subject;
use App\Shared\Ids;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\CommittedTestCase;

/** A command's id stands for its bytes, once and for all. */
final class CommandIdTest extends CommittedTestCase
{
    public function test_a_command_sent_twice_is_carried_out_once_and_with_other_content_refused(): void
    {
        $customer = $this->world->people->customer('Skerry Dredging');
        $command = ['serial' => 'TN3-26-0701', 'customer' => $customer, 'id' => (string) Str::uuid7()];
        $first = $this->world->desk('lead', 'POST', 'builds', $command)->assertCreated()->json('id');

        self::assertSame($first, $this->world->desk('lead', 'POST', 'builds', $command)->assertCreated()->json('id'));
        $this->world->desk('lead', 'POST', 'builds', ['serial' => 'TN3-26-0702'] + $command)->assertStatus(409)->assertJsonPath('type', 'tekkal:id-taken');
        self::assertSame(0, Subject::query()->where('serial', 'TN3-26-0702')->count());

        $give = ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id, 'id' => (string) Str::uuid7()];
        $job = $this->world->desk('lead', 'POST', "builds/$first/assignments", $give)->assertCreated()->json('id');
        self::assertSame($job, $this->world->desk('lead', 'POST', "builds/$first/assignments", $give)->assertCreated()->json('id'));
        $this->world->desk('lead', 'POST', "builds/$first/assignments", ['person' => $this->world->person('1042')->id] + $give)->assertStatus(409);
        $this->world->desk('lead', 'POST', "builds/$first/assignments", ['id' => $command['id']] + $give)->assertStatus(409)->assertJsonPath('type', 'tekkal:id-taken');

        $permit = ['procedure' => $this->world->procedure->id, 'departure' => 'x', 'reason' => 'y', 'valid_from' => '2026-06-15', 'quantity' => 1, 'id' => (string) Str::uuid7()];
        self::assertSame($this->world->desk('lead', 'POST', 'library/permits', $permit)->assertCreated()->json('id'), $this->world->desk('lead', 'POST', 'library/permits', $permit)->assertCreated()->json('id'));
        $this->world->desk('lead', 'POST', 'library/permits', ['quantity' => 2] + $permit)->assertStatus(409);
    }

    public function test_any_other_command_of_a_desk_with_an_id_is_carried_out_once_and_answered_as_it_was(): void
    {
        $source = ['id' => (string) Str::uuid7(), 'code' => 'S-070', 'kind' => 'engine_maker', 'title' => 'Book', 'edition' => '1', 'date' => '2020'];
        $first = $this->world->desk('lead', 'POST', 'library/sources', $source)->assertCreated()->json('id');
        $entries = DB::table('ledger_entries')->count();

        self::assertSame($first, $this->world->desk('lead', 'POST', 'library/sources', $source)->assertCreated()->json('id'));
        self::assertSame($entries, DB::table('ledger_entries')->count());
        $this->world->desk('lead', 'POST', 'library/sources', ['title' => 'Another'] + $source)->assertStatus(409)->assertJsonPath('type', 'tekkal:id-taken');
        $this->world->desk('lead', 'POST', 'library/families', ['code' => 'ZZ', 'name' => 'Zed', 'joints' => ['x'], 'variants' => [], 'id' => $source['id']])->assertStatus(409);

        $notice = ['id' => (string) Str::uuid7()];
        $unlock = 'people/'.$this->world->person('1041')->id.'/unlock';
        $this->world->desk('lead', 'POST', $unlock, $notice)->assertNoContent();
        $this->world->desk('lead', 'POST', $unlock, $notice)->assertNoContent();
        self::assertSame(1, DB::table('ledger_entries')->where('type', 'pin_unlocked')->count());
    }

    public function test_a_refused_command_is_forgotten_and_its_wrong_password_stays_counted(): void
    {
        $permit = (string) $this->world->desk('lead', 'POST', 'library/permits', ['procedure' => $this->world->procedure->id, 'departure' => 'x', 'reason' => 'y', 'valid_from' => '2026-06-15', 'quantity' => 1])->assertCreated()->json('id');
        $sign = ['id' => (string) Str::uuid7(), 'password' => 'guess'];
        for ($i = 0; $i < 10; $i++) {
            $this->world->desk('approver', 'POST', "library/permits/$permit/approve", $sign)->assertStatus(422);
        }
        $this->world->desk('approver', 'POST', "library/permits/$permit/approve", $sign)->assertStatus(429);
        $this->travel(61)->seconds();
        $this->world->desk('approver', 'POST', "library/permits/$permit/approve", ['password' => 'fenmoor'] + $sign)->assertNoContent();
        self::assertSame(1, DB::table('ledger_entries')->where('type', 'permit_approved')->count());
    }

    public function test_an_id_that_is_being_recorded_at_this_moment_runs_the_work_once_more(): void
    {
        $id = Ids::next();
        $draft = new Draft($id, 'signed_in', 'person/'.$this->world->person('lead')->id, $this->world->person('lead')->id);
        $runs = 0;
        $answer = app(Recorder::class)->transaction(function () use ($draft, $id, &$runs): string {
            $runs++;
            $stored = app(Recorder::class)->stored($id);
            if ($stored !== null) {
                return 'stored';
            }
            if ($runs === 1) {
                // Another worker records the same id between our look and our writing.
                $other = DB::connectUsing('other', (array) config('database.connections.mariadb'), force: true);
                $usual = DB::getDefaultConnection();
                DB::setDefaultConnection('other');
                $other->transaction(fn () => app(Recorder::class)->append($draft));
                DB::setDefaultConnection($usual);
            }
            app(Recorder::class)->append($draft);

            return 'recorded';
        });

        self::assertSame(['stored', 2], [$answer, $runs]);
    }

    public function test_what_is_taken_otherwise_is_not_tried_again(): void
    {
        $runs = 0;
        $this->expectException(UniqueConstraintViolationException::class);
        try {
            app(Recorder::class)->transaction(function () use (&$runs): void {
                $runs++;
                DB::table('subjects')->insert(array_fill(0, 2, ['id' => Ids::next(), 'serial' => 'TN3-26-0799', 'build_number' => 1, 'family' => Ids::next(), 'customer' => Ids::next(), 'state' => 'open', 'opened_at' => now()]));
            });
        } finally {
            self::assertSame(1, $runs);
        }
    }
}

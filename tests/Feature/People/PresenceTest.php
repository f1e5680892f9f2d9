<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Http\BenchSession;
use App\Shared\Http\WholeFileSessions;
use Illuminate\Auth\SessionGuard;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

/** What a request costs before anything is done: who it is and where, and the session. */
final class PresenceTest extends FeatureTestCase
{
    public function test_who_and_where_are_one_query_whoever_asks(): void
    {
        $bench = $this->world->bench();
        $now = now()->getTimestamp();
        $guard = Auth::guard('web');
        self::assertInstanceOf(SessionGuard::class, $guard);
        $test = $this->world->asBench($bench->device)->withSession([$guard->getName() => $bench->person->id, 'kind' => 'bench', 'sitting' => $bench->sitting, 'signed_in_at' => $now, 'last_use' => $now]);
        DB::enableQueryLog();
        $answer = $test->getJson('/api/session')->assertOk();

        self::assertSame([$bench->person->name, $bench->device->name], [$answer->json('person.name'), $answer->json('device.name')]);
        self::assertSame(['assembler'], $answer->json('person.roles'));
        $asked = array_filter(array_column(DB::getQueryLog(), 'query'), fn (string $sql): bool => preg_match('/\b(people|person_roles|devices|device_tokens|sittings)\b/', $sql) === 1);
        self::assertCount(1, $asked, implode("\n", $asked));
    }

    public function test_a_reading_is_taken_without_a_session_and_of_an_enrolled_bench_only(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $reading = $bench->reading('snug:c2a:1', '32.0');
        $body = ['sent_at' => now()->toIso8601ZuluString('millisecond'), 'observations' => [$reading]];

        $this->withCookie(BenchSession::cookieName(), 'another')->withCredentials()->postJson('/api/bench/observations', $body)->assertForbidden()->assertJsonPath('type', 'tekkal:not-enrolled');
        $this->world->asBench($bench->device)->post('/api/bench/observations', $body, ['Content-Type' => 'text/plain', 'Accept' => 'application/json'])
            ->assertStatus(422)->assertJsonPath('detail', 'A batch is sent as JSON.');
        $taken = $this->world->atBench($bench->device, null, null, 'POST', 'bench/observations', $body)->assertOk();
        self::assertSame('applied', $taken->json('outcomes.0.standing'));
        self::assertSame([], $taken->headers->getCookies(), 'it begins none');
    }

    public function test_a_use_is_noted_at_most_every_ten_seconds(): void
    {
        $now = now()->getTimestamp();
        $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => $now, 'last_use' => $now]);
        $this->travel(9)->seconds();
        $this->getJson('/api/session')->assertSessionHas('last_use', $now);
        $this->travel(1)->seconds();
        $this->getJson('/api/session')->assertSessionHas('last_use', $now + 10);
    }

    public function test_a_session_that_is_as_it_was_read_is_not_written_again(): void
    {
        $folder = storage_path('framework/sessions');
        $id = 'asread'.getmypid();
        $written = new WholeFileSessions(new Filesystem, $folder, 10);
        $written->write($id, 'a');
        $before = fileinode("$folder/$id");
        $read = new WholeFileSessions(new Filesystem, $folder, 10);
        self::assertSame('a', $read->read($id));

        $read->write($id, 'a');
        clearstatcache();
        self::assertSame($before, fileinode("$folder/$id"));
        $read->write($id, 'b');
        self::assertSame('b', (string) file_get_contents("$folder/$id"));
        $read->write($id, 'a');
        self::assertSame('a', (string) file_get_contents("$folder/$id"), 'back to what it was is a change as well');
        unlink("$folder/$id");
    }

    public function test_what_workers_load_once_are_class_files_that_are_there(): void
    {
        $this->artisan('tekkal:preload')->assertSuccessful();
        $listed = require dirname(storage_path()).'/cache/preload.php';

        self::assertIsArray($listed);
        self::assertGreaterThan(500, count($listed));
        self::assertContains(base_path('app/Bench/Actions/RecordObservations.php'), $listed);
        self::assertContains(base_path('core/src/Run/RunFold.php'), $listed);
        self::assertSame([], array_filter($listed, fn (string $file): bool => ! is_file($file)));
    }
}

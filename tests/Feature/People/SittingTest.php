<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Models\Device;
use App\People\Models\Sitting;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** One person at one bench at a time. */
final class SittingTest extends FeatureTestCase
{
    public function test_the_next_sign_in_ends_the_sitting_before_where_the_new_one_begins(): void
    {
        $bench = $this->world->bench();
        $bench->ready($this->world->job($this->world->build()));
        $this->pin($bench->device, '1042', ['last_device_seq' => 7])->assertOk();

        $before = Sitting::query()->findOrFail($bench->sitting);
        self::assertNotNull($before->ended_at);
        self::assertSame(7, $before->closed_device_seq, 'what the bench still holds of the one before is theirs');
        self::assertSame(1, Sitting::query()->where('device', $bench->device->id)->where('ended_at', null)->count());
    }

    public function test_a_bench_that_does_not_say_its_number_is_closed_at_the_last_one_that_came_here(): void
    {
        $bench = $this->world->bench();
        $bench->ready($this->world->job($this->world->build()));
        $this->pin($bench->device, '1042')->assertOk();

        self::assertSame(3, Sitting::query()->findOrFail($bench->sitting)->closed_device_seq);
    }

    public function test_a_reading_sent_later_with_an_ended_sitting_is_stored_and_flagged(): void
    {
        $bench = $this->world->bench();
        $bench->ready($this->world->job($this->world->build()));
        $this->pin($bench->device, '1042')->assertOk();

        $answer = $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertJsonPath('outcomes.0.standing', 'applied');
        self::assertSame(['after_sitting'], BenchActor::found($answer));
        self::assertSame(1, DB::table('findings')->where('kind', 'after_sitting')->count());
    }

    public function test_a_reading_by_another_than_the_one_who_holds_the_run_is_flagged(): void
    {
        $bench = $this->world->bench();
        $bench->ready($this->world->job($this->world->build()));
        $sitting = (string) $this->pin($bench->device, '1042')->json('person.sitting');

        self::assertSame(['not_holder'], BenchActor::found($bench->send($bench->reading('snug:c2a:1', '32.0', change: ['sitting' => $sitting]))));
        self::assertSame('It was done by somebody else than the one in whose hands the run was.', DB::table('findings')->value('sentence'));
    }

    public function test_a_session_of_one_bench_with_the_cookie_of_another_is_refused(): void
    {
        $bench = $this->world->bench();
        $other = $this->world->device('Bench D');

        $this->world->atBench($other, $bench->person, $bench->sitting, 'GET', 'bench/hook')->assertStatus(403)->assertJsonPath('type', 'tekkal:no-sitting');
    }

    public function test_a_session_whose_sitting_was_ended_elsewhere_opens_nothing_more(): void
    {
        $bench = $this->world->bench();
        $this->pin($bench->device, '1042')->assertOk();

        $this->world->atBench($bench->device, $bench->person, $bench->sitting, 'GET', 'bench/hook')->assertStatus(401)->assertJsonPath('type', 'tekkal:no-sitting');
    }

    public function test_ten_idle_minutes_lock_a_bench_and_sign_nobody_out(): void
    {
        $device = $this->world->device();
        $sitting = $this->pin($device, '1041')->assertOk()->assertJsonPath('person.locked', false)->json('person.sitting');
        $this->travel(601)->seconds();

        $this->world->asBench($device)->getJson('/api/session')->assertOk()->assertJsonPath('person.locked', true)->assertJsonPath('person.sitting', $sitting);
        $this->world->asBench($device)->getJson('/api/bench/hook')->assertStatus(423)->assertJsonPath('type', 'tekkal:locked');
        $this->world->asBench($device)->getJson('/api/notices')->assertStatus(423);
        $this->world->asBench($device)->postJson('/api/session/bench', ['badge' => '1041', 'pin' => '000000'])->assertStatus(422);
        $this->world->asBench($device)->getJson('/api/bench/hook')->assertStatus(423);
    }

    public function test_badge_and_pin_come_back_to_the_same_sitting_and_the_record_says_so(): void
    {
        $device = $this->world->device();
        $sitting = $this->pin($device, '1041')->json('person.sitting');
        $this->travel(20)->minutes();

        $this->world->asBench($device)->postJson('/api/session/bench', ['badge' => '1041', 'pin' => '314159'])->assertOk()->assertJsonPath('person.sitting', $sitting)->assertJsonPath('person.locked', false);
        $this->world->asBench($device)->getJson('/api/bench/hook')->assertOk();
        self::assertSame([1, 0], [DB::table('ledger_entries')->where('type', 'sitting_resumed')->count(), DB::table('ledger_entries')->where('type', 'sitting_ended')->count()]);
    }

    public function test_another_badge_at_a_locked_bench_begins_a_sitting_of_its_own(): void
    {
        $device = $this->world->device();
        $first = $this->pin($device, '1041')->json('person.sitting');
        $this->travel(20)->minutes();

        $second = $this->world->asBench($device)->postJson('/api/session/bench', ['badge' => '1042', 'pin' => '314159'])->assertOk()->json('person.sitting');
        self::assertNotSame($first, $second);
        self::assertNotNull(Sitting::query()->findOrFail($first)->ended_at);
    }

    public function test_what_was_seen_before_the_lock_is_still_taken_from_a_locked_bench(): void
    {
        $bench = $this->world->bench();
        $bench->ready($this->world->job($this->world->build()));
        $seen = $bench->reading('snug:c2a:1', '32.0');
        $this->travel(30)->minutes();

        self::assertSame('applied', $bench->send($seen)->assertOk()->json('outcomes.0.standing'));
    }

    public function test_going_on_while_no_pin_can_be_checked_is_flagged(): void
    {
        $bench = $this->world->bench();
        $bench->ready($this->world->job($this->world->build()));

        self::assertSame(['resumed_after_idle'], BenchActor::found($bench->send($bench->observation('resumed') + ['after_idle' => true])));
    }

    public function test_twelve_hours_end_the_sitting_too(): void
    {
        $device = $this->world->device();
        $sitting = $this->pin($device, '1041')->json('person.sitting');
        $this->travel(12 * 3600 + 1)->seconds();

        $this->world->asBench($device)->getJson('/api/session')->assertOk()->assertJsonPath('person', null);
        self::assertNotNull(Sitting::query()->findOrFail($sitting)->ended_at);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function pin(Device $device, string $badge, array $more = []): TestResponse
    {
        return $this->world->atBench($device, null, null, 'POST', 'session/bench', ['badge' => $badge, 'pin' => '314159'] + $more);
    }
}

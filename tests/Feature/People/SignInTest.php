<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Models\Device;
use App\People\Models\Sitting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

final class SignInTest extends FeatureTestCase
{
    public function test_a_lead_signs_in_with_name_and_password_and_the_record_says_so(): void
    {
        $this->postJson('/api/session', ['name' => 'Lead', 'password' => 'fenmoor'])->assertOk()->assertJsonPath('person.kind', 'desk');
        self::assertSame(1, DB::table('ledger_entries')->where('type', 'signed_in')->count());
    }

    public function test_an_unknown_name_and_a_wrong_password_get_the_same_sentence(): void
    {
        $wrong = $this->postJson('/api/session', ['name' => 'lead', 'password' => 'guess'])->assertStatus(422)->json('detail');
        $unknown = $this->postJson('/api/session', ['name' => "o'nobody<script>", 'password' => 'guess'])->assertStatus(422)->json('detail');

        self::assertSame($wrong, $unknown);
    }

    public function test_an_empty_field_is_named(): void
    {
        $this->postJson('/api/session', ['name' => '', 'password' => 'x'])->assertStatus(422)->assertJsonPath('field', 'name')->assertJsonPath('detail', 'Write your sign-in name.');
    }

    public function test_a_desk_name_is_tried_at_most_ten_times_a_minute(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/session', ['name' => 'lead', 'password' => 'guess'])->assertStatus(422);
        }
        $this->postJson('/api/session', ['name' => 'lead', 'password' => 'fenmoor'])->assertStatus(429);
    }

    /** @return iterable<string, array{string}> */
    public static function otherForms(): iterable
    {
        yield 'an accent' => ['lëad'];
        yield 'full-width letters' => ['ｌｅａｄ'];
        yield 'a letter of another alphabet' => ['lеad'];
        yield 'a combining sign' => ["lea\u{301}d"];
    }

    #[DataProvider('otherForms')]
    public function test_a_name_has_one_form_only(string $name): void
    {
        $this->postJson('/api/session', ['name' => $name, 'password' => 'fenmoor'])->assertStatus(422)->assertJsonPath('type', 'tekkal:wrong-sign-in');
        $this->postJson('/api/session', ['name' => 'LEAD', 'password' => 'fenmoor'])->assertOk();
    }

    public function test_a_badge_in_other_digits_is_nobodys_and_is_answered_like_a_wrong_pin(): void
    {
        $device = $this->world->device();
        $this->pin($device, '１０４１', '314159')->assertStatus(422)->assertJsonPath('type', 'tekkal:wrong-sign-in');
        $this->pin($device, 'ü', '314159')->assertStatus(422);
    }

    public function test_unknown_names_are_counted_like_known_ones_and_stop_nobody_else(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/session', ['name' => 'nobody', 'password' => 'guess'])->assertStatus(422);
        }
        $this->postJson('/api/session', ['name' => 'nobody', 'password' => 'guess'])->assertStatus(429)->assertJsonPath('type', 'tekkal:too-often');
        for ($i = 0; $i < 70; $i++) {
            $this->postJson('/api/session', ['name' => "nobody$i", 'password' => 'guess'])->assertStatus(422);
        }
        $this->postJson('/api/session', ['name' => 'lead', 'password' => 'fenmoor'])->assertOk();
        $device = $this->world->device();
        for ($i = 0; $i < 5; $i++) {
            $this->pin($device, '9999', '000000')->assertStatus(422);
        }
        $this->pin($device, '9999', '000000')->assertStatus(429)->assertJsonPath('type', 'tekkal:pin-locked');
        $this->pin($device, '1041', '314159')->assertOk();
    }

    public function test_the_tries_of_a_minute_come_back_with_the_next_one(): void
    {
        for ($i = 0; $i < 11; $i++) {
            $last = $this->postJson('/api/session', ['name' => 'lead', 'password' => 'guess'])->json('detail');
        }
        self::assertSame('Too many tries with this name. Wait 60 s and try again.', $last);
        $this->travel(61)->seconds();
        $this->postJson('/api/session', ['name' => 'lead', 'password' => 'fenmoor'])->assertOk();
    }

    /** Hashing is slow on purpose: an answer that came without it would tell that nobody has the name. */
    public function test_somebody_whom_nobody_knows_costs_a_look_at_a_hash_as_well(): void
    {
        $looked = 0;
        Hash::shouldReceive('check')->times(4)->andReturnUsing(function () use (&$looked): bool {
            $looked++;

            return true;
        });
        $device = $this->world->device();
        $this->postJson('/api/session', ['name' => 'nobody', 'password' => 'guess'])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'lëad', 'password' => 'guess'])->assertStatus(422);
        $this->pin($device, '9999', '314159')->assertStatus(422);
        $this->pin($device, 'lead', '314159')->assertStatus(422);
        self::assertSame(4, $looked);
    }

    public function test_badge_and_pin_work_only_on_an_enrolled_bench(): void
    {
        $this->postJson('/api/session/bench', ['badge' => '1041', 'pin' => '314159'])->assertStatus(403)->assertJsonPath('type', 'tekkal:not-enrolled');
    }

    public function test_signing_in_at_a_bench_begins_a_sitting_and_signing_out_ends_it_at_the_devices_count(): void
    {
        $device = $this->world->device();
        $sitting = $this->pin($device, '1041', '314159')->assertOk()->json('person.sitting');
        $this->world->atBench($device, $this->world->person('1041'), $sitting, 'POST', 'session/end', ['last_device_seq' => 7])->assertOk()->assertJsonPath('person', null);

        self::assertSame(7, Sitting::query()->findOrFail($sitting)->closed_device_seq);
        self::assertNotNull(Sitting::query()->findOrFail($sitting)->ended_at);
    }

    public function test_after_five_wrong_pins_even_the_right_one_waits_and_a_lead_unlocks(): void
    {
        $device = $this->world->device();
        for ($i = 0; $i < 5; $i++) {
            $this->pin($device, '1041', '999999')->assertStatus(422);
        }
        $this->pin($device, '1041', '314159')->assertStatus(429)->assertJsonPath('type', 'tekkal:pin-locked');
        $this->world->desk('lead', 'POST', 'people/'.$this->world->person('1041')->id.'/unlock')->assertNoContent();
        $this->pin($device, '1041', '314159')->assertOk();
    }

    public function test_the_delay_after_wrong_pins_grows_and_ends_by_itself(): void
    {
        $device = $this->world->device();
        for ($i = 0; $i < 5; $i++) {
            $this->pin($device, '1041', '999999');
        }
        $this->travel(31)->seconds();
        $this->pin($device, '1041', '999999')->assertStatus(422);
        $this->travel(31)->seconds();
        $this->pin($device, '1041', '314159')->assertStatus(429);
        $this->travel(30)->seconds();
        $this->pin($device, '1041', '314159')->assertOk();
    }

    public function test_wrong_pins_at_one_bench_do_not_lock_another(): void
    {
        $first = $this->world->device();
        for ($i = 0; $i < 5; $i++) {
            $this->pin($first, '1041', '999999');
        }
        $this->pin($this->world->device('Bench 2'), '1041', '314159')->assertOk();
    }

    public function test_a_badge_of_nobody_is_refused_like_a_wrong_pin(): void
    {
        $device = $this->world->device();
        self::assertSame($this->pin($device, '9999', '314159')->assertStatus(422)->json('detail'), $this->pin($device, '1041', '000000')->json('detail'));
    }

    public function test_a_revoked_bench_is_a_bench_no_more(): void
    {
        $device = $this->world->device();
        $this->world->desk('lead', 'POST', "devices/$device->id/revoke")->assertNoContent();
        $this->pin($device, '1041', '314159')->assertStatus(403);
        $this->world->desk('lead', 'POST', "devices/$device->id/revoke")->assertStatus(422);
    }

    public function test_enrolling_sets_a_cookie_that_scripts_cannot_read_and_the_server_keeps_only_its_hash(): void
    {
        $response = $this->world->desk('lead', 'POST', 'devices', ['name' => 'Bench 9'])->assertCreated();
        $cookie = collect($response->headers->getCookies())->first(fn ($c): bool => str_starts_with($c->getName(), 'tekkal_bench'));

        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertSame(1, Device::query()->where('name', 'Bench 9')->count());
        self::assertSame(0, DB::table('device_tokens')->where('token_hash', $cookie->getValue())->count());
    }

    public function test_a_bench_needs_a_name_of_at_most_sixty_characters(): void
    {
        $this->world->desk('lead', 'POST', 'devices', ['name' => ''])->assertStatus(422)->assertJsonPath('field', 'name');
        $this->world->desk('lead', 'POST', 'devices', ['name' => str_repeat('x', 61)])->assertStatus(422);
    }

    public function test_a_desk_session_ends_after_sixty_idle_minutes_and_any_after_twelve_hours(): void
    {
        $as = fn (string $kind, int $idle, int $age) => $this->actingAs($this->world->person('lead'))
            ->withSession(['kind' => $kind, 'signed_in_at' => now()->getTimestamp() - $age, 'last_use' => now()->getTimestamp() - $idle])->getJson('/api/session');

        self::assertNotNull($as('desk', 3599, 3599)->json('person'));
        self::assertNull($as('desk', 3601, 3601)->json('person'));
        self::assertNull($as('desk', 10, 12 * 3600 + 1)->json('person'), 'twelve hours at most');
        self::assertNull($as('bench', 10, 12 * 3600 + 1)->json('person'), 'twelve hours at most');
    }

    public function test_a_poll_does_not_keep_a_session_alive(): void
    {
        $hour = now()->getTimestamp();
        $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => $hour, 'last_use' => $hour]);
        $this->travel(40)->minutes();
        $this->getJson('/api/session', ['X-Poll' => '1'])->assertSessionHas('last_use', $hour);
        $this->getJson('/api/session')->assertSessionHas('last_use', $hour + 2400);
    }

    public function test_signing_in_gives_the_session_a_new_id_and_forgets_what_it_held(): void
    {
        $this->withSession(['planted' => 'by somebody else']);
        $before = session()->getId();
        $this->postJson('/api/session', ['name' => 'lead', 'password' => 'fenmoor'])->assertOk()->assertSessionMissing('planted');

        self::assertNotSame($before, session()->getId());
    }

    public function test_a_right_pin_forgets_the_wrong_ones_before_it(): void
    {
        $device = $this->world->device();
        for ($i = 0; $i < 4; $i++) {
            $this->pin($device, '1041', '999999')->assertStatus(422);
        }
        $this->pin($device, '1041', '314159')->assertOk();
        for ($i = 0; $i < 4; $i++) {
            $this->pin($device, '1041', '999999')->assertStatus(422);
        }
        $this->pin($device, '1041', '314159')->assertOk();
    }

    /** A try is booked by one statement before the PIN is looked at, so that two at once cannot share it. */
    public function test_a_try_is_booked_before_the_pin_is_looked_at(): void
    {
        $device = $this->world->device();
        $order = [];
        DB::listen(function ($query) use (&$order): void {
            if (str_starts_with($query->sql, 'UPDATE pin_counters')) {
                $order[] = 'booked';
            }
        });
        Hash::shouldReceive('check')->once()->andReturnUsing(function () use (&$order): bool {
            $order[] = 'looked at';

            return false;
        });
        $this->pin($device, '1041', '999999')->assertStatus(422);

        self::assertSame(['booked', 'looked at'], $order);
    }

    public function test_passwords_and_pins_are_kept_as_argon2id_only(): void
    {
        foreach (DB::table('credentials')->get() as $row) {
            foreach (array_filter([$row->password_hash, $row->pin_hash]) as $hash) {
                self::assertSame('argon2id', password_get_info($hash)['algoName']);
            }
        }
    }

    public function test_a_pin_opens_nothing_that_asks_for_the_password(): void
    {
        $device = $this->world->device();
        $this->pin($device, '1041', '314159')->assertOk()->assertJsonPath('person.kind', 'bench');
        foreach (['builds', 'people', 'audit', 'tools', 'library'] as $path) {
            $this->world->asBench($device)->getJson("/api/$path")->assertForbidden();
        }
    }

    public function test_who_is_not_signed_in_is_told_to_sign_in(): void
    {
        $this->getJson('/api/builds')->assertStatus(401)->assertJsonPath('type', 'tekkal:signed-out');
    }

    /** @return TestResponse<Response> */
    private function pin(Device $device, string $badge, string $pin): TestResponse
    {
        return $this->world->atBench($device, null, null, 'POST', 'session/bench', ['badge' => $badge, 'pin' => $pin]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\Builds\Models\Assignment;
use App\Crib\Models\ToolRow;
use App\Library\Actions\SaveDraft;
use App\Library\Models\WorkingDraft;
use App\People\Actions\KeepPerson;
use App\People\Actions\NameDeputy;
use App\People\Actions\SendNotice;
use App\People\Actions\SignInAtBench;
use App\People\Models\Deputy;
use App\People\Models\Person;
use App\People\Models\Sitting;
use App\People\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** Somebody leaves: what is in their hands is handed over first, no way in stays open, and nothing that they did loses its name. */
final class LetGoTest extends FeatureTestCase
{
    public function test_who_leaves_in_mid_run_is_held_back_until_somebody_has_taken_the_run_over_at_a_bench(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $bench->send($bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->leave('1041', '1042')->assertStatus(409)->assertJsonPath('type', 'tekkal:still-held')
            ->assertJsonPath('detail', 'Rafe Ondling still has Main caps of TN3-26-0001, begun. Somebody takes it over at a bench, under “Open in other hands” on the hook.')
            ->assertJsonPath('reasons', ['Main caps of TN3-26-0001, begun']);
        self::assertNull($this->world->person('1041')->refresh()->left_at);

        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $other->command("runs/$bench->run/take-over")->assertOk();
        $this->leave('1041', null)->assertNoContent();
        self::assertNotNull($this->world->person('1041')->refresh()->left_at);
    }

    public function test_cards_drafts_and_bulletins_pass_to_whoever_takes_over_and_the_record_says_so(): void
    {
        $keep = app(KeepPerson::class);
        $lead = $this->world->person('lead');
        $second = $keep->add(['name' => 'Orla Penhallow', 'sign_in_name' => 'orla', 'badge' => '1050'], [Role::Lead, Role::Assembler], null, $lead);
        $build = $this->world->build();
        $this->world->job($build, '1041');
        app(SaveDraft::class)->begin($this->world->procedure, $second);
        DB::table('assignments')->update(['person' => $second->id]);
        app(SendNotice::class)('Bulletin', 'Something changed.', '', [$second->id], $lead->id);

        self::assertSame(['Main caps of TN3-26-0001', 'the draft of Tarn TN3, main caps, stock bolts', 'a bulletin unread'], array_column((array) $this->world->desk('lead', 'GET', "people/$second->id/holdings")->assertOk()->json('holdings'), 'what'));
        $this->leaving($second, null)->assertStatus(409)->assertJsonPath('field', 'successor');
        $this->leaving($second, 'approver')->assertStatus(422)->assertJsonPath('detail', 'Orla Penhallow has job cards, and Tobin Harrowmere does not work at a bench. Choose an assembler, or take the cards back first.');
        $this->leaving($second, 'reader')->assertStatus(422)->assertJsonPath('detail', 'Petra Lindqvale reads for a customer and takes nothing over.');
        $this->leaving($second, '1042')->assertStatus(422)->assertJsonPath('detail', 'Orla Penhallow has drafts, and Juno Castrel writes no procedures. Choose a lead, or throw the drafts away first.');
        self::assertNull($second->refresh()->left_at);
        $keep->rename($this->world->person('1042'), ['name' => 'Juno Castrel', 'sign_in_name' => 'juno'], $lead);
        $keep->roles($this->world->person('1042'), [Role::Assembler, Role::Lead], $lead);
        $this->leaving($second, '1042')->assertNoContent();

        $juno = $this->world->person('1042')->id;
        self::assertSame([$juno, $juno], [Assignment::query()->firstOrFail()->person, WorkingDraft::query()->firstOrFail()->author]);
        self::assertContains($second->id, DB::table('draft_writers')->pluck('person')->all(), 'who wrote any of it still does not sign it');
        self::assertSame(1, DB::table('notice_receipts')->where('person', $juno)->where('acknowledged_at', null)->count());
        self::assertSame(1, DB::table('ledger_entries')->where('type', 'procedure_handed')->count());
    }

    public function test_a_tool_comes_back_to_the_crib_first(): void
    {
        $this->world->desk('crib', 'POST', 'tools/'.$this->world->tools['TW-04'].'/lend', ['badge' => '1041'])->assertSuccessful();
        $this->leave('1041', '1042')->assertStatus(409)->assertJsonPath('detail', 'Rafe Ondling still has TW-04. It comes back to the crib first.');
        self::assertSame($this->world->person('1041')->id, ToolRow::query()->where('code', 'TW-04')->value('held_by'));

        $this->world->desk('crib', 'POST', 'tools/'.$this->world->tools['TW-04'].'/return', ['elsewhere' => 'none'])->assertSuccessful();
        $this->leave('1041', null)->assertNoContent();
    }

    public function test_every_way_in_is_closed_and_what_they_had_is_free_for_others(): void
    {
        $device = $this->world->device();
        app(SignInAtBench::class)->begin($this->world->person('1041'), $device);
        app(NameDeputy::class)($this->world->person('1041'), ['classes' => ['C'], 'from_time' => '14:00', 'until_time' => '22:00', 'first_day' => '2026-06-15', 'last_day' => '2026-08-01'], $this->world->person('lead'));
        $this->leave('1041', null)->assertNoContent();

        $rafe = $this->world->person('1041')->refresh();
        self::assertSame([null, null, [], 'Rafe Ondling'], [$rafe->badge, $rafe->credential()->first(), $rafe->roles(), $rafe->name]);
        self::assertSame([0, 0], [Sitting::query()->where('ended_at', null)->count(), Deputy::query()->where('ended_at', null)->count()]);
        $this->world->atBench($device, null, null, 'POST', 'session/bench', ['badge' => '1041', 'pin' => '314159', 'last_device_seq' => 0])->assertStatus(422);
        $this->world->desk('lead', 'POST', 'people/'.$this->world->person('1042')->id.'/badge', ['badge' => '1041'])->assertNoContent();
    }

    public function test_an_open_session_of_theirs_ends_with_the_next_request(): void
    {
        $this->world->desk('crib', 'GET', 'tools')->assertOk();
        $this->leave('crib', null)->assertNoContent();
        // As a browser does it: by the session alone.
        $this->app->make('auth')->forgetGuards();
        $name = $this->app->make('auth')->guard('web')->getName();
        $this->withSession([(string) $name => $this->world->person('crib')->id, 'kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])->getJson('/api/tools')->assertUnauthorized();
    }

    public function test_what_a_bench_still_holds_of_theirs_is_taken(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build()));
        $held = $bench->reading('snug:c2a:1', '32.0');
        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $other->command("runs/$bench->run/take-over")->assertOk();
        $this->leave('1041', null)->assertNoContent();

        $bench->send($held)->assertOk()->assertJsonPath('outcomes.0.standing', 'set_aside');
    }

    public function test_the_last_lead_does_not_leave_nobody_lets_themselves_go_and_nobody_goes_twice(): void
    {
        $this->leave('lead', null)->assertStatus(422)->assertJsonPath('detail', 'Nobody lets themselves go. Another lead does it.');
        app(KeepPerson::class)->roles($this->world->person('approver'), [Role::Approver, Role::Lead], $this->world->person('lead'));
        $path = '/api/people/'.$this->world->person('lead')->id.'/leave';
        $this->actingAs(Person::query()->findOrFail($this->world->person('approver')->id))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()]);
        $this->postJson($path, ['password' => 'fenmoor'])->assertNoContent();
        $this->postJson($path, ['password' => 'fenmoor'])->assertStatus(422)->assertJsonPath('detail', 'Ansa Kettleby has left already.');
    }

    public function test_who_left_by_mistake_is_taken_back_and_gets_a_badge_anew(): void
    {
        $this->leave('1041', null)->assertNoContent();
        $rafe = $this->world->person('1041')->id;
        $this->world->desk('lead', 'POST', "people/$rafe/badge", ['badge' => '1041'])->assertStatus(422)->assertJsonPath('detail', 'Rafe Ondling has left. Take them back first.');
        $this->world->desk('lead', 'POST', "people/$rafe/come-back", ['roles' => ['assembler'], 'password' => 'fenmoor'])->assertNoContent();
        $this->world->desk('lead', 'POST', "people/$rafe/come-back", ['roles' => ['assembler'], 'password' => 'fenmoor'])->assertStatus(422)->assertJsonPath('detail', 'Rafe Ondling is here.');
        $this->world->desk('lead', 'POST', "people/$rafe/badge", ['badge' => '1041'])->assertNoContent();
    }

    /** @return TestResponse<Response> */
    private function leave(string $who, ?string $successor): TestResponse
    {
        return $this->leaving($this->world->person($who), $successor);
    }

    /** @return TestResponse<Response> */
    private function leaving(Person $person, ?string $successor): TestResponse
    {
        return $this->world->desk('lead', 'POST', "people/$person->id/leave", ['successor' => $successor === null ? null : $this->world->person($successor)->id, 'password' => 'fenmoor']);
    }
}

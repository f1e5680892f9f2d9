<?php

declare(strict_types=1);

namespace Tests\Feature\Shared;

use App\People\Actions\AddCustomer;
use App\People\Actions\EndSitting;
use App\Record\Models\Subject;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** What people and broken programs send. It is refused with field, value, limit and unit, or kept aside; nothing is lost. */
final class BadInputTest extends FeatureTestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> what is sent as a serial, and a part of the sentence */
    public static function serials(): iterable
    {
        yield 'empty' => [['serial' => ''], 'Write or scan the serial number.'];
        yield 'nothing' => [['serial' => null], 'Write or scan the serial number.'];
        yield 'negative' => [['serial' => '-1'], '"-1" is no serial number of a family'];
        yield '1e309' => [['serial' => '1e309'], '"1E309" is no serial number of a family'];
        yield 'a list' => [['serial' => ['TN3-26-0001']], 'Give a text for serial.'];
        yield 'quotes and a script tag' => [['serial' => '"\'><script>alert(1)</script>'], 'is no serial number of a family'];
        yield 'a family that is none' => [['serial' => 'QX9-26-0001'], 'The library has no engine family QX9.'];
    }

    /** @param  array<string, mixed>  $sent */
    #[DataProvider('serials')]
    public function test_a_serial_that_is_none_is_refused_with_a_sentence_and_opens_nothing(array $sent, string $sentence): void
    {
        $response = $this->world->desk('lead', 'POST', 'builds', $sent + ['customer' => $this->world->people->customer('Skerry Dredging')])->assertStatus(422)
            ->assertJsonPath('type', 'tekkal:bad-value')->assertJsonPath('field', 'serial');

        self::assertStringContainsString($sentence, $response->json('detail'));
        self::assertSame(0, Subject::query()->count());
    }

    public function test_ten_thousand_characters_are_refused_with_limit_and_unit_and_only_their_beginning_comes_back(): void
    {
        $response = $this->world->desk('lead', 'POST', 'builds', ['serial' => str_repeat('A', 10_000), 'customer' => 'x'])->assertStatus(422)
            ->assertJsonPath('field', 'serial')->assertJsonPath('limit', 40)->assertJsonPath('unit', 'characters');

        self::assertSame(201, mb_strlen($response->json('value')));
    }

    public function test_a_number_below_its_limit_is_named_with_the_limit(): void
    {
        $this->world->desk('lead', 'GET', 'live?run=019ec000-0000-7000-8000-000000000000&since=-5')->assertStatus(422)
            ->assertJsonPath('field', 'since')->assertJsonPath('value', '-5')->assertJsonPath('limit', 0)->assertJsonPath('detail', 'The number of since lies below 0.');
    }

    public function test_a_choice_that_is_none_is_named_with_those_that_are(): void
    {
        $this->world->desk('lead', 'GET', 'builds?state=lost')->assertStatus(422)
            ->assertJsonPath('field', 'state')->assertJsonPath('value', 'lost')->assertJsonPath('limit', 'received, open, finished, shipped');
    }

    public function test_a_secret_never_comes_back(): void
    {
        $response = $this->postJson('/api/session', ['name' => 'lead', 'password' => str_repeat('geheim', 50)])->assertStatus(422)->assertJsonPath('field', 'password')->assertJsonPath('limit', 200);

        self::assertStringNotContainsString('geheim', (string) $response->getContent());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function unreadable(): iterable
    {
        yield 'empty' => [['value' => '']];
        yield 'without a unit' => [['value' => '32']];
        yield 'negative' => [['value' => '-32 N.m']];
        yield '1e309' => [['value' => '1e309 N.m']];
        yield 'not a number' => [['value' => 'NaN N.m']];
        yield 'ten thousand characters' => [['value' => str_repeat('3', 10_000).' N.m']];
        yield 'a unit that is none' => [['value' => '32 furlong']];
        yield 'pounds alone' => [['value' => '32 lb']];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unreadable')]
    public function test_a_reading_that_could_not_be_stored_truthfully_is_refused_and_the_bench_keeps_it(array $change): void
    {
        $bench = $this->begun();
        $next = $this->world->nextSeq($bench->device);
        $response = $bench->send($bench->reading('snug:c2a:1', '32', change: $change));

        $response->assertStatus(422);
        self::assertStringContainsString('tekkal:', $response->json('type'));
        self::assertSame($next, $this->world->nextSeq($bench->device), 'the count has not moved, so it can be sent again');
    }

    public function test_a_unit_of_the_wrong_kind_is_kept_aside_with_its_reason(): void
    {
        $bench = $this->begun();
        $bench->send($bench->reading('snug:c2a:1', '32', change: ['value' => '32 deg']))->assertOk()
            ->assertJsonPath('outcomes.0.standing', 'set_aside')->assertJsonPath('outcomes.0.say.0.sentence', 'Its unit measures something else than the step controls.');
    }

    public function test_inch_pounds_sent_as_foot_pounds_are_judged_as_what_they_say_and_stop_the_run(): void
    {
        $bench = $this->begun();
        self::assertSame('high', BenchActor::verdict($bench->send($bench->reading('snug:c2a:1', '284', change: ['value' => '284 lbf.ft']))->assertOk()));

        self::assertSame('snug:c2a:1', $bench->show()['view']['stopped_at']);
    }

    public function test_one_id_twice_in_a_batch_is_stored_once_and_refused_where_the_two_differ(): void
    {
        $bench = $this->begun();
        $reading = $bench->reading('snug:c2a:1', '32');
        $bench->sendAsIs($reading, $reading)->assertOk()->assertJsonCount(2, 'outcomes');
        self::assertSame(1, DB::table('ledger_entries')->where('entry_id', $reading['id'])->count());

        $other = $bench->reading('snug:c3b:1', '32');
        $bench->sendAsIs($other, ['value' => '33 N.m'] + $other)->assertStatus(409)->assertJsonPath('type', 'tekkal:id-taken');
        self::assertSame(0, DB::table('ledger_entries')->where('entry_id', $other['id'])->count(), 'all or nothing');
    }

    public function test_a_name_with_quotes_and_a_script_tag_is_stored_as_written_and_sent_as_data(): void
    {
        $name = 'O\'Brine "&" <script>alert(1)</script>';
        $customer = app(AddCustomer::class)($name)->id;
        $this->world->desk('lead', 'POST', 'builds', ['serial' => 'TN3-26-0009', 'customer' => $customer])->assertCreated();

        $response = $this->world->desk('lead', 'GET', 'builds')->assertOk()->assertJsonPath('builds.0.customer', $name);
        self::assertSame('application/json', $response->headers->get('Content-Type'));
    }

    public function test_two_leads_who_give_the_same_joint_at_once_leave_it_in_one_hand(): void
    {
        $build = $this->world->build();
        $give = fn (string $badge): TestResponse => $this->world->desk('lead', 'POST', "builds/$build/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person($badge)->id]);
        $give('1041')->assertCreated();
        $give('1042')->assertStatus(422)->assertJsonPath('field', 'joint')->assertJsonPath('detail', "Main caps of TN3-26-0001 is already in somebody's hands.");
    }

    public function test_what_is_sent_within_72_hours_of_the_sittings_end_is_taken_and_what_comes_later_is_flagged(): void
    {
        $bench = $this->begun();
        app(EndSitting::class)($bench->sitting, $this->world->nextSeq($bench->device) + 5);
        $this->travel(71)->hours();
        self::assertSame([], BenchActor::found($bench->send($bench->reading('snug:c2a:1', '32'))));
        $this->travel(2)->hours();
        self::assertSame(['after_sitting'], BenchActor::found($bench->send($bench->reading('snug:c3b:1', '32'))));
    }

    private function begun(): BenchActor
    {
        return $this->world->bench()->ready($this->world->job($this->world->build()));
    }
}

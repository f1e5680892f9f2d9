<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** When it goes wrong at a bench: what it costs is asked without a trace, who may decide decides there, and the end is a look and a name. */
final class WrongTest extends FeatureTestCase
{
    private const FIRST = 'snug:c2a:1';

    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->bench = $this->world->bench()->ready($this->world->job($this->world->build()));
    }

    public function test_asking_what_it_costs_leaves_no_trace(): void
    {
        $before = DB::table('ledger_entries')->count();
        $weighed = $this->bench->get("runs/{$this->bench->run}/mishaps/11");

        self::assertSame(['type' => 'gave_way', 'step' => self::FIRST], $weighed['event']);
        self::assertSame($before, DB::table('ledger_entries')->count());
        self::assertNull($this->bench->show()['view']['stopped_at']);
    }

    public function test_what_is_no_tile_is_not_found(): void
    {
        $this->bench->asks("runs/{$this->bench->run}/mishaps/99")->assertNotFound()->assertJsonPath('detail', 'Nothing of that kind can be said here.');
    }

    public function test_the_lead_decides_at_the_bench_with_own_badge_and_pin_and_the_bench_stays_in_the_hands_it_was_in(): void
    {
        $this->gaveWay();
        $this->decides('1001')->assertOk()->assertJsonPath('holder.person', $this->bench->person->id);
        $entry = json_decode((string) DB::table('ledger_entries')->where('type', 'disposed')->value('body'), true);

        self::assertSame($this->world->person('lead')->id, $entry['event']['person']);
        self::assertArrayNotHasKey('sitting', $entry['event']);
        self::assertSame([], $this->bench->get("runs/{$this->bench->run}/decisions")['faults']);
    }

    public function test_a_wrong_pin_decides_nothing_and_is_counted(): void
    {
        $this->gaveWay();
        $this->decides('1001', '000000')->assertStatus(422)->assertJsonPath('detail', 'Badge and PIN do not belong together. Try again.');

        self::assertCount(1, $this->bench->get("runs/{$this->bench->run}/decisions")['faults']);
        self::assertSame(1, (int) DB::table('pin_counters')->where('person', $this->world->person('lead')->id)->value('failures'));
    }

    public function test_nobody_decides_who_is_no_lead_and_was_not_named(): void
    {
        $this->gaveWay();

        $this->decides('1042')->assertForbidden()->assertJsonPath('detail', 'Juno Castrel does not decide this: only a lead does, or somebody whom the lead has named for it.');
    }

    /** @param  array<string, mixed>  $terms */
    #[DataProvider('terms')]
    public function test_a_deputy_decides_within_what_the_lead_has_said_and_not_beyond(array $terms, ?string $refusal): void
    {
        $this->gaveWay();
        $this->travelTo('2026-04-10 15:00:00');
        $this->named($terms)->assertCreated();
        $answer = $this->decides('1042');

        $refusal === null ? $answer->assertOk() : self::assertSame($refusal, $answer->assertForbidden()->json('detail'));
    }

    /** @return iterable<string, array{array<string, mixed>, string|null}> the shop's clock is an hour ahead in summer; the joint is of class A */
    public static function terms(): iterable
    {
        yield 'class and hours hold' => [['classes' => ['A', 'B']], null];
        yield 'over midnight, in the hours before it' => [['classes' => ['A'], 'from_time' => '16:00', 'until_time' => '06:00'], null];
        yield 'another class' => [['classes' => ['B', 'C']], 'Juno Castrel decides about other classes: class B, C, 14:00 to 22:00, 1 Apr to 30 Apr 2026. This joint is of class A.'];
        yield 'other hours' => [['classes' => ['A'], 'from_time' => '06:00', 'until_time' => '14:00'], 'Juno Castrel stands in for the lead at other times: class A, 06:00 to 14:00, 1 Apr to 30 Apr 2026.'];
        yield 'from tomorrow on' => [['classes' => ['A'], 'first_day' => '2026-04-11'], 'Juno Castrel stands in for the lead at other times: class A, 14:00 to 22:00, 11 Apr to 30 Apr 2026.'];
    }

    public function test_nobody_decides_about_what_they_tightened_though_they_stand_in_for_the_lead(): void
    {
        $this->gaveWay();
        $this->travelTo('2026-04-10 15:00:00');
        $this->named(['person' => $this->world->person('1041')->id, 'classes' => ['A']])->assertCreated();

        $this->decides('1041')->assertStatus(409)->assertJsonPath('detail', 'Nobody disposes of what they tightened themselves.');
    }

    public function test_a_deputy_whose_time_was_ended_decides_no_more(): void
    {
        $this->gaveWay();
        $this->travelTo('2026-04-10 15:00:00');
        $id = $this->named(['classes' => ['A']])->assertCreated()->json('id');
        $this->world->desk('lead', 'GET', 'people')->assertOk()->assertJsonPath('deputies.0.id', $id);
        $this->world->desk('lead', 'POST', "deputies/$id/end")->assertNoContent();

        $this->decides('1042')->assertForbidden();
        $this->world->desk('lead', 'GET', 'people')->assertJsonCount(0, 'deputies');
    }

    /** @param  array<string, mixed>  $terms */
    #[DataProvider('senseless')]
    public function test_terms_that_say_nothing_are_refused_with_what_is_wanted(array $terms, string $sentence): void
    {
        $this->travelTo('2026-04-10 15:00:00');

        $this->named($terms)->assertStatus(422)->assertJsonPath('detail', $sentence);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function senseless(): iterable
    {
        yield 'no class' => [['classes' => []], 'Choose at least one class of joints.'];
        yield 'a class that is none' => [['classes' => ['D']], 'A class is A, B or C.'];
        yield 'no hour between' => [['from_time' => '14:00', 'until_time' => '14:00'], 'From and until are the same: no hour lies between them.'];
        yield 'an hour that is none' => [['from_time' => '25:00'], 'Say from when on, as HH:MM.'];
        yield 'over before it begins' => [['last_day' => '2026-03-31'], 'The last day lies before the first, or is over already.'];
        yield 'without a badge' => [['person' => 'crib'], 'Wim Osterlake has no badge, and nobody decides at a bench without one.'];
    }

    public function test_only_a_lead_names_a_deputy(): void
    {
        $this->world->desk('approver', 'POST', 'deputies', self::withTerms($this->world->person('1042')->id, []))->assertForbidden();
    }

    public function test_a_repaired_thread_is_accepted_at_the_bench_by_somebody_else(): void
    {
        $this->gaveWay();
        $this->decides('1001')->assertOk();
        $this->does('loosened', ['positions' => ['c2a']]);
        $this->does('thread_repaired', ['position' => 'c2a', 'kind' => 'insert']);
        $accepts = fn (string $badge): TestResponse => $this->bench->command("runs/{$this->bench->run}/repairs", ['badge' => $badge, 'pin' => '314159', 'position' => 'c2a']);

        $accepts('1042')->assertForbidden();
        $accepts('1001')->assertOk();
        $accepts('1001')->assertStatus(409);
    }

    public function test_the_end_is_a_signature_and_a_wrong_pin_signs_nothing(): void
    {
        $this->bench->completeAll();
        $this->bench->signs()->assertStatus(409)->assertJsonPath('detail', 'Nobody has compared the heads with the picture since the last of them was done.');
        $this->does('final_look');
        $this->bench->signs()->assertStatus(409)->assertJsonPath('detail', 'This joint is of class A: no second person has looked at nos. 1, 2, 3, 4, 5, 6, 7, 8.');
        $this->looks([])->assertOk();
        $this->bench->signs('000000')->assertStatus(422)->assertJsonPath('detail', 'Badge and PIN do not belong together. Try again.');
        $this->bench->command("runs/{$this->bench->run}/finish")->assertStatus(422)->assertJsonPath('detail', 'Type your PIN: it puts your name to the work.');
        $this->bench->signs()->assertOk()->assertJsonPath('view.finished', true);

        self::assertSame('I did this and looked at every mark.', json_decode((string) DB::table('ledger_entries')->where('type', 'run_finished')->value('body'), true)['event']['meaning']);
    }

    public function test_a_head_that_the_second_person_sees_otherwise_is_not_proved_and_nobody_signs(): void
    {
        $this->bench->completeAll();
        $this->does('final_look');
        $this->looks(['c3b'])->assertOk()->assertJsonPath('view.call.stop.word', 'Not proved');

        $this->bench->signs()->assertStatus(409);
    }

    public function test_a_head_that_nobody_is_asked_about_is_not_looked_at(): void
    {
        $this->bench->completeAll();
        $this->does('final_look');

        $this->looks(['x9'])->assertStatus(409)->assertJsonPath('detail', 'None of the heads that were touched waits for a second look.');
    }

    public function test_another_bench_sees_that_a_run_moves_and_when_the_first_was_last_heard(): void
    {
        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $seq = $this->bench->show()['last_seq'];
        $other->asks("runs/{$this->bench->run}/moved?since=$seq")->assertNoContent();
        $this->travel(90)->seconds();
        $this->bench->send($this->bench->reading(self::FIRST, '32.0'))->assertOk();
        $this->travel(5)->minutes();

        $other->asks("runs/{$this->bench->run}/moved?since=$seq")->assertOk()->assertJsonPath('last_seq', $seq + 1);
        self::assertSame(now()->subMinutes(5)->utc()->format('Y-m-d\TH:i:s'), substr((string) $other->asks("runs/{$this->bench->run}")->json('holder.heard_at'), 0, 19));
    }

    public function test_of_a_run_that_is_none_nothing_is_said(): void
    {
        $this->bench->asks('runs/00000000-0000-7000-8000-000000000000/moved?since=0')->assertNotFound();
    }

    public function test_what_was_put_off_is_listed_with_its_reason_and_its_way(): void
    {
        $this->does('deferred', ['steps' => [self::FIRST], 'reason' => 'a part is missing']);
        $view = $this->bench->show()['view'];

        self::assertSame([[self::FIRST, 'a part is missing']], array_map(fn (array $p): array => [$p['step'], $p['reason']], $view['put_off']));
        $this->does((string) $view['put_off'][0]['event']['type'], (array) $view['put_off'][0]['event']);
        self::assertSame([], $this->bench->show()['view']['put_off']);
    }

    private function gaveWay(): void
    {
        $this->does('gave_way', ['step' => self::FIRST]);
    }

    /** @param  array<string, mixed>  $content */
    private function does(string $type, array $content = []): void
    {
        self::assertSame('applied', $this->bench->send($content + $this->bench->observation($type))->assertOk()->json('outcomes.0.standing'));
    }

    /** @return TestResponse<Response> */
    private function decides(string $badge, string $pin = '314159'): TestResponse
    {
        $fault = (array) $this->bench->get("runs/{$this->bench->run}/decisions")['faults'][0];

        return $this->bench->command("runs/{$this->bench->run}/decisions", ['badge' => $badge, 'pin' => $pin, 'case' => $fault['case'], 'step' => $fault['step'], 'disposition' => 'rework']);
    }

    /**
     * @param  list<string>  $differ
     * @return TestResponse<Response>
     */
    private function looks(array $differ): TestResponse
    {
        return $this->bench->command("runs/{$this->bench->run}/looks", ['badge' => '1043', 'pin' => '314159', 'stage' => 'joint', 'differ' => $differ]);
    }

    /**
     * @param  array<string, mixed>  $terms
     * @return TestResponse<Response>
     */
    private function named(array $terms): TestResponse
    {
        $whose = $terms['person'] ?? null;

        return $this->world->desk('lead', 'POST', 'deputies', self::withTerms($whose === 'crib' ? $this->world->person('crib')->id : (is_string($whose) ? $whose : $this->world->person('1042')->id), $terms));
    }

    /**
     * @param  array<string, mixed>  $terms
     * @return array<string, mixed>
     */
    private static function withTerms(string $person, array $terms): array
    {
        return ['person' => $person] + $terms + ['classes' => ['C'], 'from_time' => '14:00', 'until_time' => '22:00', 'first_day' => '2026-04-01', 'last_day' => '2026-04-30'];
    }
}

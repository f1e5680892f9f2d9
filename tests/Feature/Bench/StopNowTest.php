<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Builds\Actions\MoveBuild;
use App\Crib\Models\Lot;
use App\Record\Models\Stop;
use App\Record\Queries\StopsInForce;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** The wrong value that is found on a Friday: one stops it for everybody, benches say that they know, two lift it. */
final class StopNowTest extends FeatureTestCase
{
    private const WHY = 'The angle is the one of the other bolts';

    private const PASSWORD = ['password' => 'fenmoor'];

    private const GOES_ON = 'The bolts are those it names';

    private BenchActor $bench;

    private string $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->build = $this->world->build();
        $this->bench = $this->world->bench();
    }

    public function test_a_run_by_a_stopped_revision_halts_and_goes_on_where_it_was_once_two_have_lifted_it(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $next = $this->bench->show()['view']['next_step'];
        $this->stopped();
        $call = $this->bench->show()['view']['call'];

        self::assertSame(['halted', 'Revision A', self::WHY], [$call['kind'], $call['title'], $call['halt']['why']]);
        self::assertSame('read', $call['in_hand']['kind'], 'what was pulled as it came can be told');
        $this->known();
        self::assertArrayNotHasKey('in_hand', $this->bench->show()['view']['call']);
        $this->lifted();
        self::assertSame($next, $this->bench->show()['view']['next_step']);
        self::assertSame('read', $this->bench->show()['view']['call']['kind']);
    }

    public function test_a_bench_that_asks_every_two_seconds_hears_of_it_at_once(): void
    {
        $this->bench->begin($this->world->job($this->build));
        $sheet = $this->bench->show();
        $moved = fn (): TestResponse => $this->bench->asks("runs/{$this->bench->run}/moved?since=$sheet[last_seq]&stops=$sheet[stops]");

        $moved()->assertNoContent();
        $this->stopped();
        $moved()->assertOk()->assertJsonPath('stops', 1);
    }

    public function test_what_is_pulled_after_it_is_kept_flagged_and_counted_on_the_stop(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->stopped();
        $this->travel(1)->seconds();

        self::assertSame(['after_stop'], BenchActor::found($this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))));
        $this->sheet()->assertJsonPath('runs.0.after', 1);
    }

    public function test_what_was_pulled_before_it_and_comes_late_is_not_flagged(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $pulled = $this->bench->reading('snug:c2a:1', '32.0');
        $this->travel(2)->minutes();
        $this->stopped();
        $this->travel(1)->minutes();

        self::assertSame([], BenchActor::found($this->bench->send($pulled)));
    }

    public function test_what_was_pulled_while_it_was_stopped_and_comes_after_it_was_lifted_is_flagged(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->stopped();
        $this->travel(2)->minutes();
        $pulled = $this->bench->reading('snug:c2a:1', '32.0');
        $this->travel(2)->minutes();
        $this->lifted();
        $this->travel(2)->minutes();

        self::assertSame(['after_stop'], BenchActor::found($this->bench->send($pulled)));
    }

    public function test_nothing_new_is_done_by_it(): void
    {
        $job = $this->world->job($this->build);
        $begun = $this->world->bench($this->world->device('Bench 2'), '1042')->ready($this->world->job($this->world->build('TN3-26-0002'), '1042'))->prepared();
        $this->stopped();
        $refused = fn (TestResponse $answer): TestResponse => $answer->assertStatus(409)->assertJsonPath('type', 'tekkal:stopped')->assertJsonPath('field', 'revision');

        $refused($this->bench->command('runs', ['assignment' => $job]))->assertJsonPath('detail', fn (string $says): bool => str_starts_with($says, 'Revision A was stopped on ') && str_ends_with($says, 'It goes on when two have lifted that.'));
        $refused($this->world->desk('lead', 'POST', "builds/{$this->world->build('TN3-26-0003')}/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person('1041')->id]));
        $refused($this->world->desk('lead', 'POST', 'cards', ['assignment' => $job]));
        $refused($begun->signs());
    }

    public function test_what_was_worked_on_a_card_is_typed_in_all_the_same(): void
    {
        $job = $this->world->job($this->build);
        $card = (string) $this->world->desk('lead', 'POST', 'cards', ['assignment' => $job])->assertCreated()->json('number');
        $this->stopped();
        $this->sheet()->assertJsonPath('jobs.0.card', $card);
        $this->world->desk('lead', 'POST', "cards/$card/back", ['worked_by' => $this->world->person('1041')->id, 'worked_on' => now()->format('Y-m-d')])->assertOk();
        $this->bench->run = (string) $this->bench->command('runs', ['assignment' => $job, 'card' => $card])->assertCreated()->json('id');
        $this->bench->command("runs/{$this->bench->run}/paper", ['card' => $card])->assertOk();
        $this->bench->take('torque', 'TW-04')->assertOk();

        self::assertSame([], BenchActor::found($this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))), 'when it was done nobody here can say');
        self::assertNotSame('halted', $this->bench->show()['view']['call']['kind']);
    }

    public function test_it_lists_the_engines_that_were_made_with_it_those_that_were_shipped_too(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->bench->completeAll();
        $this->bench->finish()->assertOk();
        app(MoveBuild::class)->finish($this->build, $this->world->person('lead'));
        app(MoveBuild::class)->ship($this->build, $this->world->person('lead'));
        $this->world->build('TN3-26-0009');
        $this->world->desk('approver', 'GET', 'stops/reach?what=revision&key='.$this->world->revision->id)->assertOk()->assertJsonPath('engines.0.title', 'TN3-26-0001')->assertJsonPath('stopped', null);
        $this->stopped();

        $this->sheet()->assertJsonCount(1, 'engines')->assertJsonPath('engines.0', fn (array $e): bool => [$e['title'], $e['state'], $e['customer'], $e['joints']] === ['TN3-26-0001', 'shipped', 'Skerry Dredging', 'Main caps']);
        $table = (string) $this->world->desk('lead', 'GET', 'stops/1/engines.csv')->assertOk()->getContent();
        self::assertStringStartsWith("engine,family,customer,state,since,joints\r\nTN3-26-0001,Tarn TN3,Skerry Dredging,shipped,", $table);
        $this->audited('in_doubt');
        $this->lifted();
        $this->audited('yes');
    }

    public function test_benches_that_know_are_told_from_those_that_do_not(): void
    {
        $second = $this->world->bench($this->world->device('Bench 2'), '1042');
        $this->stopped();

        self::assertSame([self::WHY], array_column($this->bench->get('hook')['stops'], 'why'));
        $this->known();
        $this->known();
        self::assertSame([], $this->bench->get('hook')['stops']);
        self::assertSame([self::WHY], array_column($second->get('hook')['stops'], 'why'));
        self::assertSame([['Bench 2', null], ['Bench 1', $this->world->person('1041')->name]], array_map(fn (array $b): array => [$b['name'], $b['seen_by']], (array) $this->sheet()->json('benches')));
        self::assertSame(1, DB::table('stop_seen')->count());
    }

    public function test_today_says_it_first_to_whoever_may_lift_it_and_to_nobody_else(): void
    {
        $this->stopped();
        $need = fn (string $who): ?array => collect((array) $this->world->desk($who, 'GET', 'today')->assertOk()->json('needs'))->first(fn (array $n): bool => str_contains($n['title'], 'stopped'));

        self::assertSame(['Tarn TN3, main caps, stock bolts, revision A: stopped', '/stops/1', 'stands_still'], [($n = $need('approver'))['title'] ?? null, $n['link'] ?? null, $n['urgency'] ?? null]);
        self::assertStringContainsString('One bench has not said that it knows.', $n['why'] ?? '');
        self::assertNull($need('crib'));
        $this->asks()->assertOk();
        self::assertSame(['Look and sign', 'See what it holds'], [$need('approver')['action'] ?? null, $need('lead')['action'] ?? null]);
    }

    public function test_lifting_takes_two_whoever_asked_does_not_sign_too(): void
    {
        $this->stopped();
        $lift = fn (string $who): TestResponse => $this->world->desk($who, 'POST', 'stops/1/lift', self::PASSWORD + ['seen' => self::GOES_ON]);

        $lift('approver')->assertStatus(409)->assertJsonPath('detail', 'Stop 1: It takes two: first one asks for it and says why it may go on.');
        $this->asks()->assertOk()->assertJsonPath('asked.reason', 'The bolts are those it names');
        $this->asks()->assertStatus(409);
        $lift('lead')->assertStatus(403)->assertJsonPath('detail', 'It takes two: you asked for it, so somebody else lifts it.');
        $this->world->desk('approver', 'POST', 'stops/1/lift', ['password' => 'not it'])->assertStatus(422)->assertJsonPath('field', 'password');
        // What one has read is what one signs: neither another word nor none.
        $this->world->desk('approver', 'POST', 'stops/1/lift', self::PASSWORD)->assertStatus(409)->assertJsonPath('type', 'tekkal:draft-changed');
        $this->world->desk('approver', 'POST', 'stops/1/lift', self::PASSWORD + ['seen' => 'Something that was asked before'])->assertStatus(409)->assertJsonPath('type', 'tekkal:draft-changed')
            ->assertJsonPath('detail', 'Why it may go on is said otherwise meanwhile: “The bolts are those it names” Read that before you sign it.');
        $lift('approver')->assertOk()->assertJsonPath('lifted.by', $this->world->person('approver')->name);
        $lift('approver')->assertStatus(409);
        self::assertNull(StopsInForce::here()->told(Stop::query()->firstOrFail()->what, $this->world->revision->id));
    }

    public function test_the_other_may_say_that_it_stays_and_it_can_be_asked_again(): void
    {
        $this->stopped();
        $this->world->desk('approver', 'POST', 'stops/1/keep', ['reason' => 'x'])->assertStatus(409);
        $this->asks()->assertOk();
        $this->world->desk('approver', 'POST', 'stops/1/keep', ['reason' => 'Show me the letter'])->assertOk()->assertJsonPath('asked', null)->assertJsonPath('kept_why', 'Show me the letter');
        $this->asks()->assertOk()->assertJsonPath('kept_why', null);
    }

    public function test_whoever_holds_a_halted_run_hears_that_it_may_go_on(): void
    {
        $this->bench->begin($this->world->job($this->build));
        $this->stopped();
        $this->lifted();

        self::assertSame(['Tarn TN3, main caps, stock bolts, revision A may be used again'], DB::table('notices')->join('notice_receipts', 'notice', '=', 'notices.id')->where('person', $this->world->person('1041')->id)->where('title', 'like', '%again')->pluck('title')->all());
    }

    public function test_an_engine_whose_next_joint_is_stopped_needs_a_hand(): void
    {
        $this->stopped();

        $this->world->desk('lead', 'GET', "builds/$this->build")->assertJsonPath('says', 'main caps: its revision is stopped')->assertJsonPath('as', 'needs_a_hand')->assertJsonPath('joints.0.stop.number', 1);
        $this->world->desk('lead', 'GET', 'library/revisions/'.$this->world->revision->id)->assertJsonPath('stop.why', self::WHY);
    }

    public function test_a_tool_that_is_stopped_is_out_of_use_everywhere_and_another_goes_on(): void
    {
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->stopped('tool', 'TW-04');
        $this->travel(1)->seconds();

        self::assertSame(['halted', 'TW-04'], [$this->bench->show()['view']['call']['kind'], $this->bench->show()['view']['call']['title']]);
        $this->known();
        $call = $this->bench->show()['view']['call'];
        self::assertSame('tool', $call['kind']);
        self::assertStringContainsString('TW-04 is out of use: it was stopped on', (string) json_encode($call['offers']));
        self::assertSame(['tool_not_fit'], BenchActor::found($this->bench->send($this->bench->reading((string) $this->bench->show()['view']['next_step'], '32.0'))));
        $this->world->desk('crib', 'POST', 'tools/TW-04/lend', ['badge' => '1041'])->assertStatus(409);
        $this->world->desk('lead', 'GET', 'tools/TW-04')->assertJsonPath('stop.number', 1);
        $this->sheet()->assertJsonPath('since', 'Every engine on which it was used since its last good calibration, on 1 March 2026.')->assertJsonPath('engines.0.title', 'TN3-26-0001');
        $this->audited('in_doubt', 3);
        $this->lifted();
        self::assertNotSame('tool', $this->bench->show()['view']['call']['kind']);
    }

    public function test_the_stop_of_a_tool_that_is_retired_since_is_shown_and_lifted_and_a_retired_one_can_be_stopped(): void
    {
        $this->stopped('tool', 'TW-04');
        $this->world->desk('crib', 'POST', 'tools/TW-04/retire', ['reason' => 'broken'])->assertOk();
        $this->sheet()->assertOk()->assertJsonPath('lifted', null);
        $this->lifted();

        $this->world->desk('lead', 'GET', 'stops/reach?what=tool&key=TW-04')->assertOk()->assertJsonPath('stopped', null);
    }

    public function test_a_lot_halts_the_runs_that_it_is_in_by_the_number_that_was_read_off_its_bag(): void
    {
        $lot = $this->lot('K-441');
        $this->bench->ready($this->world->job($this->build))->prepared();
        $this->bench->send($this->bench->observation('fasteners_fitted') + ['positions' => ['c2a', 'c2b'], 'set' => 'real', 'lot' => 'k441'])->assertOk();
        $other = $this->world->bench($this->world->device('Bench 2'), '1042')->ready($this->world->job($this->world->build('TN3-26-0002'), '1042'))->prepared();
        $this->stopped('lot', $lot);
        $this->travel(1)->seconds();

        self::assertSame('halted', $this->bench->show()['view']['call']['kind']);
        self::assertNotSame('halted', $other->show()['view']['call']['kind']);
        self::assertSame(['stopped_lot'], BenchActor::found($other->send($other->observation('fasteners_fitted') + ['positions' => ['c2a'], 'set' => 'real', 'lot' => 'K441'])));
        self::assertSame(['TN3-26-0001', 'TN3-26-0002'], collect((array) $this->sheet()->json('engines'))->pluck('title')->sort()->values()->all());
        $this->audited('in_doubt');
        $this->world->desk('crib', 'GET', 'lots')->assertJsonPath('lots.0.stop.number', 1);
    }

    /** @param  array<string, string>  $body */
    #[DataProvider('badStops')]
    public function test_what_cannot_be_stopped_is_refused_with_its_field(array $body, string $field, string $says): void
    {
        $this->world->desk('lead', 'POST', 'stops', $body + ['what' => 'revision', 'key' => $this->world->revision->id, 'reason' => self::WHY])->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('detail', $says);
        self::assertSame(0, Stop::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function badStops(): iterable
    {
        yield 'without a reason' => [['reason' => ''], 'reason', 'Say why, in a few words: it is read at every bench.'];
        yield 'of another kind' => [['what' => 'engine'], 'what', 'A revision, a tool or a lot can be stopped.'];
        yield 'a revision that is none' => [['key' => '0190aaaa-0000-7000-8000-000000000000'], 'key', 'There is no such revision that was ever approved.'];
        yield 'a tool that is none' => [['what' => 'tool', 'key' => 'TW-99'], 'key', 'There is no such tool.'];
        yield 'a reason that nobody reads at arm’s length' => [['reason' => str_repeat('x', 301)], 'reason', 'It is read at a bench, at arm’s length: 300 characters at most.'];
    }

    public function test_a_draft_in_review_is_in_nobodys_hands_and_is_sent_back_instead(): void
    {
        $draft = $this->world->draft();

        $this->world->desk('lead', 'POST', 'stops', ['what' => 'revision', 'key' => $draft->id, 'reason' => self::WHY])->assertStatus(422)->assertJsonPath('field', 'key');
    }

    public function test_it_is_stopped_once_and_a_second_word_is_told_of_the_first(): void
    {
        $this->stopped();

        $this->stop('approver')->assertStatus(409)->assertJsonPath('detail', fn (string $says): bool => str_contains($says, 'is stopped already: stopped on'));
    }

    public function test_only_a_lead_or_an_approver_stops_and_lifts(): void
    {
        $this->stop('crib')->assertStatus(403);
        $this->stopped();
        $this->world->desk('crib', 'GET', 'stops/1')->assertStatus(403);
        $this->world->desk('reader', 'GET', 'stops')->assertStatus(403);
        $this->world->desk('lead', 'GET', 'stops')->assertOk()->assertJsonPath('stops.0.number', 1);
        $this->world->desk('lead', 'GET', 'stops/9')->assertStatus(404);
    }

    /** @return TestResponse<Response> */
    private function stop(string $who = 'lead', string $what = 'revision', ?string $key = null): TestResponse
    {
        return $this->world->desk($who, 'POST', 'stops', ['what' => $what, 'key' => $key ?? $this->world->revision->id, 'reason' => self::WHY]);
    }

    private function stopped(string $what = 'revision', ?string $key = null): void
    {
        $this->stop('lead', $what, $key)->assertCreated()->assertJsonPath('number', 1);
    }

    private function known(): void
    {
        $this->bench->command('stops/'.Stop::query()->firstOrFail()->id.'/seen')->assertNoContent();
    }

    /** @return TestResponse<Response> */
    private function asks(): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'stops/1/ask', self::PASSWORD + ['reason' => self::GOES_ON]);
    }

    private function lifted(): void
    {
        $this->asks()->assertOk();
        $this->world->desk('approver', 'POST', 'stops/1/lift', self::PASSWORD + ['seen' => self::GOES_ON])->assertOk();
    }

    /** @return TestResponse<Response> */
    private function sheet(): TestResponse
    {
        return $this->world->desk('lead', 'GET', 'stops/1')->assertOk();
    }

    private function audited(string $answer, int $question = 0): void
    {
        $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk()->assertJsonPath("replies.$question.reasons", fn (array $reasons): bool => in_array($answer, array_column($reasons, 'answer'), true) && ($answer === 'in_doubt' || ! in_array('in_doubt', array_column($reasons, 'answer'), true)));
    }

    private function lot(string $number): string
    {
        $this->world->desk('crib', 'POST', 'lots', ['number' => $number, 'kind' => 'fastener', 'name' => 'Cap bolts', 'quantity' => '40', 'unit' => 'pieces'])->assertCreated();

        return Lot::query()->firstOrFail()->id;
    }
}

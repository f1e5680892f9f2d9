<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Crib\Models\LookBackCase;
use App\Crib\Print\CaseLetters;
use App\Crib\Queries\LookBacks;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Review\LookedBack;

/** What becomes of the engines of a case, and of the case. */
final class CaseDecisionTest extends LookBackTestCase
{
    public function test_a_case_closes_when_each_engine_has_a_decision_and_a_later_one_stands_beside_the_earlier(): void
    {
        $this->tightened(['30.9']);
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();
        $close = fn () => $this->world->desk('lead', 'POST', 'cases/1/close');
        $this->refused($close(), 'case', '1 engine has no decision yet: TN3-26-0001. A case closes when each engine has one, and each fastener that is outside or in doubt.', 409);
        $this->decide('lead', 'redo', ['c2a'])->assertOk()->assertJsonPath('engines.0.decisions.0.words', 'back off and redo');
        $this->travel(1)->minutes();
        self::assertSame(['replace'], array_column((array) $this->decide('lead', 'replace')->assertOk()->json('engines.0.decisions'), 'words'));
        $close()->assertOk();
        $this->refused($close(), 'case', 'Case 1 is closed already.', 409);
        $this->refused($this->decide('lead', 'redo'), 'case', 'Case 1 is closed; nothing is decided in it any more.', 409);
        self::assertSame(2, DB::table('look_back_decisions')->count());
    }

    public function test_one_decision_about_some_fasteners_leaves_the_others_open(): void
    {
        $build = $this->tightened(['30.9', '30.9', '33.9']);
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();
        $places = DB::table('look_back_results')->where('verdict', 'out')->orderBy('taken_at')->pluck('position')->all();
        $numbers = array_column((array) $this->case()['engines'][0]['joints'][0]['results'], 'number', 'position');
        $one = $this->decide('lead', 'replace', [$places[0]])->assertOk();

        self::assertSame([false, "Main caps {$numbers[$places[0]]}", "Main caps {$numbers[$places[1]]}", 1], [$one->json('engines.0.decided'), $one->json('engines.0.decisions.0.about'), $one->json('engines.0.open'), $one->json('undecided')]);
        $this->world->desk('lead', 'POST', 'cases/1/close')->assertStatus(409);
        self::assertStringEndsWith('; decided: replace (1 fastener), and of one fastener nobody has decided yet', LookBacks::of($build)[$this->world->tools['TW-04']][0]->words());
        $this->travel(1)->minutes();
        $both = $this->decide('lead', 'redo', [$places[1]])->assertOk();
        self::assertSame([true, '', ['replace', 'back off and redo']], [$both->json('engines.0.decided'), $both->json('engines.0.open'), array_column((array) $both->json('engines.0.decisions'), 'words')]);
        self::assertSame(['replace', 'back off and redo', ''], array_map(fn (string $line): string => substr((string) strrchr($line, ','), 1), array_slice(explode("\r\n", (string) $this->world->desk('lead', 'GET', 'cases/1/letters.csv')->getContent()), 1, 3)));
        $this->world->desk('lead', 'POST', 'cases/1/close')->assertOk();
    }

    public function test_a_late_result_wants_a_decision_of_its_own(): void
    {
        $bench = $this->working('TN3-26-0001');
        $this->read($bench, ['30.9']);
        $late = $bench->reading($bench->walk()[0]->id, '30.9', change: ['device_time' => now()->toIso8601ZuluString('millisecond')]);
        $this->travel(1)->days();
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();
        $this->decide('lead', 'recall')->assertOk()->assertJsonPath('engines.0.decided', true);
        $this->travel(20)->minutes();
        $bench->send($late)->assertOk();
        $this->artisan('tekkal:late-arrivals')->assertSuccessful();
        $this->judged();

        self::assertSame([false, 2], [$this->case()['engines'][0]['decided'], $this->case()['counts']['out']]);
        $this->travel(1)->minutes();
        $this->decide('lead', 'recall')->assertOk()->assertJsonPath('engines.0.decided', true);
    }

    public function test_what_lies_outside_is_used_as_it_is_only_when_the_approver_says_so(): void
    {
        $build = $this->tightened(['30.9']);
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();

        self::assertSame('Something on it lies outside its window. That it is used as it is, the approver decides.', $this->decide('lead', 'use_as_is')->assertForbidden()->json('detail'));
        $this->decide('approver', 'use_as_is')->assertOk()->assertJsonPath('engines.0.decisions.0.by', 'Tobin Harrowmere');
        $this->world->desk('crib', 'POST', 'cases/1/decisions', ['builds' => [$build], 'decision' => 'redo'])->assertForbidden();
        $this->refused($this->world->desk('lead', 'POST', 'cases/1/decisions', ['builds' => [$this->world->build('TN3-26-0009')], 'decision' => 'redo']), 'builds', 'Case 1 has not touched this engine.');
        $this->refused($this->decide('lead', 'redo', ['c4b']), 'fasteners', 'Nothing was done at c4b with this tool.');
    }

    public function test_the_audit_of_an_engine_is_answered_by_the_look_back_where_no_later_calibration_ever_will(): void
    {
        $build = $this->tightened(['32.0']);
        $answer = fn (): string => (string) $this->world->desk('lead', 'GET', "audit/$build")->assertOk()->json('replies.3.reasons.0.sentence');
        self::assertStringContainsString('its next one, due by', $answer());
        DB::table('runs')->update(['finished_at' => now()]);
        $this->keeper('POST', 'tools/TW-04', ['fields' => ['months' => '6', 'permissible' => '4 %'] + (array) $this->keeper('GET', 'tools/TW-04')->json('fields')])->assertOk();
        $this->keeper('POST', 'tools/TW-04/retire', ['reason' => 'broken'])->assertOk();
        $this->judged();
        $this->decide('lead', 'audited')->assertOk();

        self::assertSame('TW-04 was in calibration, but broke or was lost before anybody could read it: looked back at (case 1), 1 is in doubt; decided: audited on the engine and good.', $answer());
    }

    public function test_what_stayed_as_an_earlier_build_left_it_is_in_doubt_with_that_ones_results(): void
    {
        $build = $this->tightened(['32.0']);
        DB::table('runs')->update(['finished_at' => now()]);
        DB::table('subjects')->update(['state' => 'shipped', 'finished_at' => now(), 'shipped_at' => now()]);
        $second = (string) $this->world->desk('lead', 'POST', 'builds', ['serial' => 'TN3-26-0001', 'customer' => $this->world->people->customer('Skerry Dredging'), 'build' => 2])->assertCreated()->json('id');
        $this->world->desk('lead', 'POST', "builds/$second/intake", ['joints' => [['joint' => $this->world->joint->id, 'opened' => false]]])->assertNoContent();
        $this->keeper('POST', 'tools/TW-04/retire', ['reason' => 'broken'])->assertOk();
        $this->judged();
        $says = fn (string $of): string => (string) $this->world->desk('lead', 'GET', "audit/$of")->assertOk()->json('replies.3.reasons.0.sentence');

        self::assertStringContainsString('looked back at (case 1)', $says($build));
        self::assertSame($says($build), $says($second), 'the later build rests on those results');
    }

    /** What a failed check had put in doubt is said by the readings of the next calibration, result by result. */
    public function test_a_case_that_a_calibration_has_answered_says_nothing_any_more_and_no_late_result_opens_it(): void
    {
        $bench = $this->working('TN3-26-0001');
        $this->read($bench, ['33.9']);
        $late = $bench->reading($bench->walk()[0]->id, '33.9', change: ['device_time' => now()->toIso8601ZuluString('millisecond')]);
        $this->travel(1)->days();
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '33.9'])->assertOk();
        $this->judged();
        $build = (string) DB::table('runs')->value('subject');
        $says = fn (): array => array_map(fn (LookedBack $b): string => $b->words(), LookBacks::of($build)[$this->world->tools['TW-04']] ?? []);
        self::assertSame(['looked back at (case 1), 1 is in doubt; nobody has decided yet what becomes of it'], $says());
        $this->travel(1)->days();
        $this->calibrate($this->typed(self::WEAK, self::GOOD));
        $this->judged(2);
        self::assertSame(['looked back at (case 2), its one result here stays in; nobody has decided yet what becomes of it'], $says());
        $bench->send($late)->assertOk();
        $this->artisan('tekkal:late-arrivals')->expectsOutputToContain('Case 2: 1 late.')->doesntExpectOutputToContain('Case 1')->assertSuccessful();
    }

    public function test_a_case_that_was_answered_while_it_was_judged_stays_closed(): void
    {
        $this->tightened(['32.0']);
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '33'])->assertOk();
        $this->calibrate($this->typed());

        self::assertSame(['closed', 0], [$this->judged()->state, DB::table('look_back_results')->count()]);
    }

    public function test_customers_of_engines_that_have_left_are_written_to_and_the_table_holds_every_result(): void
    {
        $build = $this->tightened(['30.9']);
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();
        $this->world->desk('lead', 'GET', 'cases/1/letters.pdf')->assertNotFound();
        DB::table('subjects')->where('id', $build)->update(['state' => 'shipped', 'shipped_at' => now()]);

        self::assertStringStartsWith('%PDF-', (string) $this->world->desk('lead', 'GET', 'cases/1/letters.pdf')->assertOk()->getContent());
        $csv = explode("\r\n", (string) $this->world->desk('lead', 'GET', 'cases/1/letters.csv')->assertOk()->getContent());
        self::assertStringStartsWith('TN3-26-0001,Skerry Dredging,shipped 15 June 2026,Main caps,A,', $csv[1]);
        self::assertStringContainsString(',30.9,N·m,29.', $csv[1]);
        $html = CaseLetters::html(LookBackCase::numbered('1'));
        self::assertStringContainsString('TW-04 failed its calibration as found. We have judged', $html);
        self::assertStringContainsString('We have not decided yet what becomes of it, and will write again.', $html);
        $this->decide('lead', 'recall')->assertOk();
        self::assertStringContainsString('<b>What becomes of it: recall the engine.</b>', CaseLetters::html(LookBackCase::numbered('1')));
    }
}

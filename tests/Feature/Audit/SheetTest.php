<?php

declare(strict_types=1);

namespace Tests\Feature\Audit;

use App\Audit\Print\FolderPage;
use App\Audit\Queries\ResultLines;
use App\Ledger\Entry;
use App\Library\Models\Joint;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use App\Shared\Ids;
use Illuminate\Support\Facades\DB;
use Tests\Factories\Tools;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

final class SheetTest extends FeatureTestCase
{
    private string $build;

    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->build = $this->world->build();
        $this->bench = $this->world->bench()->ready($this->world->job($this->build));
    }

    public function test_a_short_bolt_is_seen_as_no_and_after_its_redo_as_yes(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '27.4', change: ['device_says' => ['standing' => 'applied', 'verdict' => 'low']]));
        self::assertSame('no', $this->answer('in_window'));

        $this->bench->send($this->bench->observation('backed_off', 'snug:c2a:1'));
        $this->bench->completeAll();
        self::assertSame('yes', $this->answer('in_window'));
        self::assertSame('no', $this->answer('every_step'), 'nobody has finished the run yet');
    }

    public function test_a_complete_build_answers_yes_and_names_the_calibration_still_to_come(): void
    {
        $this->bench->completeAll();
        $this->bench->finish()->assertOk();

        self::assertSame(['yes', 'yes', 'yes', 'not_yet'], array_map($this->answer(...), ['every_step', 'in_window', 'in_sequence', 'tools_good']));
    }

    public function test_a_joint_without_a_procedure_is_named_and_is_no_yes(): void
    {
        Joint::query()->create(['id' => Ids::next(), 'family' => $this->world->joint->family, 'name' => 'Flywheel', 'assembly_order' => 2]);
        $this->bench->completeAll();
        $this->bench->finish()->assertOk();

        $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk()->assertJsonPath('joints.0.without', null)->assertJsonPath('joints.0.hardware', 'stock bolts')
            ->assertJsonPath('joints.1.name', 'Flywheel')->assertJsonPath('joints.1.without', 'it has no approved procedure, and nothing of it is recorded');
        self::assertSame(['no', 'yes'], [$this->answer('every_step'), $this->answer('in_window')]);
    }

    public function test_what_went_wrong_is_told_with_what_it_cost_who_decided_and_how_it_ended(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '27.4'));
        self::assertSame([['bolt 1' => 'stopped short', 'cost' => '1 loosened', 'decided' => null, 'ended' => null]], $this->faults());

        $this->bench->send($this->bench->observation('backed_off', 'snug:c2a:1'), $this->bench->reading('snug:c2a:1', '32.0'));
        self::assertSame('put right', $this->faults()[0]['ended']);

        $this->bench->send(['step' => 'snug:c3b:1'] + $this->bench->observation('gave_way'));
        $fault = (array) $this->bench->get("runs/{$this->bench->run}/decisions")['faults'][0];
        $this->bench->command("runs/{$this->bench->run}/decisions", ['badge' => '1001', 'pin' => '314159', 'step' => $fault['step'], 'case' => $fault['case'], 'disposition' => 'replace'])->assertOk();
        $last = $this->faults()[1];
        self::assertSame(['gave way', 'Put a new one in, Ansa Kettleby', null], [$last['bolt 2'] ?? null, $last['decided'], $last['ended']]);
        self::assertStringStartsWith('1 × ', (string) $last['cost']);
    }

    public function test_the_page_for_the_folder_is_one_page_and_says_what_is_open_and_what_it_does_not_prove(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '27.4'));
        $pdf = (string) $this->world->desk('lead', 'GET', "audit/$this->build/folder.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertSame(1, preg_match_all('~/Type\s*/Page\b(?!s)~', $pdf));

        $html = app(FolderPage::class)->html(Subject::query()->findOrFail($this->build));
        foreach (['TN3-26-0001', '16 of 16 steps are not done.', 'stopped short, open: 1 loosened', '27.4', 'attested is not measured', "audit/$this->build"] as $said) {
            self::assertStringContainsString($said, $html);
        }
    }

    public function test_a_run_that_went_on_under_other_rules_says_so_once(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '23.5'));
        $this->bench->send($this->bench->reading('snug:c2b:1', '23.5'));
        self::assertSame([], $this->world->desk('lead', 'GET', "audit/$this->build")->json('joints.0.noticed'));

        $entries = array_map(fn (Entry $e): Entry => Entry::written(['core_version' => $e->seq() < 4 ? '2' : '3'] + $e->body, $e->leafHash), RunHistory::entries($this->bench->run));
        $noticed = ResultLines::noticed($entries);
        self::assertCount(1, $noticed);
        self::assertSame('From here on it was decided by rules 3, before by rules 2. What had been decided stands as it was.', $noticed[0]['sentence']);
        self::assertFalse($noticed[0]['wrong']);
    }

    public function test_an_overdue_tool_is_a_no_with_its_reason(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '23.5', 'TW-07'));
        $reply = $this->reply('tools_good');

        self::assertSame('no', $reply['answer']);
        self::assertSame('TW-07 was out of calibration on 15 June 2026: its calibration was due by 1 May 2026. It took 1 result.', $reply['reasons'][0]['sentence']);
    }

    public function test_a_tool_that_passes_its_next_calibration_turns_not_yet_into_yes(): void
    {
        $this->bench->completeAll();
        foreach (['TW-04', 'AG-02'] as $code) {
            Tools::calibrated($this->world->tools[$code], '2026-08-01', '2027-02-01', true, 'later', $this->world->person('crib'));
        }
        self::assertSame('yes', $this->answer('tools_good'));
    }

    public function test_a_line_shows_the_reading_as_given_and_in_newton_metres_with_its_window_and_whose_it_is(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '23.5', 'TW-07'));
        $line = $this->sheet()['joints'][0]['lines'][0];
        $attempt = $line['attempts'][0];

        // 23.5 lbf·ft × 1.3558179483314004 N·m (NIST SP 811) = 31.86…, shown with as many decimals as were read.
        self::assertSame(["23.5\u{A0}lbf·ft", "31.9\u{A0}N·m", "30–34\u{A0}N·m", 'in', 'measured'], [$attempt['given'], $attempt['in_base'], $line['window'], $attempt['word'], $attempt['evidence_words']]);
        self::assertSame(['Tarn TN3 workshop book, p. 61', 'Tarn TN3 workshop book, p. 61'], [$line['target_from'], $line['window_from']], 'a range is as it is printed');
        $turn = $this->sheet()['joints'][0]['lines'][8];
        self::assertSame(['turn', 'Tarn TN3 workshop book, p. 61', 'Fenmoor window standard FW-02, p. 2'], [$turn['kind'], $turn['target_from'], $turn['window_from']], 'the window of a bare angle is the shop’s');
        self::assertSame(['Rafe Ondling', 'TW-07', '1 November 2025, due 1 May 2026'], [$attempt['person'], $attempt['tool'], $attempt['calibration']]);
        self::assertSame('A', $this->sheet()['joints'][0]['revision']['letter']);
    }

    public function test_a_step_without_a_result_is_shown_as_missing(): void
    {
        self::assertCount(16, $this->sheet()['joints'][0]['lines']);
        self::assertSame([], $this->sheet()['joints'][0]['lines'][0]['attempts']);
        self::assertSame('no', $this->answer('every_step'));
    }

    public function test_a_bolt_done_before_its_turn_is_a_no_to_the_sequence(): void
    {
        self::assertSame(['out_of_sequence'], BenchActor::found($this->bench->send($this->bench->reading('snug:c3a:1', '32.0'))));
        self::assertSame('no', $this->answer('in_sequence'));
    }

    public function test_a_reading_set_aside_leaves_doubt_until_the_lead_disposes_of_it(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'));
        $entry = $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->json('outcomes.0.id');
        self::assertSame('in_doubt', $this->answer('in_window'));

        $dismiss = fn (array $body) => $this->world->desk('lead', 'POST', "audit/readings/$entry/dismiss", $body);
        $dismiss([])->assertStatus(422)->assertJsonPath('field', 'reason');
        $dismiss(['reason' => 'sent_twice'])->assertNoContent();
        $dismiss(['reason' => 'sent_twice'])->assertStatus(409);
        self::assertSame('yes', $this->answer('in_window'));
        self::assertSame('set_aside', DB::table('ledger_entries')->where('entry_id', $entry)->value('standing'), 'its standing stays');
    }

    public function test_a_build_is_found_by_a_part_of_its_serial_or_a_scan_of_it(): void
    {
        $this->world->build('TN3-26-0777');
        foreach (['0777', '@STN3-26-0777', 'tn3-26-0777'] as $text) {
            $this->world->desk('lead', 'GET', 'audit?serial='.urlencode($text))->assertJsonCount(1, 'builds');
        }
        $this->world->desk('lead', 'GET', 'audit?serial=%25')->assertJsonCount(0, 'builds');
        $this->world->desk('lead', 'GET', 'audit/nothing')->assertNotFound();
    }

    private function answer(string $question): string
    {
        return (string) $this->reply($question)['answer'];
    }

    /** @return array<string, mixed> */
    private function reply(string $question): array
    {
        return array_column($this->sheet()['replies'], null, 'question')[$question];
    }

    /** @return array<string, mixed> */
    private function sheet(): array
    {
        return (array) $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk()->json();
    }

    /**
     * @return list<array<string, string|null>> bolt and what happened there, what it cost, who decided, how it ended
     *
     * @phpstan-impure
     */
    private function faults(): array
    {
        return array_map(function (array $f): array {
            [$where, $what] = explode(': ', $f['what']);

            return [str_replace('no. ', 'bolt ', (string) strstr($where, 'no. ')) => $what, 'cost' => $f['cost'], 'decided' => $f['decided'], 'ended' => $f['ended']];
        }, array_values(array_filter((array) $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk()->json('joints.0.faults'), is_array(...))));
    }
}

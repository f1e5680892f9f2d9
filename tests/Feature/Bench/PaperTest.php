<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\Models\Card;
use App\Bench\Print\PaperJobCard;
use App\Bench\Queries\KnownOfJoint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A job worked on paper: the card goes out with a number and comes back, one types it in, another compares it, its scan lies beside it. */
final class PaperTest extends PaperTestCase
{
    public function test_a_card_goes_out_with_a_number_of_its_own_and_prints_the_same_however_often(): void
    {
        self::assertSame('C-0001', $this->printed());
        self::assertSame('C-0002', $this->printed());
        $pdf = $this->desk('GET', 'cards/C-0001/paper.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');

        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        self::assertSame(['out', 'out'], array_column((array) $this->desk('GET', "cards?build=$this->build")->json('cards'), 'state'));
    }

    public function test_it_names_engine_hardware_and_number_and_has_a_box_for_every_bolt_of_every_round(): void
    {
        $html = PaperJobCard::html(Card::get($this->printed()));

        self::assertStringContainsString('TN3-26-0001', $html);
        self::assertStringContainsString('stock bolts', $html);
        self::assertStringContainsString('C-0001', $html);
        foreach (range(1, 8) as $bolt) {
            self::assertSame(2, substr_count($html, "<span class=\"no\">$bolt</span>"), "bolt $bolt, two rounds");
        }
        self::assertStringContainsString('Second person, who looked at every head', $html, 'class A');
        self::assertStringNotContainsString('on record', $html);
    }

    public function test_what_stood_when_it_was_printed_stands_on_it_and_what_came_later_does_not(): void
    {
        $this->bench->ready($this->job);
        $this->bench->send($this->bench->reading('snug:c2a:1', '27.4'));
        $number = $this->printed();
        $before = PaperJobCard::html(Card::get($number));
        self::assertStringContainsString("on record: 27.4\u{00A0}N·m, short", $before);
        $this->bench->send($this->bench->observation('backed_off', 'snug:c2a:1'), $this->bench->reading('snug:c2a:1', '32.0'));

        self::assertSame($before, PaperJobCard::html(Card::get($number)));
    }

    public function test_the_same_command_sent_twice_prints_one_card(): void
    {
        $id = (string) Str::uuid7();
        $first = $this->desk('POST', 'cards', ['id' => $id, 'assignment' => $this->job])->assertCreated()->json('number');

        self::assertSame($first, $this->desk('POST', 'cards', ['id' => $id, 'assignment' => $this->job])->assertCreated()->json('number'));
        self::assertSame(1, DB::table('job_cards')->count());
    }

    public function test_a_later_card_for_the_same_job_supersedes_the_one_that_is_out(): void
    {
        $this->printed();
        $this->printed();

        self::assertSame([['Superseded by card C-0002, which was printed for the same job.'], []], [$this->card('C-0001')['flags'], $this->card('C-0002')['flags']]);
    }

    public function test_a_card_whose_job_went_on_at_a_bench_says_so(): void
    {
        $number = $this->printed();
        $this->bench->ready($this->job);

        self::assertSame(['The job went on at a bench after it was printed.'], $this->card($number)['flags']);
    }

    public function test_of_a_job_that_is_done_or_was_taken_back_nothing_goes_out(): void
    {
        $this->world->desk('lead', 'POST', "assignments/$this->job/take-back")->assertNoContent();
        $this->desk('POST', 'cards', ['assignment' => $this->job])->assertStatus(409)->assertJsonPath('detail', 'This job was taken back. Give it out again first.');
        $this->desk('POST', 'cards', ['assignment' => (string) Str::uuid7()])->assertNotFound();
    }

    public function test_it_is_typed_in_by_one_and_compared_by_another_and_then_it_is_signed(): void
    {
        $number = $this->typedIn();
        $lines = (array) $this->card($number)['lines'];
        self::assertCount(16, $lines);
        self::assertSame(['TW-04', true, 'in', null], [$lines[0]['with'], $lines[0]['good'], $lines[0]['word'], $lines[0]['compared_by']]);
        $this->bench->signs()->assertStatus(409)->assertJsonPath('detail', "16 results were copied from card $number, and nobody else has compared them with it.");

        $this->scan($number)->assertOk();
        $this->compare($number)->assertOk()->assertJsonPath('state', 'compared')->assertJsonPath('lines.0.compared_by', $this->world->person('lead')->displayName());
        $this->bench->signs()->assertOk();
        $body = json_decode((string) DB::table('ledger_entries')->where('type', 'run_finished')->value('body'), true);

        self::assertSame("What was done on paper stands here as card $number has it; the rest I did, and I looked at every mark.", $body['event']['meaning']);
        self::assertSame(['transcribed' => 16], DB::table('results')->where('run', $this->bench->run)->groupBy('evidence')->selectRaw('evidence, COUNT(*) AS n')->pluck('n', 'evidence')->all());
    }

    public function test_the_audit_says_for_ever_that_it_was_copied_and_from_which_card(): void
    {
        $number = $this->typedIn();
        $sheet = $this->world->desk('lead', 'GET', "audit/$this->build")->assertOk();
        $joint = collect((array) $sheet->json('joints'))->firstWhere('run.id', $this->bench->run);
        $attempt = (array) data_get($joint, 'lines.0.attempts.0');

        self::assertSame(['transcribed', 'copied from paper', $number], [$attempt['evidence'], $attempt['evidence_words'], $attempt['card']]);
        self::assertSame([$number], array_column((array) data_get($joint, 'cards'), 'number'));
    }

    public function test_what_the_card_says_otherwise_is_typed_anew_and_compared_again(): void
    {
        $number = $this->typedIn();
        $this->scan($number);
        $step = (string) $this->card($number)['lines'][3]['step'];
        $this->compare($number, [$step])->assertOk()->assertJsonPath('state', 'typed')->assertJsonPath('differ', [$step]);
        $differ = (array) $this->bench->show()['card']['differ'];
        self::assertSame([$step], array_column($differ, 'step'));

        $this->bench->command("runs/{$this->bench->run}/withdrawals", ['reading' => $differ[0]['reading'], 'step' => $step, 'reason' => 'wrong_key'])->assertOk()->assertJsonPath('view.call.step', $step);
        $this->bench->command("runs/{$this->bench->run}/paper", ['card' => $number])->assertOk();
        $this->bench->send($this->bench->reading($step, '33.0'))->assertOk();
        $this->bench->command("runs/{$this->bench->run}/paper-end")->assertOk()->assertJsonPath('card.differ', []);
        self::assertSame([], $this->card($number)['differ'], 'at the desk too');
        $this->bench->send($this->bench->observation('final_look'))->assertOk();
        $this->compare($number)->assertOk()->assertJsonPath('state', 'compared');
    }

    public function test_one_that_was_put_down_too_early_is_taken_up_again_as_long_as_the_job_is_not_finished(): void
    {
        $number = $this->back($this->printed());
        $this->scan($number);
        $this->begun($number, $this->bench);
        $this->bench->take('torque', 'TW-04')->assertOk();
        $this->bench->send($this->bench->reading((string) $this->bench->show()['view']['next_step'], '32.0'))->assertOk();
        $this->bench->command("runs/{$this->bench->run}/paper-end")->assertOk();
        $this->compare($number)->assertOk()->assertJsonPath('state', 'compared');

        $this->paper($number)->assertOk()->assertJsonPath('view.card', $number);
        $this->bench->command("runs/{$this->bench->run}/paper-end")->assertOk();
        $this->compare($number)->assertOk()->assertJsonPath('state', 'compared');
    }

    public function test_a_hook_says_which_job_is_on_paper(): void
    {
        $number = $this->printed();
        self::assertSame([$number], array_column((array) $this->bench->get('hook')['mine'], 'paper'));
        $this->desk('POST', "cards/$number/void", ['reason' => 'not_needed'])->assertOk();

        self::assertSame([null], array_column((array) $this->bench->get('hook')['mine'], 'paper'));
    }

    public function test_how_long_a_card_took_to_be_typed_in_is_no_time_that_the_work_takes(): void
    {
        $number = $this->typedIn();
        $this->scan($number);
        $this->compare($number)->assertOk();
        $this->bench->signs()->assertOk();

        self::assertSame([], KnownOfJoint::of($this->world->joint->id, $this->world->revision->id)->seconds);
    }
}

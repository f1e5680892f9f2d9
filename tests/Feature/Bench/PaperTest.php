<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\Models\Card;
use App\Bench\Print\PaperJobCard;
use App\Bench\Queries\KnownOfJoint;
use App\Builds\Models\Assignment;
use App\Library\Actions\ApproveRevision;
use App\People\Actions\GiveRole;
use App\People\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** A job worked on paper: the card goes out with a number and comes back, one types it in, another compares it, its scan lies beside it. */
final class PaperTest extends FeatureTestCase
{
    private const SCAN = "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF";

    private const PAPER = 'paper';

    private BenchActor $bench;

    private string $job;

    private string $build;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->bench = $this->world->bench();
        $this->build = $this->world->build();
        $this->job = $this->world->job($this->build);
    }

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

    public function test_whoever_typed_it_does_not_compare_it(): void
    {
        app(GiveRole::class)($this->world->person('1042'), Role::Lead, $this->world->person('approver'));
        $number = $this->typedIn($this->world->bench($this->world->device('Bench 2'), '1042'));
        $this->scan($number);

        $this->world->desk('1042', 'POST', "cards/$number/compare", ['differ' => []])->assertForbidden()->assertJsonPath('detail', 'Whoever typed it in does not compare it. Ask somebody else.');
        $this->world->desk('approver', 'POST', "cards/$number/compare", ['differ' => []])->assertOk()->assertJsonPath('state', 'compared');
    }

    public function test_it_is_not_compared_before_it_is_typed_in_or_without_its_scan(): void
    {
        $number = $this->back($this->printed());
        $this->compare($number)->assertStatus(409)->assertJsonPath('detail', "Card $number is back, not typed in; it is compared once it is typed in.");
        $this->typed($number, $this->bench);
        $this->compare($number)->assertStatus(409)->assertJsonPath('field', 'scan');
        $this->scan($number);
        $this->compare($number, ['no:such:1'])->assertStatus(422)->assertJsonPath('field', 'differ');
    }

    /** @param  array<string, string>  $given */
    #[DataProvider('signatures')]
    public function test_it_comes_back_with_a_name_and_a_day_that_can_be(array $given, string $field, string $sentence): void
    {
        $number = $this->printed();
        $given = array_map(fn (string $v): string => $v === 'worker' ? $this->bench->person->id : $v, $given);
        $answer = $this->desk('POST', "cards/$number/back", $given)->assertStatus(422)->assertJsonPath('field', $field);

        self::assertStringContainsString($sentence, (string) $answer->json('detail'));
        self::assertSame('out', $this->card($number)['state']);
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function signatures(): iterable
    {
        yield 'nobody' => [['worked_on' => '2026-03-02'], 'worked_by', 'Say whose signature is on it.'];
        yield 'no day' => [['worked_by' => 'worker'], 'worked_on', 'Say on which day it was worked'];
        yield 'a day that is none' => [['worked_by' => 'worker', 'worked_on' => '2 March'], 'worked_on', 'Write the day as 2026-03-02.'];
        yield 'before it was printed' => [['worked_by' => 'worker', 'worked_on' => '2020-01-01'], 'worked_on', 'It was printed on '];
        yield 'tomorrow or later' => [['worked_by' => 'worker', 'worked_on' => '2099-01-01'], 'worked_on', ', and not on 2099-01-01.'];
        yield 'somebody at no bench' => [['worked_by' => 'nobody', 'worked_on' => '2026-03-02'], 'worked_by', 'Choose who signed it'];
    }

    public function test_one_that_is_out_cannot_be_typed_in_and_one_that_was_voided_never(): void
    {
        $number = $this->printed();
        $this->bench->begin($this->job);
        $this->paper($number)->assertStatus(409)->assertJsonPath('detail', "Nobody has said yet that card $number is back and who signed it. The lead does that, under Job cards.");
        $this->desk('POST', "cards/$number/void", ['reason' => 'spoiled'])->assertOk()->assertJsonPath('state', 'voided');
        $this->paper($number)->assertStatus(409)->assertJsonPath('detail', "Card $number was voided; nothing on it counts.");
        $this->paper('C-0999')->assertNotFound();
        $this->desk('POST', "cards/$number/void", ['reason' => 'bored'])->assertStatus(422)->assertJsonPath('field', 'reason');
        $this->desk('POST', "cards/$number/void", ['reason' => 'spoiled'])->assertStatus(409);
    }

    public function test_one_that_is_lost_may_be_found_again(): void
    {
        $number = $this->printed();
        $this->desk('POST', "cards/$number/lose")->assertOk()->assertJsonPath('state', 'lost');
        $this->desk('POST', "cards/$number/lose")->assertStatus(409)->assertJsonPath('detail', "Card $number is lost; that can only be said of one that is out.");

        $this->back($number);
        self::assertSame('back', $this->card($number)['state']);
    }

    public function test_a_card_is_typed_in_at_its_own_job_and_one_at_a_time(): void
    {
        $other = $this->world->job($this->world->build('TN3-26-0002'));
        $mine = $this->back($this->printed());
        $theirs = $this->back((string) $this->desk('POST', 'cards', ['assignment' => $other])->json('number'));
        $this->bench->begin($this->job);

        $this->paper($theirs)->assertStatus(409)->assertJsonPath('detail', "Card $theirs was printed for another job.");
        $this->paper($mine)->assertOk()->assertJsonPath('view.card', $mine);
        $this->paper($mine)->assertStatus(409)->assertJsonPath('detail', 'Another card was being typed in.');
    }

    public function test_whoever_types_it_in_need_not_be_whose_job_it_was(): void
    {
        $number = $this->back($this->printed());
        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $other->command('runs', ['assignment' => $this->job])->assertForbidden();
        $told = $other->get("cards/$number");
        self::assertSame([$this->bench->person->displayName(), null, null], [$told['worked_by'], $told['run'], $told['why_not']]);

        $other->command('runs', ['assignment' => $this->job, 'card' => $number])->assertCreated();
    }

    public function test_a_job_worked_by_a_card_of_an_older_revision_is_begun_by_that_and_the_audit_says_so(): void
    {
        $number = $this->back($this->printed());
        $old = Assignment::query()->findOrFail($this->job)->revision;
        app(ApproveRevision::class)($this->world->draft(), $this->world->person('approver'));
        self::assertNotSame($old, Assignment::query()->findOrFail($this->job)->revision);
        self::assertSame(['Superseded: it was printed by revision A, and the job goes by B now.'], $this->card($number)['flags']);

        $this->typed($number, $this->bench);
        self::assertSame($old, Assignment::query()->findOrFail($this->job)->revision);
        $replies = (string) json_encode($this->world->desk('lead', 'GET', "audit/$this->build")->assertOk()->json('replies'));
        self::assertStringContainsString('revision A was not in force when the run began', $replies);
    }

    public function test_nobody_decides_about_a_fault_of_a_job_that_carries_their_own_signature(): void
    {
        $number = $this->printed();
        $this->back($number, $this->world->person('lead')->id, 422);
        $this->back($number);
        $this->bench = $this->world->bench($this->world->device('Bench 2'), '1042');
        $this->begun($number, $this->bench);

        $this->bench->command("runs/{$this->bench->run}/looks", ['badge' => '1041', 'pin' => '314159', 'stage' => 'joint', 'differ' => []])->assertForbidden()
            ->assertJsonPath('detail', "Card $number of this job carries your own signature. Somebody else says this.");
    }

    public function test_a_scan_is_kept_by_its_bytes_and_shown_to_whoever_may_see_the_engine(): void
    {
        $number = $this->back($this->printed());
        $this->scan($number, 'not a paper')->assertStatus(422)->assertJsonPath('field', 'file');
        $this->scan($number)->assertOk()->assertJsonPath('scan', 'application/pdf');

        self::assertSame(self::SCAN, $this->world->desk('lead', 'GET', "cards/$number/scan")->assertOk()->getContent());
        $this->world->desk('reader', 'GET', "cards/$number/scan")->assertOk();
        $this->job = $this->world->job($this->world->build('TN3-26-0009', 'Lantern Bay Ferries'));
        $theirs = $this->back($this->printed());
        $this->scan($theirs)->assertOk();
        $this->world->desk('reader', 'GET', "cards/$theirs/scan")->assertNotFound();
        Storage::disk('local')->put('scans/'.hash('sha256', self::SCAN), 'other');
        $this->world->desk('lead', 'GET', "cards/$number/scan")->assertNotFound()->assertJsonPath('detail', 'The paper on record is damaged: its bytes are not those that were stored. Restore it from a backup.');
    }

    public function test_its_number_is_found_at_the_desk_typed_or_scanned(): void
    {
        $number = $this->printed();
        foreach ([$number, strtolower($number), "@C$number"] as $asked) {
            $this->desk('GET', 'find?q='.rawurlencode($asked))->assertOk()->assertJsonPath('found.0.link', "/cards/$number");
        }
        $this->world->desk('reader', 'GET', "find?q=$number")->assertOk()->assertJsonPath('found', []);
    }

    public function test_whoever_only_reads_moves_no_card(): void
    {
        $number = $this->printed();
        $this->world->desk('reader', 'GET', 'cards')->assertForbidden();
        $this->world->desk('reader', 'POST', "cards/$number/lose")->assertForbidden();
        $this->world->desk('approver', 'POST', 'cards', ['assignment' => $this->job])->assertForbidden();
    }

    private function printed(): string
    {
        return (string) $this->desk('POST', 'cards', ['assignment' => $this->job])->assertCreated()->json('number');
    }

    private function back(string $number, ?string $worker = null, int $status = 200): string
    {
        $this->desk('POST', "cards/$number/back", ['worked_by' => $worker ?? $this->world->person('1041')->id, 'worked_on' => now()->setTimezone(config('shop.time_zone'))->format('Y-m-d')])->assertStatus($status);

        return $number;
    }

    private function typedIn(?BenchActor $by = null): string
    {
        $number = $this->back($this->printed());
        $this->typed($number, $by ?? $this->bench);

        return $number;
    }

    /** All of it, to the last look, and the card is put down. */
    private function typed(string $number, BenchActor $by): void
    {
        $this->begun($number, $by);
        $by->take('torque', 'TW-04')->assertOk();
        $by->take('angle', 'AG-02')->assertOk();
        $by->completeAll();
        $by->send($by->observation('final_look'))->assertOk();
        $by->command("runs/$by->run/looks", ['badge' => '1043', 'pin' => '314159', 'stage' => 'joint', 'differ' => []])->assertOk();
        $by->command("runs/$by->run/paper-end")->assertOk()->assertJsonPath('view.card', null);
    }

    private function begun(string $number, BenchActor $by): void
    {
        $by->run = (string) $by->command('runs', ['assignment' => $this->job, 'card' => $number])->assertCreated()->json('id');
        $by->command("runs/$by->run/paper", ['card' => $number])->assertOk()->assertJsonPath('card.number', $number);
    }

    /** @return TestResponse<Response> */
    private function paper(string $number): TestResponse
    {
        return $this->bench->command("runs/{$this->bench->run}/".self::PAPER, ['card' => $number]);
    }

    /** @return array<string, mixed> */
    private function card(string $number): array
    {
        return (array) $this->desk('GET', "cards/$number")->assertOk()->json();
    }

    /**
     * @param  list<string>  $differ
     * @return TestResponse<Response>
     */
    private function compare(string $number, array $differ = []): TestResponse
    {
        return $this->desk('POST', "cards/$number/compare", ['differ' => $differ]);
    }

    /** @return TestResponse<Response> */
    private function scan(string $number, string $bytes = self::SCAN): TestResponse
    {
        return $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post("/api/cards/$number/scan", ['file' => UploadedFile::fake()->createWithContent('card.pdf', $bytes)], ['Accept' => 'application/json']);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function desk(string $method, string $path, array $body = []): TestResponse
    {
        return $this->world->desk('lead', $method, $path, $body);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\Models\Card;
use App\Builds\Models\Assignment;
use App\Library\Actions\ApproveRevision;
use App\People\Actions\GiveRole;
use App\People\Role;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is not done with a card: by whom, in which state, and with a scan or a day that cannot be. */
final class PaperRefusedTest extends PaperTestCase
{
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

    public function test_a_joint_is_not_opened_again_while_its_card_is_typed_in(): void
    {
        $number = $this->back($this->printed());
        $this->begun($number, $this->bench);
        $open = fn (): TestResponse => $this->desk('POST', "builds/$this->build/joints/{$this->world->joint->id}/opening", ['reason' => 'It leaks']);

        $open()->assertStatus(409)->assertJsonPath('field', 'card')->assertJsonPath('detail', "Card $number is being typed in at the bench. It is put down there first; then the joint is opened again.");
        self::assertSame('typing', $this->card($number)['state']);
        $this->bench->command("runs/{$this->bench->run}/paper-end")->assertOk();
        $open()->assertNoContent();
        self::assertSame('typed', $this->card($number)['state']);
    }
}

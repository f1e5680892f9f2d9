<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\Actions\BeginRun;
use App\Bench\BenchCommand;
use App\Bench\Queries\StampsOfTeardown;
use App\Bench\RunContext;
use App\Builds\Actions\GiveProcedure;
use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Joint;
use Illuminate\Support\Str;
use Tekkal\Core\Run\StepBook;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** What teardown read off the parts comes back when they are put together again. */
final class StampTest extends FeatureTestCase
{
    public function test_what_teardown_read_is_what_the_cap_must_read_when_it_goes_on_again(): void
    {
        $build = $this->world->build();
        $apart = $this->begin($this->world->bench(), $this->job($build, 'Main caps, teardown', ['purpose' => 'teardown', 'joint' => 'Main caps, teardown']));
        foreach (['cap1' => 'K 1', 'cap2' => 'K 2'] as $cap => $reads) {
            $apart->send($apart->observation('identity_read', "read:$cap:1") + ['reads' => $reads])->assertJsonPath('outcomes.0.standing', 'applied');
        }

        $again = $this->begin($this->world->bench($this->world->device('Bench 2'), '1042'), $this->job($build, 'Main caps', [], '1042'));
        $fold = RunContext::get($again->run)->fold;
        self::assertEquals(['read:cap1:1' => 'K 1', 'read:cap2:1' => 'K 2'], $fold->state->facts(StepBook::STAMPED));
        $again->send($again->observation('identity_read', 'read:cap1:1') + ['reads' => 'k1'])->assertJsonPath('outcomes.0.effects.0.verdict', 'passed');
        $outcome = $again->send($again->observation('identity_read', 'read:cap2:1') + ['reads' => 'K 3'])->json('outcomes.0.effects');
        self::assertStringContainsString('it reads “K 3”; teardown had found “K 2”.', (string) json_encode($outcome, JSON_UNESCAPED_UNICODE));
    }

    public function test_another_engine_and_a_procedure_that_reads_nothing_know_of_no_stamps(): void
    {
        $build = $this->world->build();
        $bench = $this->world->bench()->ready($this->world->job($build));

        self::assertSame([], StampsOfTeardown::for($build, RunContext::get($bench->run)->plan));
    }

    public function test_where_two_joints_have_the_same_words_nothing_is_guessed(): void
    {
        $build = $this->world->build();
        foreach (['Main caps, teardown' => 'K 1', 'Bed plate, teardown' => 'B 1'] as $joint => $reads) {
            $apart = $this->begin($this->world->bench($this->world->device("Bench for $joint")), $this->job($build, $joint, ['purpose' => 'teardown', 'joint' => $joint]));
            $apart->send($apart->observation('identity_read', 'read:cap1:1') + ['reads' => $reads])->assertOk();
        }
        $again = $this->begin($this->world->bench($this->world->device('Bench 9'), '1042'), $this->job($build, 'Main caps', [], '1042'));

        self::assertSame([], RunContext::get($again->run)->fold->state->facts(StepBook::STAMPED));
    }

    /** Begun where no screen is asked for. */
    private function begin(BenchActor $bench, string $job): BenchActor
    {
        $command = new BenchCommand((string) Str::uuid7(), $this->world->nextSeq($bench->device), $bench->device->id, $bench->sitting, $bench->person->id, hash('sha256', $job), ['base_seq' => 0, 'device_time' => now()->toIso8601ZuluString('millisecond'), 'mono_ms' => 1000, 'clock' => 'test']);
        $bench->run = app(BeginRun::class)($command, $job);

        return $bench;
    }

    /**
     * A job by a procedure that reads what is stamped on each cap.
     *
     * @param  array<string, mixed>  $change
     */
    private function job(string $build, string $joint, array $change, string $badge = '1041'): string
    {
        $lead = $this->world->person('lead');
        $document = $change + ['option' => 'stamped caps'] + $this->world::document();
        $document['checks'] = [['key' => 'stamp', 'kind' => 'identity', 'name' => 'stamp on the cap', 'why' => 'Caps and saddles were bored together.']];
        $read = ['key' => 'read', 'kind' => 'check', 'check' => 'stamp', 'per' => 'part', 'why' => 'Read, not remembered.'];
        $document['stages'] = isset($change['purpose']) ? [$read, ['key' => 'off', 'kind' => 'loosen', 'sequence' => array_column((array) data_get($document, 'map.positions'), 'key'), 'why' => 'Outside in.']] : [$read, ...(array) $document['stages']];
        app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Main caps, teardown', 'Bed plate, teardown'], [], $lead);
        $at = Joint::query()->where('name', $joint)->firstOrFail();
        $procedure = app(AddProcedure::class)($at, 'stamped caps', $lead);
        $revision = app(SubmitRevision::class)($procedure, $document, $lead);
        app(ApproveRevision::class)($revision, $this->world->person('approver'));

        return app(GiveProcedure::class)($build, $at->id, $this->world->person($badge)->id, $lead, procedure: $procedure->id);
    }
}

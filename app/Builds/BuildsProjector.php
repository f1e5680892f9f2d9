<?php

declare(strict_types=1);

namespace App\Builds;

use App\Builds\Models\Assignment;
use App\Builds\Models\FittedHardware;
use App\Builds\Models\PaperJoint;
use App\Builds\Models\ReturnedJoint;
use App\Builds\Models\ToldJoint;
use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Library\Models\RevisionStatus;
use App\Record\Models\Run;
use Illuminate\Support\Facades\DB;

/** Who has been given which joint, which hardware it gets, and what was done on paper before, as the entries tell it. */
final class BuildsProjector implements Projector
{
    public function version(): string
    {
        return '3';
    }

    public function tables(): array
    {
        return ['assignments', 'fitted_hardware', 'paper_joints', 'returned_joints', 'told_joints'];
    }

    public function types(): array
    {
        return ['procedure_given', 'procedure_handed', 'procedure_moved', 'procedure_taken_back', 'run_begun', 'joint_opened', 'hardware_chosen', 'joint_done_on_paper', 'paper_joint_taken_back', 'joint_told', 'joint_told_taken_back', 'intake_entered', 'subassembly_taken_off', 'build_called_off'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'procedure_given' => $this->given($entry),
            'procedure_handed' => Assignment::query()->whereKey($entry->text('data.assignment'))->update(['person' => $entry->text('data.person')]),
            'procedure_moved' => Assignment::query()->whereKey($entry->text('data.assignment'))->update(['revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash')]),
            'procedure_taken_back' => self::takenBack($entry, $entry->text('data.assignment')),
            // Given out once more, it is another job.
            'joint_opened' => self::opened($entry, Run::query()->findOrFail($entry->streamId())),
            'run_begun' => Assignment::query()->whereKey($entry->text('event.assignment'))->update(['begun_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            'hardware_chosen' => $this->hardware($entry, $entry->text('data.procedure')),
            'joint_done_on_paper' => PaperJoint::query()->insert([
                'subject' => $entry->streamId(), 'joint' => $entry->text('joint'), 'hash' => $entry->text('data.digest'), 'type' => $entry->text('data.type'), 'bytes' => $entry->number('data.bytes'),
                'worked_by' => $entry->text('data.worked_by'), 'worked_on' => $entry->text('data.worked_on'), 'person' => $entry->person(), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
            ]),
            'paper_joint_taken_back' => PaperJoint::query()->where('subject', $entry->streamId())->where('joint', $entry->text('joint'))->delete(),
            'build_called_off' => array_map(fn (string $of) => DB::table($of)->where('subject', $entry->streamId())->delete(), ['fitted_hardware', 'paper_joints', 'returned_joints', 'told_joints']),
            'joint_told' => ToldJoint::query()->insert([
                'subject' => $entry->streamId(), 'joint' => $entry->text('joint'), 'told' => $entry->text('data.told'), 'worked_by' => $entry->text('data.worked_by'), 'worked_on' => $entry->text('data.worked_on'), 'person' => $entry->person(), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
            ]),
            'joint_told_taken_back' => ToldJoint::query()->where('subject', $entry->streamId())->where('joint', $entry->text('joint'))->delete(),
            'intake_entered' => $this->intake($entry),
            'subassembly_taken_off' => $this->takenOff($entry),
            default => null,
        };
    }

    /** What went with a head was that one's, as it was opened: the engine that had it stays as it left. */
    private static function opened(Entry $entry, Run $run): void
    {
        $run->went_with === null && self::takenBack($entry, $run->assignment);
    }

    private static function takenBack(Entry $entry, string $job): void
    {
        Assignment::query()->whereKey($job)->update(['taken_back_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]);
    }

    private function given(Entry $entry): void
    {
        Assignment::query()->create([
            'id' => $entry->text('data.assignment'), 'subject' => $entry->streamId(), 'joint' => $entry->text('joint'), 'option' => $entry->text('option'),
            'revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash'), 'person' => $entry->text('data.person'),
            'given_by' => $entry->person(), 'given_at' => $entry->receivedAt(),
        ]);
        $this->hardware($entry, RevisionStatus::query()->findOrFail($entry->text('data.revision'))->procedure);
    }

    private function intake(Entry $entry): void
    {
        foreach ((array) data_get($entry->body, 'data.joints') as $one) {
            ReturnedJoint::query()->upsert([
                'subject' => $entry->streamId(), 'joint' => (string) data_get($one, 'joint'), 'opened' => data_get($one, 'opened') === true, 'of' => $entry->text('data.of'),
                'found' => (string) data_get($one, 'found'), 'movements' => json_encode(data_get($one, 'movements', []), JSON_THROW_ON_ERROR), 'person' => $entry->person(), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
            ], ['subject', 'joint']);
        }
    }

    /** What came off as the engine's own goes with its runs, and nothing of it is recorded at the engine any more. */
    private function takenOff(Entry $entry): void
    {
        $at = $entry->receivedAt()->format('Y-m-d H:i:s.u');
        foreach ((array) data_get($entry->body, 'data.joints') as $one) {
            $joint = (string) data_get($one, 'joint');
            $here = fn (string $table) => DB::table($table)->where('subject', $entry->streamId())->where('joint', $joint);
            $here('assignments')->whereNull('taken_back_at')->update(['taken_back_at' => $at]);
            $here('returned_joints')->update(['opened' => true]);
            $here('paper_joints')->delete();
            $here('told_joints')->delete();
            $here('fitted_hardware')->delete();
        }
    }

    private function hardware(Entry $entry, string $procedure): void
    {
        FittedHardware::query()->upsert([
            'subject' => $entry->streamId(), 'joint' => $entry->text('joint'), 'procedure' => $procedure, 'option' => $entry->text('option'), 'person' => $entry->person(), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
        ], ['subject', 'joint']);
    }
}

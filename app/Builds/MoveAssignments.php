<?php

declare(strict_types=1);

namespace App\Builds;

use App\Builds\Models\Assignment;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Events\RevisionApproved;
use App\Library\Models\RevisionStatus;
use App\Record\Models\Run;
use App\Shared\Ids;

/** Work given and not begun goes by the new revision. */
final readonly class MoveAssignments
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function handle(RevisionApproved $approved): void
    {
        $older = RevisionStatus::query()->where('procedure', $approved->procedure)->whereKeyNot($approved->revision)->pluck('revision')->all();
        $query = Assignment::query()->where('taken_back_at', null);
        $query->getQuery()->whereIn('revision', $older)->lockForUpdate();
        $given = $query->get();
        $runs = Run::query();
        $runs->getQuery()->whereIn('assignment', $given->modelKeys());
        $begun = $runs->get()->keyBy('assignment');
        foreach ($given as $assignment) {
            $run = $begun->get($assignment->id);
            if ($run === null) {
                $this->recorder->append($this->moved($assignment, $approved));
            }
            if ($run?->finished_at === null) {
                $approved->concern($run->person ?? $assignment->person);
            }
        }
    }

    private function moved(Assignment $assignment, RevisionApproved $approved): Draft
    {
        return new Draft(
            Ids::next(), 'procedure_moved', 'subject/'.$assignment->subject, $approved->approver,
            ['assignment' => $assignment->id, 'from' => $assignment->revision, 'revision' => $approved->revision],
            new Concerns($assignment->subject, revisionHash: $approved->documentHash, planHash: $approved->planHash, joint: $assignment->joint, option: $assignment->option),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Authors;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Models\WorkingDraft;
use App\Library\ProcedureSummaries;
use App\Library\Queries\Procedures;
use App\Library\RevisionState;
use App\People\Actions\SendNotice;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** Sends a revision in review back to its author, or takes one in force out of use. */
final readonly class TurnDownRevision
{
    public function __construct(private Recorder $recorder, private ProcedureSummaries $faces, private SendNotice $notice)
    {
    }

    /** The author goes on where it was handed in: the draft has its letter, document and answers again. */
    public function back(StoredRevision $stored, string $reason, Person $by): void
    {
        $this->recorder->transaction(function () use ($stored, $reason, $by): void {
            $status = $this->in($stored, RevisionState::InReview, 'sent back');
            $this->recorder->append(new Draft(Ids::next(), 'revision_returned', 'revision/'.$stored->id, $by->id, data: ['reason' => $reason], concerns: new Concerns(revisionHash: $stored->document_hash)));
            WorkingDraft::query()->firstOrCreate(['procedure' => $status->procedure], [
                'letter' => $status->letter, 'document' => json_encode(Procedures::document($stored->id), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'answers' => $status->answers ?? '{}',
                'version' => 1, 'author' => $stored->author, 'saved_by' => $stored->author, 'saved_at' => now(), 'based_on' => Procedures::last($status->procedure)?->revision,
            ]);
            Authors::wrote($status->procedure, ...Authors::ofRevision($stored->id));
            $procedure = Procedures::find($status->procedure);
            $this->faces->refresh($procedure);
            ($this->notice)(sprintf('%s: revision %s was sent back', $procedure->title(), $status->letter), $reason, '/library/drafts/'.$procedure->id, array_values(array_diff([$stored->author], [$by->id])), $by->id);
        });
    }

    public function withdraw(StoredRevision $stored, string $reason, Person $by, string $signature): void
    {
        $this->recorder->transaction(function () use ($stored, $reason, $by, $signature): void {
            $status = $this->in($stored, RevisionState::Approved, 'withdrawn');
            $this->recorder->append(new Draft(Ids::next(), 'revision_withdrawn', 'revision/'.$stored->id, $by->id, data: ['reason' => $reason, 'signature' => $signature, 'meaning' => 'withdrawn from use'], concerns: new Concerns(revisionHash: $stored->document_hash)));
            $this->faces->refresh(Procedures::find($status->procedure));
        });
    }

    private function in(StoredRevision $stored, RevisionState $wanted, string $what): RevisionStatus
    {
        $this->recorder->lock('revision/'.$stored->id);
        $status = RevisionStatus::query()->findOrFail($stored->id);
        if ($status->state !== $wanted) {
            throw Refused::field('revision', sprintf('Revision %s is %s; only one that is %s is %s.', $status->letter, $status->state->words(), $wanted->words(), $what));
        }

        return $status;
    }
}

<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Authors;
use App\Library\Events\RevisionApproved;
use App\Library\Models\GeneralTableRow;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\ProcedureSummaries;
use App\Library\Queries\ApprovalBlockers;
use App\Library\Queries\BuildsUnderRevision;
use App\Library\Queries\Procedures;
use App\Library\RevisionState;
use App\People\Ability;
use App\People\Actions\SendNotice;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\Comparison;
use Tekkal\Core\Plan\Expander;

/** Signs a revision: expands its plan once and for all, supersedes the one in force, and tells everybody concerned. */
final readonly class ApproveRevision
{
    private const MOST_CHANGES_TOLD = 12;

    public function __construct(private Recorder $recorder, private ProcedureSummaries $faces, private SendNotice $notice)
    {
    }

    /** @param  string|null  $seen  hash of the document that the approver has read; null: whatever stands there */
    public function __invoke(StoredRevision $stored, Person $approver, ?string $seen = null): void
    {
        if (! $approver->may(Ability::ApproveProcedures)) {
            throw Refused::forbidden('Only an approver signs procedures.');
        }
        if (in_array($approver->id, Authors::ofRevision($stored->id), true)) {
            throw Refused::forbidden(sprintf('Nobody approves what they wrote%s. Ask another approver to sign.', $stored->author === $approver->id ? '' : ' a part of'));
        }
        $this->recorder->transaction(function () use ($stored, $approver, $seen): void {
            $this->recorder->lock('revision/'.$stored->id);
            $status = RevisionStatus::query()->findOrFail($stored->id);
            if ($seen !== null && $seen !== $stored->document_hash) {
                throw new Refused(ProblemType::DraftChanged, 'What you read is not what stands here now. Read this revision before you sign it.', 409);
            }
            if ($status->state !== RevisionState::InReview) {
                throw Refused::field('revision', sprintf('Revision %s is %s; only one in review is signed.', $status->letter, $status->state->words()));
            }
            $why = ApprovalBlockers::whyNot($status);
            if ($why !== []) {
                throw Refused::field('revision', sprintf('Revision %s cannot be signed yet: %s', $status->letter, $why[0]));
            }
            $this->sign($stored, $status, $approver);
        });
    }

    /** What is nothing but a row of a general table rests on that one's signature. Within a transaction of whoever gives the joint out. */
    public function byTable(StoredRevision $stored, GeneralTableRow $table, Person $by): void
    {
        $status = RevisionStatus::query()->findOrFail($stored->id);
        $why = ApprovalBlockers::whyNot($status);
        if ($why !== []) {
            throw Refused::field('table', sprintf('%s cannot serve here: %s', $table->code, $why[0]), $table->code);
        }
        $this->sign($stored, $status, $by, ['signature' => (string) $table->signature, 'meaning' => "a row of general table $table->code", 'by_table' => $table->code, 'table_signed_by' => (string) $table->approved_by]);
    }

    /** @param  array<string, string>  $words  in whose name; empty: the approver's own */
    private function sign(StoredRevision $stored, RevisionStatus $status, Person $approver, array $words = []): void
    {
        $before = RevisionStatus::query()->where('procedure', $status->procedure)->where('state', RevisionState::Approved->value)->first();
        $plan = Expander::expand(Procedures::revision($stored->id));
        DB::table('plans')->insertOrIgnore(['hash' => $plan->hash(), 'plan' => $plan->bytes()]);
        $this->recorder->append(new Draft(
            Ids::next(), 'revision_approved', 'revision/'.$stored->id, $approver->id,
            data: $words + ['signature' => $approver->displayName(), 'meaning' => 'approved for use', 'expander' => Expander::VERSION],
            concerns: new Concerns(revisionHash: $stored->document_hash, planHash: $plan->hash()),
        ));
        $event = new RevisionApproved($status->procedure, $stored->id, $stored->document_hash, $plan->hash(), $approver->id);
        event($event);
        $procedure = Procedures::find($status->procedure);
        $this->faces->refresh($procedure);
        if ($before !== null) {
            $this->tell($procedure->title(), $status, $before, $event, $approver);
        }
    }

    /** Builds made to the old revision are judged by the new one on record, and everybody concerned is told what changed. */
    private function tell(string $title, RevisionStatus $status, RevisionStatus $before, RevisionApproved $event, Person $approver): void
    {
        $made = BuildsUnderRevision::of($before->revision, Procedures::plan($event->planHash));
        if ($made !== []) {
            $this->recorder->append(new Draft(Ids::next(), 'builds_rejudged', 'revision/'.$status->revision, $approver->id, data: [
                'made_to' => $before->revision,
                'builds' => array_map(fn (array $b): array => ['run' => $b['run'], 'subject' => $b['subject'], 'in' => $b['in'], 'out' => $b['out'], 'not_comparable' => $b['not_comparable'], 'without_result' => $b['without_result']], $made),
            ], concerns: new Concerns(revisionHash: $event->documentHash, planHash: $event->planHash)));
        }
        $changes = Comparison::of(Procedures::revision($before->revision), Procedures::document($before->revision), Procedures::revision($status->revision), Procedures::document($status->revision));
        $told = array_map(fn ($c): string => $c->sentence, array_slice($changes, 0, self::MOST_CHANGES_TOLD));
        ($this->notice)(
            sprintf('%s: revision %s is in force', $title, $status->letter),
            implode("\n", $told)."\n".'Work not begun goes by it; what is under way stays with the revision it began with.',
            '/library/'.$status->revision,
            array_values(array_diff([...$event->concerned(), $status->author, ...BuildsUnderRevision::people($before->revision)], [$approver->id])),
            $approver->id,
        );
    }
}

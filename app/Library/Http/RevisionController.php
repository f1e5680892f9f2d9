<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Print\JobCard;
use App\Library\Queries\ApprovalBlockers;
use App\Library\Queries\BuildsUnderRevision;
use App\Library\Queries\ConflictRegister;
use App\Library\Queries\DraftAssessment;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\Library\Queries\ProcedureSheet;
use App\Library\Queries\RevisionSheet;
use App\Library\RevisionState;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Tekkal\Core\Plausibility\LoadBands;

/** One revision: looked up, reviewed, signed, sent back, withdrawn, printed. */
final class RevisionController
{
    public function show(StoredRevision $revision): JsonResponse
    {
        $status = RevisionStatus::query()->findOrFail($revision->id);
        $procedure = Procedures::find($status->procedure);
        [$family, $joint] = Procedures::names($procedure);
        $read = Procedures::revision($revision->id);
        $document = Procedures::document($revision->id);
        $before = self::before($status);

        return new JsonResponse([
            ...ProcedureSheet::revision($status),
            'procedure' => $procedure->id, 'family' => $family, 'joint' => $joint, 'option' => $procedure->option, 'risk_class' => $read->riskClass,
            'line' => $read->tighteningLine()->typeset(), 'rounds' => $read->tighteningLine()->rounds(),
            'document_hash' => $revision->document_hash, 'sketch' => MapSketch::of($document),
            ...(new RevisionSheet($read, $document))->toArray(),
            'figures' => DraftAssessment::figures($read), 'bands' => (new LoadBands($read, $document))->toArray(),
            'challenges' => array_map(DraftAssessment::challenge(...), DraftAssessment::challengesOf($read, $document)), 'answers' => (object) $status->answers(),
            'why_not' => $status->state === RevisionState::InReview ? ApprovalBlockers::whyNot($status) : [],
            'compared_with' => $before === null ? null : ['id' => $before->revision, 'letter' => $before->letter],
            'changes' => $before === null ? [] : ProcedureSheet::changes($before->revision, $revision->id),
            'side_by_side' => ConflictRegister::sideBySide($read),
            'stop' => StopsInForce::here()->told(StopWhat::Revision, $revision->id),
            'permits' => array_values(array_filter(Permits::all($procedure->id), fn (array $p): bool => $p['state'] === 'in force')),
            'revisions' => ProcedureSheet::of($procedure)['revisions'],
            'document' => $document,
        ]);
    }

    /** What it is compared with: of what was signed, the one before it; of anything else, the one in force. */
    private static function before(RevisionStatus $status): ?RevisionStatus
    {
        $signed = RevisionStatus::query()->where('procedure', $status->procedure)->whereKeyNot($status->revision)->get()->filter(fn (RevisionStatus $r): bool => $r->approved_at !== null);

        return $status->approved_at === null ? $signed->first(fn (RevisionStatus $r): bool => $r->state === RevisionState::Approved)
            : $signed->filter(fn (RevisionStatus $r): bool => self::place($r) < self::place($status))->sortByDesc(self::place(...))->first();
    }

    /** @return array{int, string} revisions go A, B … Z, AA, AB … */
    private static function place(RevisionStatus $revision): array
    {
        return [strlen($revision->letter), $revision->letter];
    }

    /** Builds made to this revision, judged by the one in force. */
    public function builds(StoredRevision $revision): JsonResponse
    {
        $status = RevisionStatus::query()->find($revision->id);
        $now = RevisionStatus::query()->where('procedure', $status?->procedure)->where('state', RevisionState::Approved->value)->first();

        return new JsonResponse([
            'by' => $now === null ? null : ['id' => $now->revision, 'letter' => $now->letter],
            'builds' => $now === null ? [] : BuildsUnderRevision::of($revision->id, Procedures::plan((string) $now->plan_hash)),
        ]);
    }

    public function jobCard(StoredRevision $revision, JobCard $card): Response
    {
        return new Response($card->pdf($revision->id), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="job-card.pdf"']);
    }
}

<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\WorkingDraft;
use App\Library\Queries\DraftAssessment;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Procedures;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\Conflict;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\SearchTerm;

/** What stands of a procedure in lists and is searched: of its revision in force, else of the newest there is. */
final class ProcedureSummaries
{
    public function refresh(Procedure $procedure): void
    {
        ['face' => $face, 'targets' => $targets] = $this->of($procedure);
        DB::table('procedure_faces')->upsert($face, 'procedure');
        DB::table('target_index')->where('procedure', $procedure->id)->delete();
        DB::table('target_index')->insert($targets);
    }

    /** @return array{face: array<string, mixed>, targets: list<array<string, mixed>>} the rows that ought to stand for it now */
    public function of(Procedure $procedure): array
    {
        $states = RevisionStatus::query()->where('procedure', $procedure->id)->get()->sortByDesc('submitted_at');
        $draft = WorkingDraft::query()->find($procedure->id);
        $shown = $states->firstWhere('state', RevisionState::Approved) ?? $states->firstWhere('state', RevisionState::InReview)
            ?? ($draft === null ? $states->reject(fn (RevisionStatus $s): bool => $s->state === RevisionState::Returned)->first() : null);
        $document = $shown === null ? $draft?->document() : Procedures::document($shown->revision);
        $revision = $shown === null ? ($document === null ? null : DraftAssessment::readable($document)) : Procedures::revision($shown->revision);
        $ahead = match (true) {
            $states->firstWhere('state', RevisionState::InReview) !== null && $shown?->state !== RevisionState::InReview => RevisionState::InReview->value,
            $draft !== null && $shown !== null => 'draft',
            default => null,
        };

        return $this->rows($procedure, $document ?? [], $revision, $shown, $shown === null ? ($draft === null ? 'empty' : 'draft') : $shown->state->value, $shown->letter ?? $draft->letter ?? '', $ahead);
    }

    /**
     * @param  array<mixed>  $document
     * @return array{face: array<string, mixed>, targets: list<array<string, mixed>>}
     */
    private function rows(Procedure $procedure, array $document, ?Revision $revision, ?RevisionStatus $shown, string $state, string $letter, ?string $ahead): array
    {
        $joint = Joint::query()->findOrFail($procedure->joint);
        $family = Family::query()->findOrFail($joint->family);
        $facts = $revision === null ? [] : SearchTerm::of($revision);
        $line = $revision?->tighteningLine()->typeset() ?? '';

        return [
            'face' => [
                'procedure' => $procedure->id, 'family' => $family->id, 'place' => sprintf('%s %03d %s', $family->code, $joint->assembly_order, $procedure->option),
                'revision' => $shown?->revision, 'state' => $state, 'letter' => $letter, 'ahead' => $ahead,
                'missing' => $revision !== null && $revision->missing !== [],
                'conflicts' => count(array_filter($revision->conflicts ?? [], fn (Conflict $c): bool => $c->decided === null)),
                'line' => $line, 'card' => json_encode($this->card($procedure, $family, $joint, $document, $revision), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'words' => mb_strtolower(implode(' ', [$family->code, $family->name, $joint->name, $procedure->option, str_replace("\u{A0}", ' ', $line), ...array_map(fn (SearchTerm $f): string => $f->text, $facts)])),
            ],
            'targets' => array_map(
                fn (SearchTerm $f): array => ['procedure' => $procedure->id, 'quantity' => $f->quantity?->kind()->value, 'base_value' => (string) $f->quantity?->inBase(), 'text' => $f->text],
                array_values(array_filter($facts, fn (SearchTerm $f): bool => $f->quantity !== null)),
            ),
        ];
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, mixed>
     */
    private function card(Procedure $procedure, Family $family, Joint $joint, array $document, ?Revision $revision): array
    {
        return [
            'family' => $family->name, 'family_code' => $family->code, 'joint' => $joint->name, 'option' => $procedure->option,
            'risk_class' => is_string($document['risk_class'] ?? null) ? $document['risk_class'] : '',
            'fasteners' => count($revision->map->positions ?? []),
            'threads' => array_values(array_unique(array_filter((array) data_get($document, 'fasteners.*.thread'), is_string(...)))),
            'markings' => array_values(array_unique(array_filter((array) data_get($document, 'fasteners.*.marking'), is_string(...)))),
            'source' => is_string(data_get($document, 'sources.0.title')) ? data_get($document, 'sources.0.title') : null,
            'sketch' => $revision === null ? null : MapSketch::of($document),
        ];
    }
}

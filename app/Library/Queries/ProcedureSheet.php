<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Authors;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\Variant;
use App\Library\Models\WorkingDraft;
use App\Library\RevisionState;
use App\People\Models\Person;
use Illuminate\Support\Facades\Auth;
use Tekkal\Core\Document\Change;
use Tekkal\Core\Document\Comparison;

/** A procedure with all its revisions, what is being written, its sister, its permits. */
final class ProcedureSheet
{
    /** @return array<string, mixed> */
    public static function of(Procedure $procedure): array
    {
        [$family, $joint] = Procedures::names($procedure);
        $draft = WorkingDraft::query()->find($procedure->id);

        return [
            'id' => $procedure->id, 'family' => $family, 'joint' => $joint, 'joint_id' => $procedure->joint, 'option' => $procedure->option,
            'variant' => $procedure->variant === null ? null : Variant::query()->find($procedure->variant)?->name,
            'revisions' => array_values(RevisionStatus::query()->where('procedure', $procedure->id)->get()->sortByDesc('submitted_at')->map(self::revision(...))->all()),
            'draft' => $draft === null ? null : ['letter' => $draft->letter, 'saved_by' => Person::query()->find($draft->saved_by)?->displayName(), 'saved_at' => $draft->saved_at->toIso8601ZuluString(), 'version' => $draft->version],
            'sister' => self::sister($procedure),
            'permits' => Permits::all($procedure->id),
        ];
    }

    /** @return array<string, mixed> */
    public static function revision(RevisionStatus $s): array
    {
        $authors = Authors::ofRevision($s->revision);
        $names = Person::query()->whereKey($authors)->get()->sortBy(fn (Person $p): int => $p->id === $s->author ? 0 : 1)->map(fn (Person $p): string => $p->displayName());

        return [
            'id' => $s->revision, 'letter' => $s->letter, 'state' => $s->state->value, 'author' => $names->implode(' and ') ?: null, 'mine' => in_array(Auth::id(), $authors, true),
            'submitted_at' => $s->submitted_at?->toIso8601ZuluString(), 'signature' => $s->signature, 'approved_at' => $s->approved_at?->toIso8601ZuluString(),
            'superseded_at' => $s->superseded_at?->toIso8601ZuluString(), 'remark' => $s->remark,
        ];
    }

    /** @return list<array{what: string, sentence: string, stage: string|null, positions: list<string>}> */
    public static function changes(string $old, string $new): array
    {
        return self::told(Comparison::of(Procedures::revision($old), Procedures::document($old), Procedures::revision($new), Procedures::document($new)));
    }

    /**
     * @param  list<Change>  $changes
     * @return list<array{what: string, sentence: string, stage: string|null, positions: list<string>}>
     */
    public static function told(array $changes): array
    {
        return array_map(fn (Change $c): array => ['what' => $c->what, 'sentence' => $c->sentence, 'stage' => $c->stage, 'positions' => $c->positions], $changes);
    }

    /**
     * What differs today from the sister that it was copied from, or that was copied from it.
     *
     * @return array<string, mixed>|null
     */
    private static function sister(Procedure $procedure): ?array
    {
        $sister = $procedure->sister_of === null
            ? Procedure::query()->where('sister_of', $procedure->id)->first()
            : Procedure::query()->find($procedure->sister_of);
        if ($sister === null) {
            return null;
        }
        $theirs = self::newest($sister->id);
        $ours = self::newest($procedure->id);

        return [
            'id' => $sister->id, 'title' => $sister->title(), 'theirs' => $theirs?->revision, 'ours' => $ours?->revision,
            'changes' => $theirs === null || $ours === null ? [] : self::changes($theirs->revision, $ours->revision),
        ];
    }

    private static function newest(string $procedure): ?RevisionStatus
    {
        $states = RevisionStatus::query()->where('procedure', $procedure)->get()->sortByDesc('submitted_at');

        return $states->firstWhere('state', RevisionState::Approved) ?? $states->reject(fn (RevisionStatus $s): bool => $s->state === RevisionState::Returned)->first();
    }
}

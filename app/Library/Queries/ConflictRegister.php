<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\WorkingDraft;
use App\Library\RevisionState;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Document\Conflict;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\StageTarget;

/** Where sources disagree, over all procedures, and what was decided. */
final class ConflictRegister
{
    /** @return list<array<string, mixed>> open ones first */
    public static function all(): array
    {
        $found = [];
        foreach (DB::table('procedure_faces')->orderBy('place')->get(['procedure', 'revision', 'letter', 'state']) as $face) {
            foreach ([$face, ...self::ahead($face)] as $at) {
                $revision = $at->revision === null ? self::drafted($at->procedure) : Procedures::revision($at->revision);
                $found = [...$found, ...($revision === null ? [] : array_map(fn (Conflict $c): array => self::row($c, $revision, $at), $revision->conflicts))];
            }
        }
        usort($found, fn (array $a, array $b): int => ($a['decided'] === null ? 0 : 1) <=> ($b['decided'] === null ? 0 : 1));

        return $found;
    }

    /** @return list<stdClass> what is being written or waits for a signature ahead of the revision that a procedure shows */
    private static function ahead(stdClass $face): array
    {
        $review = RevisionStatus::query()->where('procedure', $face->procedure)->where('state', RevisionState::InReview->value)->whereKeyNot($face->revision ?? '')->get()
            ->map(fn (RevisionStatus $r): stdClass => (object) ['procedure' => $r->procedure, 'revision' => $r->revision, 'letter' => $r->letter, 'state' => $r->state->value]);
        $draft = $face->revision === null ? null : WorkingDraft::query()->where('procedure', $face->procedure)->first();

        return [...$review->all(), ...($draft === null ? [] : [(object) ['procedure' => $draft->procedure, 'revision' => null, 'letter' => $draft->letter, 'state' => 'draft']])];
    }

    private static function drafted(string $procedure): ?Revision
    {
        $draft = WorkingDraft::query()->find($procedure);

        return $draft === null ? null : DraftAssessment::readable($draft->document());
    }

    /**
     * What two sources of a revision say, stage by stage: as a target cites them, or as a conflict quotes them.
     *
     * @return list<array{stage: string, round: string, sides: list<array{source: string, says: string, followed: bool}>, differ: bool}>
     */
    public static function sideBySide(Revision $revision): array
    {
        $rows = [];
        foreach ($revision->stages() as $stage) {
            $sides = [...self::cited($revision, $stage), ...self::quoted($revision, $stage->key())];
            $rows[] = ['stage' => $stage->key(), 'round' => $revision->tighteningLine()->round($stage), 'sides' => $sides, 'differ' => self::quoted($revision, $stage->key()) !== []];
        }

        return $rows;
    }

    /** @return list<array{source: string, says: string, followed: bool}> */
    private static function cited(Revision $revision, Stage $stage): array
    {
        $by = [];
        foreach ($stage->targets as $target) {
            if ($target->targetSource !== null) {
                $by[$target->targetSource][] = self::words($revision, $stage, $target);
            }
        }

        return array_map(fn (string $source, array $words): array => ['source' => $source, 'says' => implode(' / ', $words), 'followed' => true], array_map(strval(...), array_keys($by)), array_values($by));
    }

    private static function words(Revision $revision, Stage $stage, StageTarget $target): string
    {
        return trim($revision->tighteningLine()->aim($stage, $target).' '.($target->group === null ? '' : $revision->groups[$target->group]->name));
    }

    /** @return list<array{source: string, says: string, followed: bool}> */
    private static function quoted(Revision $revision, string $stage): array
    {
        $sides = [];
        foreach ($revision->conflicts as $conflict) {
            foreach ($conflict->stage === $stage ? $conflict->sides : [] as $source => $says) {
                $sides[] = ['source' => (string) $source, 'says' => $says.' ('.$conflict->about.')', 'followed' => $conflict->decided === (string) $source];
            }
        }

        return $sides;
    }

    /** @return array<string, mixed> */
    private static function row(Conflict $conflict, Revision $revision, stdClass $face): array
    {
        $precedence = $conflict->precedence($revision->sources);

        return [
            'procedure' => $face->procedure, 'title' => Procedures::find($face->procedure)->title(), 'revision' => $face->revision, 'letter' => $face->letter, 'state' => $face->state,
            'key' => $conflict->key, 'about' => $conflict->about, 'stage' => $conflict->stage,
            'sides' => array_map(fn (string|int $s, string $says): array => ['source' => (string) $s, 'title' => $revision->sources[$s]->name(), 'kind' => $revision->sources[$s]->kindWords(), 'date' => $revision->sources[$s]->date, 'says' => $says], array_keys($conflict->sides), $conflict->sides),
            'decided' => $conflict->decided, 'reason' => $conflict->reason, 'governs' => $precedence?->governs?->key, 'why' => $precedence->why ?? '',
        ];
    }
}

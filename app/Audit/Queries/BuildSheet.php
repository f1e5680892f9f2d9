<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Bench\Queries\CardSheet;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\LookBacks;
use App\Crib\Queries\ToolBook;
use App\Library\Models\Family;
use App\Library\Models\RevisionStatus;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use Tekkal\Core\Review\BuildAudit;
use Tekkal\Core\Review\Reason;
use Tekkal\Core\Review\Reply;
use Tekkal\Core\Review\ToolEvidence;
use Tekkal\Core\Run\Progress;
use Tekkal\Core\Run\RunFold;

/** The one sheet of a build: what the record holds of it, and the audit's questions answered from that. */
final readonly class BuildSheet
{
    public function __construct(private ResultLines $lines)
    {
    }

    /** @return array<string, mixed> */
    public function of(Subject $subject): array
    {
        $joints = JointRecord::allOf($subject);
        $cards = CardSheet::byJoint($subject->id);
        $before = JointRecord::beforeOpening($subject);
        $audit = new BuildAudit(array_map(fn (JointRecord $joint) => $joint->evidence(), $joints), $this->tools($subject, $joints), Shop::here()->zone());

        return [
            'id' => $subject->id,
            'title' => $subject->title(),
            'serial' => $subject->serial,
            'state' => $subject->state->value,
            'family' => Family::query()->find($subject->family)?->name,
            'customer' => $subject->ownedBy(),
            'opened_at' => $subject->opened_at->toIso8601ZuluString(),
            'finished_at' => $subject->finished_at?->toIso8601ZuluString(),
            'shipped_at' => $subject->shipped_at?->toIso8601ZuluString(),
            'other_builds' => Lineage::others($subject),
            'replies' => array_map(self::reply(...), $audit->replies()),
            'joints' => array_merge([], ...array_map(fn (JointRecord $joint): array => [
                $this->joint($joint, $cards[$joint->joint->id] ?? []), ...array_map(fn (JointRecord $then): array => $this->joint($then, []), array_reverse($before[$joint->joint->id] ?? [])),
            ], $joints)),
            'aside' => AsideLines::of($subject),
        ];
    }

    /**
     * @param  list<JointRecord>  $joints
     * @return array<string, ToolEvidence>
     */
    private function tools(Subject $subject, array $joints): array
    {
        // What an earlier build or a head answers for was looked back at there.
        $runs = array_filter(array_map(fn (JointRecord $j): ?Run => $j->run?->run, $joints), fn (?Run $r): bool => $r !== null && $r->subject !== $subject->id);
        $lookedBack = LookBacks::of($subject->id, array_column($runs, 'id'));
        $tools = [];
        foreach (ToolRow::query()->with('calibrations')->get() as $row) {
            $tools[$row->id] = new ToolEvidence($row->code, ToolBook::historyOf($row->calibrations), $lookedBack[$row->id] ?? [], StopsInForce::here()->of(StopWhat::Tool, $row->id)?->when());
        }

        return $tools;
    }

    /** @return array<string, mixed> */
    private static function reply(Reply $reply): array
    {
        return [
            'question' => $reply->question->value,
            'words' => $reply->question->words(),
            'answer' => $reply->answer->value,
            'reasons' => array_map(fn (Reason $r): array => ['answer' => $r->answer->value, 'sentence' => $r->sentence, 'joint' => $r->joint, 'position' => $r->position], $reply->reasons),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $cards  that were printed for it
     * @return array<string, mixed>
     */
    private function joint(JointRecord $record, array $cards): array
    {
        $procedure = $record->procedure;
        $shown = [
            'id' => $record->joint->id,
            'name' => $record->joint->name,
            'sketch' => $procedure === null ? null : MapSketch::of($procedure->document),
            'revision' => $procedure === null ? null : ['id' => $procedure->stored->id, 'letter' => $procedure->stored->letter, 'line' => $procedure->revision->tighteningLine()->typeset()],
            'rounds' => $procedure?->revision->tighteningLine()->rounds() ?? [],
            'permits' => $this->permits($record),
            'hardware' => $record->hardware,
            'without' => $record->without,
            'scanned' => $record->scanned,
            'stayed' => $record->cited->stayed === null ? null : ['id' => $record->cited->stayed->id, 'title' => $record->cited->stayed->numbered()],
            'within' => $record->cited->within === null ? null : ['id' => $record->cited->within->id, 'title' => $record->cited->within->title()],
            'cards' => $cards,
            'opened' => $record->run?->run->opened_at === null ? null : ['at' => $record->run->run->opened_at->toIso8601ZuluString(), 'why' => (string) $record->run->run->opened_why],
            'run' => null,
            'faults' => FaultLines::of($record),
            'noticed' => [],
            'lines' => [],
        ];
        if ($record->run !== null && $procedure !== null) {
            $run = $record->run->run;
            $shown['run'] = [
                'id' => $run->id,
                'person' => Person::query()->find($run->person)?->displayName(),
                'begun_at' => $run->begun_at->toIso8601ZuluString(),
                'finished_at' => $run->finished_at?->toIso8601ZuluString(),
                'last_seq' => $record->lastSeq(),
                'supervised' => self::supervised($record->run->fold),
            ] + (new Progress($record->run->fold))->toArray();
            $shown['noticed'] = ResultLines::noticed($record->run->entries);
            $shown['lines'] = $this->lines->of($record);
        }

        return $shown;
    }

    /** Under whose eyes it was worked, where whoever did it may not do it alone; null where they may. */
    private static function supervised(RunFold $fold): ?string
    {
        $what = $fold->supervision->what();
        if ($what === null) {
            return null;
        }
        [$signed, $beside] = [$fold->supervision->signedBy(), $fold->supervision->supervisor()];
        $name = fn (?string $person): string => ($person === null ? null : Person::query()->find($person)?->displayName()) ?? 'somebody';

        return sprintf('Worked under a supervisor (%s): %s.', $what, match (true) {
            $signed !== null => $name($signed).' stood beside it and signed',
            $beside !== null => $name($beside).' stands beside it and has not signed',
            default => 'nobody stands beside it now',
        });
    }

    /** @return list<array{code: string, departure: string, signature: string, customer_reference: string, until: string|null}> in force when the work began, or that let it go as it stands */
    private function permits(JointRecord $record): array
    {
        if ($record->run === null) {
            return [];
        }
        $run = $record->run->run;
        $procedure = RevisionStatus::query()->findOrFail($run->revision)->procedure;
        $permits = array_map(
            fn (array $p): array => ['code' => $p['code'], 'departure' => $p['departure'], 'signature' => (string) $p['signature'], 'customer_reference' => $p['customer_reference'], 'until' => $p['valid_until']],
            Permits::coveringRun($procedure, Subject::query()->findOrFail($run->subject)->serial, $run->begun_at, $run->id),
        );
        // One that was begun and never ended may have been let go as it was.
        $letGo = Permits::ofUnrecorded([$run->subject])[$run->subject][$run->joint] ?? null;

        return $letGo?->state !== 'approved' ? $permits : [...$permits, ['code' => $letGo->code, 'departure' => $letGo->departure, 'signature' => (string) $letGo->signature, 'customer_reference' => $letGo->customer_reference, 'until' => null]];
    }
}

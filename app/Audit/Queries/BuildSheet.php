<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Builds\Queries\JointStrip;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Library\Models\Family;
use App\Library\Models\RevisionStatus;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\Models\AsideReading;
use App\Record\Models\Subject;
use DateTimeZone;
use Tekkal\Core\Review\BuildAudit;
use Tekkal\Core\Review\Reason;
use Tekkal\Core\Review\Reply;
use Tekkal\Core\Review\ToolEvidence;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Standing;
use Tekkal\Core\Unit\Written;

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
        $audit = new BuildAudit(array_values(array_map(fn (JointRecord $joint) => $joint->evidence(), array_filter($joints, fn (JointRecord $joint): bool => ! $joint->onPaper))), $this->tools(), new DateTimeZone(config('shop.time_zone')));

        return [
            'id' => $subject->id,
            'title' => $subject->title(),
            'serial' => $subject->serial,
            'state' => $subject->state->value,
            'family' => Family::query()->find($subject->family)?->name,
            'customer' => Customer::query()->find($subject->customer)?->name,
            'opened_at' => $subject->opened_at->toIso8601ZuluString(),
            'finished_at' => $subject->finished_at?->toIso8601ZuluString(),
            'shipped_at' => $subject->shipped_at?->toIso8601ZuluString(),
            'other_builds' => Subject::query()->where('serial', $subject->serial)->where('customer', $subject->customer)->whereKeyNot($subject->id)->get()
                ->map(fn (Subject $s): array => ['id' => $s->id, 'title' => $s->title(), 'state' => $s->state->value])->values(),
            'replies' => array_map(self::reply(...), $audit->replies()),
            'joints' => array_map($this->joint(...), $joints),
            'aside' => $this->aside($subject),
        ];
    }

    /** @return array<string, ToolEvidence> */
    private function tools(): array
    {
        $tools = [];
        foreach (ToolRow::query()->get() as $row) {
            $tools[$row->id] = new ToolEvidence($row->code, ToolBook::history($row->id));
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

    /** @return array<string, mixed> */
    private function joint(JointRecord $record): array
    {
        $shown = [
            'id' => $record->joint->id,
            'name' => $record->joint->name,
            'sketch' => $record->document === null ? null : MapSketch::of($record->document),
            'revision' => $record->stored === null ? null : ['id' => $record->stored->id, 'letter' => $record->stored->letter, 'line' => $record->revision?->tighteningLine()->typeset()],
            'rounds' => $record->revision?->tighteningLine()->rounds() ?? [],
            'permits' => $this->permits($record),
            'on_paper' => $record->onPaper,
            'run' => null,
            'lines' => [],
        ];
        if ($record->run !== null && $record->state !== null && $record->plan !== null) {
            $shown['run'] = [
                'id' => $record->run->id,
                'person' => Person::query()->find($record->run->person)?->displayName(),
                'begun_at' => $record->run->begun_at->toIso8601ZuluString(),
                'finished_at' => $record->run->finished_at?->toIso8601ZuluString(),
                'last_seq' => $record->lastSeq(),
            ] + JointStrip::progress($record->state, $record->plan);
            $shown['lines'] = $this->lines->of($record);
        }

        return $shown;
    }

    /** @return list<array{code: string, departure: string, signature: string, customer_reference: string, until: string|null}> in force when the work began */
    private function permits(JointRecord $record): array
    {
        if ($record->run === null) {
            return [];
        }
        $procedure = RevisionStatus::query()->findOrFail($record->run->revision)->procedure;

        return array_map(
            fn (array $p): array => ['code' => $p['code'], 'departure' => $p['departure'], 'signature' => (string) $p['signature'], 'customer_reference' => $p['customer_reference'], 'until' => $p['valid_until']],
            Permits::coveringRun($procedure, Subject::query()->findOrFail($record->run->subject)->serial, $record->run->begun_at, $record->run->id),
        );
    }

    /** @return list<array<string, mixed>> readings that moved nothing in this build's runs */
    private function aside(Subject $subject): array
    {
        return array_values(AsideReading::query()->where('subject', $subject->id)->get()->sortBy('received_at')->map(self::asideLine(...))->all());
    }

    /** @return list<array<string, mixed>> readings that fit no run at all */
    public static function tray(): array
    {
        return array_values(AsideReading::query()->where('standing', Standing::Tray->value)->where('disposed_at', null)->get()->sortBy('received_at')->map(self::asideLine(...))->all());
    }

    /** @return array<string, mixed> */
    private static function asideLine(AsideReading $a): array
    {
        return [
            'entry' => $a->entry_id,
            'standing' => $a->standing,
            'reason' => SetAsideReason::from($a->reason)->sentence(),
            'step' => $a->step,
            'value' => $a->value === null || $a->unit === null ? null : Written::fromCode($a->value, $a->unit)->typeset(),
            'told' => $a->told,
            'tool' => $a->tool === null ? null : ToolRow::query()->find($a->tool)?->code,
            'person' => Person::query()->find($a->person)?->displayName(),
            'received_at' => $a->received_at->toIso8601ZuluString(),
            'disposed_at' => $a->disposed_at?->toIso8601ZuluString(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Library;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Library\Models\Family;
use App\Library\Models\GeneralTableRow;
use App\Library\Models\Joint;
use App\Library\Models\Permit;
use App\Library\Models\RevisionStatus;
use App\Library\Models\RiskRuleSet;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Families, procedures, sources, and the state of every revision, window standard and deviation permit, as the entries tell it. */
final class LibraryProjector implements Projector
{
    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['families', 'joints', 'variants', 'procedures', 'sources', 'revision_states', 'revision_authors', 'standards', 'risk_rules', 'general_tables', 'permits'];
    }

    public function types(): array
    {
        return [
            'family_extended', 'serial_rules_set', 'joints_rest_set', 'joints_carried_set', 'procedure_added', 'source_kept', 'source_paper_kept', 'revision_drafted', 'revision_submitted', 'revision_returned', 'revision_approved', 'revision_withdrawn',
            'picture_kept', 'standard_asked', 'standard_approved', 'risk_rules_asked', 'risk_rules_approved', 'general_table_asked', 'general_table_approved', 'general_table_withdrawn', 'permit_asked', 'permit_approved', 'permit_closed',
        ];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'family_extended' => $this->family($entry),
            'serial_rules_set' => Family::query()->whereKey($entry->streamId())->update(['serial_rules' => implode("\n", $entry->texts('data.rules'))]),
            'joints_rest_set' => $this->resting($entry),
            'joints_carried_set' => $this->carried($entry),
            'procedure_added' => DB::table('procedures')->upsert([
                'id' => $entry->streamId(), 'created_at' => self::sql($entry->receivedAt()), 'variant' => $entry->optional('data.variant'), 'sister_of' => $entry->optional('data.sister_of'),
            ] + self::texts($entry, ['joint', 'option']), 'id'),
            'source_kept' => $this->source($entry),
            'source_paper_kept' => Source::query()->whereKey($entry->streamId())->update([
                'file_hash' => $entry->text('data.digest'), 'file_type' => $entry->text('data.type'), 'file_name' => $entry->optional('data.name'), 'file_bytes' => $entry->number('data.bytes'),
            ]),
            'revision_drafted', 'revision_submitted' => $this->submitted($entry),
            'revision_returned' => $this->revision($entry, ['state' => RevisionState::Returned->value, 'remark' => $entry->text('data.reason')]),
            'revision_approved' => $this->approved($entry),
            'revision_withdrawn' => $this->revision($entry, ['state' => RevisionState::Withdrawn->value, 'remark' => $entry->text('data.reason'), 'superseded_at' => self::sql($entry->receivedAt())]),
            'standard_asked' => Standard::query()->create(['id' => $entry->streamId(), 'state' => 'asked', 'asked_by' => $entry->person()] + self::texts($entry, ['code', 'quantity', 'tool', 'risk_class', 'tolerance', 'source'])),
            'standard_approved' => Standard::query()->whereKey($entry->streamId())->update(['state' => 'approved'] + self::signed($entry)),
            'risk_rules_asked', 'risk_rules_approved' => $this->risks($entry),
            'general_table_asked' => GeneralTableRow::query()->create([
                'id' => $entry->streamId(), 'state' => 'asked', 'asked_by' => $entry->person(), 'asked_at' => $entry->receivedAt(), 'rows' => self::rows($entry), 'although' => (string) $entry->optional('data.although'),
            ] + self::texts($entry, ['code', 'source', 'condition', 'tolerance'])),
            'general_table_approved' => GeneralTableRow::query()->whereKey($entry->streamId())->update(['state' => 'approved'] + self::signed($entry)),
            'general_table_withdrawn' => GeneralTableRow::query()->whereKey($entry->streamId())->update(['state' => 'withdrawn', 'withdrawn_why' => $entry->text('data.why'), 'withdrawn_at' => self::sql($entry->receivedAt())]),
            'permit_asked' => $this->permit($entry),
            'permit_approved' => Permit::query()->whereKey($entry->streamId())->update(['state' => 'approved'] + self::signed($entry)),
            'permit_closed' => Permit::query()->whereKey($entry->streamId())->update(['state' => $entry->text('data.state')]),
            default => null,
        };
    }

    private function family(Entry $entry): void
    {
        DB::table('families')->upsert(['id' => $entry->streamId(), 'description' => $entry->optional('data.description') ?? ''] + self::texts($entry, ['code', 'name']), 'id');
        foreach (['joints', 'variants'] as $table) {
            // In the first entries of this type only names stood here; what they named is told by a later entry.
            $rows = array_filter((array) data_get($entry->body, "data.$table"), is_array(...));
            foreach ($rows as $row) {
                DB::table($table)->upsert(['family' => $entry->streamId()] + $row, 'id');
            }
        }
    }

    private function resting(Entry $entry): void
    {
        foreach ((array) data_get($entry->body, 'data.joints') as $one) {
            Joint::query()->where('family', $entry->streamId())->whereKey((string) data_get($one, 'joint'))->update(['rests_on' => json_encode(data_get($one, 'on'), JSON_THROW_ON_ERROR)]);
        }
    }

    private function carried(Entry $entry): void
    {
        foreach ((array) data_get($entry->body, 'data.joints') as $one) {
            Joint::query()->where('family', $entry->streamId())->whereKey((string) data_get($one, 'joint'))->update(['carried_in' => (string) data_get($one, 'carried_in'), 'holds' => (string) data_get($one, 'holds')]);
        }
    }

    private function source(Entry $entry): void
    {
        $successor = $entry->text('data.superseded_by');
        DB::table('sources')->upsert(
            ['id' => $entry->streamId(), 'superseded_by' => $successor === '' ? null : $successor] + self::texts($entry, ['code', 'kind', 'title', 'edition', 'date', 'kept']),
            'id',
        );
    }

    private function submitted(Entry $entry): void
    {
        $answers = array_column((array) data_get($entry->body, 'data.answers'), 'answer', 'challenge');
        RevisionStatus::query()->create([
            'revision' => $entry->streamId(), 'joint' => $entry->text('data.joint'), 'procedure' => $entry->optional('data.procedure') ?? $entry->text('data.joint'),
            'letter' => $entry->text('data.letter'), 'state' => RevisionState::InReview, 'author' => $entry->person(),
            'submitted_at' => $entry->receivedAt(), 'answers' => json_encode((object) $answers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]);
        $authors = array_unique([$entry->person(), ...$entry->texts('data.authors')]);
        DB::table('revision_authors')->insert(array_map(fn (string $person): array => ['revision' => $entry->streamId(), 'person' => $person], $authors));
    }

    private function approved(Entry $entry): void
    {
        $procedure = RevisionStatus::query()->findOrFail($entry->streamId())->procedure;
        RevisionStatus::query()->where('procedure', $procedure)->where('state', RevisionState::Approved->value)
            ->update(['state' => RevisionState::Superseded->value, 'superseded_at' => self::sql($entry->receivedAt())]);
        $this->revision($entry, [
            'state' => RevisionState::Approved->value, 'plan_hash' => $entry->text('plan_hash'), 'by_table' => (string) $entry->optional('data.by_table'),
        ] + ['approved_by' => $entry->optional('data.table_signed_by') ?? $entry->person()] + self::signed($entry));
    }

    private function risks(Entry $entry): void
    {
        $asked = $entry->type() === 'risk_rules_asked';
        RiskRuleSet::query()->where('state', $asked ? 'asked' : 'approved')->update(['state' => $asked ? 'dropped' : 'replaced']);
        if (! $asked) {
            RiskRuleSet::query()->whereKey($entry->streamId())->update(['state' => 'approved'] + self::signed($entry));

            return;
        }
        $rules = [];
        foreach ((array) data_get($entry->body, 'data.classes') as $one) {
            $rules[(string) data_get($one, 'class')] = ['least' => (string) data_get($one, 'least'), 'watched' => data_get($one, 'watched') === true, 'second_look' => data_get($one, 'second_look') === true];
        }
        RiskRuleSet::query()->create(['id' => $entry->streamId(), 'state' => 'asked', 'rules' => $rules, 'why' => $entry->text('data.why'), 'asked_by' => $entry->person(), 'asked_at' => $entry->receivedAt()]);
    }

    private function permit(Entry $entry): void
    {
        Permit::query()->create([
            'id' => $entry->streamId(), 'state' => 'asked', 'asked_by' => $entry->person(), 'asked_at' => $entry->receivedAt(),
            'procedure' => $entry->optional('data.procedure'), 'subject' => $entry->optional('subject'), 'joint' => $entry->optional('joint'),
            'stage' => $entry->optional('data.stage'), 'quantity' => $entry->number('data.quantity'), 'valid_until' => $entry->optional('data.valid_until'),
        ] + self::texts($entry, ['code', 'departure', 'reason', 'customer_reference', 'serials', 'valid_from']));
    }

    /** @return list<array<string, string>> in one order of their cells, in which ever the entry has them */
    private static function rows(Entry $entry): array
    {
        $cells = ['thread', 'strength', 'material', 'torque'];

        return array_values(array_map(fn (mixed $row): array => array_combine($cells, array_map(fn (string $cell): string => (string) data_get($row, $cell), $cells)), (array) data_get($entry->body, 'data.rows')));
    }

    /** @param  array<string, mixed>  $values */
    private function revision(Entry $entry, array $values): void
    {
        RevisionStatus::query()->whereKey($entry->streamId())->update($values);
    }

    /** @return array<string, string> */
    private static function signed(Entry $entry): array
    {
        return ['approved_by' => $entry->person(), 'signature' => $entry->text('data.signature'), 'approved_at' => self::sql($entry->receivedAt())];
    }

    /**
     * @param  list<string>  $fields
     * @return array<string, string>
     */
    private static function texts(Entry $entry, array $fields): array
    {
        return array_combine($fields, array_map(fn (string $f): string => $entry->text("data.$f"), $fields));
    }

    private static function sql(CarbonImmutable $time): string
    {
        return $time->format('Y-m-d H:i:s.u');
    }
}

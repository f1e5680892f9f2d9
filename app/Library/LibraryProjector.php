<?php

declare(strict_types=1);

namespace App\Library;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Library\Models\Permit;
use App\Library\Models\RevisionStatus;
use App\Library\Models\Standard;
use Carbon\CarbonImmutable;

/** The state of every revision, window standard and deviation permit, as the entries tell it. */
final class LibraryProjector implements Projector
{
    public function tables(): array
    {
        return ['revision_states', 'standards', 'permits'];
    }

    public function types(): array
    {
        return [
            'revision_drafted', 'revision_submitted', 'revision_returned', 'revision_approved', 'revision_withdrawn',
            'standard_asked', 'standard_approved', 'permit_asked', 'permit_approved', 'permit_closed',
        ];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'revision_drafted', 'revision_submitted' => $this->submitted($entry),
            'revision_returned' => $this->revision($entry, ['state' => RevisionState::Returned->value, 'remark' => $entry->text('data.reason')]),
            'revision_approved' => $this->approved($entry),
            'revision_withdrawn' => $this->revision($entry, ['state' => RevisionState::Withdrawn->value, 'remark' => $entry->text('data.reason'), 'superseded_at' => self::sql($entry->receivedAt())]),
            'standard_asked' => Standard::query()->create(['id' => $entry->streamId(), 'state' => 'asked', 'asked_by' => $entry->text('person')] + self::texts($entry, ['code', 'quantity', 'tool', 'risk_class', 'tolerance', 'source'])),
            'standard_approved' => Standard::query()->whereKey($entry->streamId())->update(['state' => 'approved'] + self::signed($entry)),
            'permit_asked' => $this->permit($entry),
            'permit_approved' => Permit::query()->whereKey($entry->streamId())->update(['state' => 'approved'] + self::signed($entry)),
            'permit_closed' => Permit::query()->whereKey($entry->streamId())->update(['state' => $entry->text('data.state')]),
            default => null,
        };
    }

    private function submitted(Entry $entry): void
    {
        $answers = array_column((array) data_get($entry->body, 'data.answers'), 'answer', 'challenge');
        RevisionStatus::query()->create([
            'revision' => $entry->streamId(), 'joint' => $entry->text('data.joint'), 'procedure' => $entry->optional('data.procedure') ?? $entry->text('data.joint'),
            'letter' => $entry->text('data.letter'), 'state' => RevisionState::InReview, 'author' => $entry->text('person'),
            'submitted_at' => $entry->receivedAt(), 'answers' => json_encode((object) $answers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]);
    }

    private function approved(Entry $entry): void
    {
        $procedure = RevisionStatus::query()->findOrFail($entry->streamId())->procedure;
        RevisionStatus::query()->where('procedure', $procedure)->where('state', RevisionState::Approved->value)
            ->update(['state' => RevisionState::Superseded->value, 'superseded_at' => self::sql($entry->receivedAt())]);
        $this->revision($entry, [
            'state' => RevisionState::Approved->value, 'plan_hash' => $entry->text('plan_hash'),
            'at_bench' => data_get($entry->body, 'data.at_bench') !== false,
        ] + self::signed($entry));
    }

    private function permit(Entry $entry): void
    {
        Permit::query()->create([
            'id' => $entry->streamId(), 'state' => 'asked', 'asked_by' => $entry->text('person'), 'asked_at' => $entry->receivedAt(),
            'stage' => $entry->optional('data.stage'), 'quantity' => $entry->number('data.quantity'), 'valid_until' => $entry->optional('data.valid_until'),
        ] + self::texts($entry, ['code', 'procedure', 'departure', 'reason', 'customer_reference', 'serials', 'valid_from']));
    }

    /** @param  array<string, mixed>  $values */
    private function revision(Entry $entry, array $values): void
    {
        RevisionStatus::query()->whereKey($entry->streamId())->update($values);
    }

    /** @return array<string, string> */
    private static function signed(Entry $entry): array
    {
        return ['approved_by' => $entry->text('person'), 'signature' => $entry->text('data.signature'), 'approved_at' => self::sql($entry->receivedAt())];
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

<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\Card;
use App\Ledger\Entry;
use App\Ledger\Projector;

/** Where each job card is, as the entries tell it. */
final class CardsProjector implements Projector
{
    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['job_cards'];
    }

    public function types(): array
    {
        return ['card_printed', 'card_came_back', 'card_scanned', 'card_closed', 'card_compared', 'paper_begun', 'paper_ended'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'card_printed' => $this->printed($entry),
            'card_came_back' => self::set($entry->streamId(), ['state' => CardState::Back, 'worked_by' => $entry->text('data.worked_by'), 'worked_on' => $entry->text('data.worked_on')]),
            'card_scanned' => self::set($entry->streamId(), ['scan' => $entry->text('data.digest'), 'scan_type' => $entry->text('data.type')]),
            'card_closed' => self::set($entry->streamId(), ['state' => CardState::from($entry->text('data.state')), 'reason' => $entry->optional('data.reason')]),
            'card_compared' => $this->compared($entry),
            'paper_begun' => self::set($entry->text('event.card'), ['state' => CardState::Typing, 'run' => $entry->streamId(), 'typed_by' => $entry->person()]),
            'paper_ended' => Card::query()->where('run', $entry->streamId())->where('state', CardState::Typing)->update(['state' => CardState::Typed->value]),
            default => null,
        };
    }

    private function printed(Entry $entry): void
    {
        Card::query()->create([
            'number' => $entry->streamId(), 'assignment' => $entry->text('data.assignment'), 'subject' => $entry->text('subject'), 'joint' => $entry->text('joint'), 'option' => $entry->text('option'),
            'revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash'), 'at_seq' => $entry->number('data.at_seq') ?? 0,
            'state' => CardState::Out, 'printed_by' => $entry->person(), 'printed_at' => $entry->receivedAt(), 'differ' => [],
        ]);
        foreach ($entry->texts('data.supersedes') as $number) {
            self::set($number, ['superseded_by' => $entry->streamId()]);
        }
    }

    /** What differs is typed anew, and compared once more. */
    private function compared(Entry $entry): void
    {
        $differ = $entry->texts('data.differ');
        self::set($entry->streamId(), ['differ' => json_encode($differ, JSON_THROW_ON_ERROR)] + ($differ === [] ? ['state' => CardState::Compared, 'compared_by' => $entry->person(), 'compared_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')] : []));
    }

    /** @param  array<string, mixed>  $values */
    private static function set(string $number, array $values): void
    {
        Card::query()->whereKey($number)->update(array_map(fn (mixed $v): mixed => $v instanceof CardState ? $v->value : $v, $values));
    }
}

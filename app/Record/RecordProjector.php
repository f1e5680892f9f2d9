<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\Record\Models\AsideReading;
use App\Record\Models\Result;
use App\Record\Models\Run;
use Carbon\CarbonImmutable;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\Undone;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Outcome;

/** Builds, runs, results, what was set aside and findings, as the entries tell them: what was decided is taken as it was. */
final class RecordProjector implements Projector
{
    public const UNREADABLE = 'observation_unreadable';

    private const OF_BUILDS = [
        'build_opened', 'build_described', 'build_started', 'build_finished', 'build_reopened', 'build_shipped', 'build_called_off', 'serial_restamped', 'build_picture_kept', 'build_picture_removed',
    ];

    private const OF_FITTINGS = ['subassembly_fitted', 'subassembly_taken_off'];

    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['subjects', 'old_serials', 'build_pictures', 'fittings', 'runs', 'results', 'readings_aside', 'findings'];
    }

    public function types(): array
    {
        return [...self::OF_BUILDS, ...self::OF_FITTINGS, self::UNREADABLE, ...array_keys(EventTypes::all())];
    }

    public function project(array $entries): void
    {
        $rows = new Rows;
        foreach ($entries as $entry) {
            $outcome = $entry->outcome();
            match ($entry->type()) {
                'run_begun' => $rows->add('runs', $this->begun($entry)),
                'run_taken_over', 'run_finished', 'joint_opened', 'reading_dismissed' => $entry->outcome() === null || $entry->optional('outcome.standing') === 'applied' ? $rows->change(fn () => $this->one($entry)) : null,
                default => match (true) {
                    in_array($entry->type(), self::OF_BUILDS, true) => $rows->change(fn () => BuildRows::tell($entry)),
                    in_array($entry->type(), self::OF_FITTINGS, true) => $rows->change(fn () => FittingRows::tell($entry)),
                    default => null,
                },
            };
            if ($outcome !== null) {
                $this->decided($entry, Outcome::fromBody($outcome), $rows);
            }
        }
        $rows->insert();
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'run_taken_over' => Run::query()->whereKey($entry->streamId())->update(['person' => $entry->person(), 'device' => $entry->text('event.device')]),
            'run_finished' => Run::query()->whereKey($entry->streamId())->update(['finished_at' => self::sql($entry->receivedAt())]),
            'joint_opened' => $this->opened($entry),
            'reading_dismissed' => AsideReading::query()->whereKey($entry->text('event.reading'))->update(['disposed_at' => self::sql($entry->receivedAt()), 'disposed_by' => $entry->person()]),
            default => null,
        };
    }

    /** What was done in it holds nothing any more. */
    private function opened(Entry $entry): void
    {
        Run::query()->whereKey($entry->streamId())->update(['opened_at' => self::sql($entry->receivedAt()), 'opened_why' => $entry->text('event.reason')]);
        Result::query()->where('run', $entry->streamId())->where('status', AttemptStatus::Live->value)->update(['status' => AttemptStatus::Reopened->value]);
    }

    private function decided(Entry $entry, Outcome $outcome, Rows $rows): void
    {
        $found = 0;
        foreach ($outcome->effects as $effect) {
            match (true) {
                $effect instanceof Stood => $rows->add('results', ResultRow::of($entry, $effect)),
                $effect instanceof Undone => $rows->change(fn () => Result::query()->where('run', $entry->streamId())->where('step', $effect->step)->where('attempt', $effect->attempt)->update(['status' => $effect->as->value])),
                $effect instanceof Found => $rows->add('findings', $this->finding($entry, $effect, ++$found)),
                default => null,
            };
        }
        if (! $outcome->isApplied()) {
            $rows->add('readings_aside', $this->aside($entry, $outcome));
        }
    }

    /** @return array<string, mixed> */
    private function begun(Entry $entry): array
    {
        return [
            'id' => $entry->streamId(), 'subject' => $entry->text('subject'), 'joint' => $entry->text('joint'), 'option' => $entry->text('option'), 'risk_class' => $entry->text('risk_class'),
            'revision' => $entry->text('data.revision'), 'plan_hash' => $entry->text('plan_hash'), 'assignment' => $entry->text('event.assignment'),
            'person' => $entry->person(), 'device' => $entry->text('event.device'), 'begun_at' => self::sql($entry->receivedAt()),
        ];
    }

    /** @return array<string, mixed> */
    private function aside(Entry $entry, Outcome $outcome): array
    {
        return [
            'entry_id' => $entry->id(), 'type' => $entry->type(), 'standing' => $outcome->standing->value, 'reason' => $outcome->reason?->value,
            'run' => $entry->optional('event.run'), 'subject' => $entry->optional('subject'), 'step' => $entry->optional('event.step') ?? $entry->optional('event.at'),
            'value' => $entry->optional('event.value') ?? $entry->optional('event.angle'), 'told' => $entry->optional('event.told'), 'tool' => $entry->optional('event.tool'),
            'person' => $entry->person(), 'received_at' => self::sql($entry->receivedAt()),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Entry $entry, Found $found, int $n): array
    {
        return [
            'entry_id' => $entry->id(), 'n' => $n, 'kind' => $found->kind->value, 'subject' => $entry->optional('subject'), 'run' => $entry->optional('event.run'),
            'step' => $found->steps[0] ?? $entry->optional('event.step'), 'sentence' => $found->sentence, 'raised_at' => self::sql($entry->receivedAt()),
        ];
    }

    private static function sql(CarbonImmutable $time): string
    {
        return $time->format('Y-m-d H:i:s.u');
    }
}

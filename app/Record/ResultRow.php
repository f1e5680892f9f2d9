<?php

declare(strict_types=1);

namespace App\Record;

use App\Ledger\Entry;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Effect\Stood;

/** What stood at a step, as the row of it that is searched across engines. */
final class ResultRow
{
    /** @return array<string, mixed> */
    public static function of(Entry $entry, Stood $stood): array
    {
        [$stage, $position] = explode(':', $stood->step);
        [$judged, $given] = [$stood->judged, $stood->given];

        return [
            'entry_id' => $entry->id(), 'step' => $stood->step, 'run' => $entry->streamId(), 'subject' => $entry->text('subject'), 'joint' => $entry->text('joint'),
            'stage' => $stage, 'stage_kind' => $stood->kind->value, 'position' => $position, 'attempt' => $stood->attempt,
            'value' => $given->value?->code(), 'setting' => $given->setting?->code(), 'base_value' => $given->value === null ? null : (string) $given->value->quantity()->inBase(),
            'target' => $judged->target?->code(), 'low' => $judged->window?->low?->code(), 'high' => $judged->window?->high?->code(), 'window_of' => $judged->windowOf,
            'risk_class' => $entry->text('risk_class'), 'verdict' => $judged->judgement->verdict->value, 'evidence' => $judged->judgement->evidence->value,
            'status' => AttemptStatus::Live->value, 'source' => $given->source->value, 'tool' => $given->tool, 'calibration' => $given->tool === null ? null : $entry->restsOn('calibration'),
            'person' => $entry->person(), 'device' => $entry->text('event.device'), 'taken_at' => strtr($entry->text('event.taken_at'), ['T' => ' ', 'Z' => '']),
            'received_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
        ];
    }
}

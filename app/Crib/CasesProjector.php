<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\LookBackCase;
use App\Ledger\Entry;
use App\Ledger\Projector;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Look-back cases as their entries tell them: what was judged again, and what becomes of it. */
final class CasesProjector implements Projector
{
    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['look_back_cases', 'look_back_results', 'look_back_decisions'];
    }

    public function types(): array
    {
        return ['case_opened', 'case_judged', 'case_ready', 'case_decided', 'case_closed', 'case_reopened'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        $case = LookBackCase::query()->whereKey($entry->streamId());
        match ($entry->type()) {
            'case_opened' => $this->opened($entry),
            'case_judged' => $this->judged($entry),
            'case_ready' => $case->update(['judged_until' => self::sql($entry->text('data.judged_until')), 'state' => 'open']),
            'case_decided' => DB::table('look_back_decisions')->insert([
                'entry_id' => $entry->id(), 'case' => $entry->streamId(), 'subject' => $entry->text('data.build'), 'decision' => $entry->text('data.decision'), 'fasteners' => json_encode($entry->texts('data.fasteners'), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), 'person' => $entry->person(), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
            ]),
            'case_closed' => $case->update(['state' => 'closed', 'closed_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'), 'closed_by' => $entry->person(), 'answered_by' => $entry->optional('data.answered_by')]),
            'case_reopened' => $case->update(['state' => 'judging', 'cursor' => null, 'cursor_at' => null, 'closed_at' => null, 'closed_by' => null]),
            default => null,
        };
    }

    private function opened(Entry $entry): void
    {
        $since = $entry->optional('data.since');
        LookBackCase::query()->create([
            'id' => $entry->streamId(), 'number' => $entry->number('data.number'), 'cause' => $entry->text('data.cause'), 'tool' => $entry->text('data.tool'), 'standard' => $entry->optional('data.standard'),
            'calibration' => $entry->optional('data.calibration'), 'standard_off' => $entry->optional('data.standard_off'), 'since' => $since === null ? null : self::sql($since), 'until' => self::sql($entry->text('data.until')),
            'since_why' => $entry->text('data.since_why'), 'state' => 'judging', 'opened_at' => $entry->receivedAt(),
        ]);
    }

    private function judged(Entry $entry): void
    {
        $rows = [];
        foreach ((array) data_get($entry->body, 'data.results') as $result) {
            $rows[] = ['case' => $entry->streamId(), 'judged_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')] + (array) $result + ['shown' => null, 'low' => null, 'high' => null, 'true_value' => null, 'doubt' => null, 'loss' => null];
        }
        DB::table('look_back_results')->insert($rows);
        LookBackCase::query()->whereKey($entry->streamId())->update(['cursor' => $entry->text('data.cursor'), 'cursor_at' => $entry->text('data.cursor_at'), 'judged' => DB::raw('judged + '.count($rows))]);
    }

    private static function sql(string $instant): string
    {
        return CarbonImmutable::parse($instant)->utc()->format('Y-m-d H:i:s.u');
    }
}

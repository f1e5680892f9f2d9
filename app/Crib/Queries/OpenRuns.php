<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Ledger\Entry;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use Illuminate\Support\Facades\DB;

/** Runs that are not finished and in which a tool is the one that was taken last for what it measures. */
final class OpenRuns
{
    /** @return list<string> the engines, in words */
    public static function with(string $tool): array
    {
        $subjects = Run::query()->whereNull('finished_at')->whereNull('opened_at')->pluck('subject', 'id')->mapWithKeys(fn (string $subject, string $run): array => [RunHistory::stream($run) => $subject]);
        $held = [];
        foreach ($subjects->keys()->chunk(500) as $streams) {
            $taken = DB::table('ledger_entries')->whereIn('stream', $streams->all())->where('type', 'tool_taken')->where('standing', 'applied')->orderBy('stream')->orderBy('seq')->get(['stream', 'body', 'leaf_hash']);
            foreach ($taken as $row) {
                $entry = Entry::fromBytes($row->body, $row->leaf_hash);
                $held["$row->stream {$entry->text('event.quantity')}"] = [$row->stream, $entry->text('event.tool')];
            }
        }
        $in = array_column(array_filter($held, fn (array $h): bool => $h[1] === $tool), 0);

        return array_values(Subject::query()->whereKey($subjects->only($in)->unique()->all())->orderBy('serial')->get()->map(fn (Subject $s): string => $s->title())->all());
    }
}

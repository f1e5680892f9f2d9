<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Ledger\Entry;
use App\Ledger\ErasableTexts;
use App\People\Models\Person;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunPhase;

/** Who left a run, when, and what the next one has to know of it. */
final class LeftRun
{
    /** @return array{person_name: string|null, at: string, says: string}|null null while somebody is at it */
    public static function of(string $run, RunFold $fold): ?array
    {
        return $fold->state->run()->is === RunPhase::Parked ? self::told([$run])[$run] ?? null : null;
    }

    /**
     * As many questions for many runs as for one.
     *
     * @param  list<string>  $runs  that were left as they stand
     * @return array<string, array{person_name: string|null, at: string, says: string}> by run
     */
    public static function told(array $runs): array
    {
        // The first page asks every time, and mostly nobody has left anything.
        if ($runs === []) {
            return [];
        }
        $left = [];
        $rows = DB::table('ledger_entries')->whereIn('stream', array_map(fn (string $run): string => "run/$run", $runs))->where('type', 'parked')->orderBy('seq')->get(['body', 'leaf_hash']);
        foreach ($rows as $row) {
            $entry = Entry::fromBytes($row->body, $row->leaf_hash);
            // One that was left twice: the newest word counts.
            $left[$entry->streamId()] = $entry;
        }
        $words = DB::table(ErasableTexts::TABLE)->whereIn('entry_id', array_map(fn (Entry $e): string => $e->id(), array_values($left)))->where('field', 'reason')->pluck('text', 'entry_id');
        $people = Person::query()->whereKey(array_map(fn (Entry $e): string => $e->person(), array_values($left)))->get()->keyBy('id');

        return array_map(fn (Entry $entry): array => [
            'person_name' => $people->get($entry->person())?->displayName(), 'at' => $entry->receivedAt()->toIso8601ZuluString('millisecond'),
            // Somebody's own words lie beside the record; without any, the reason stands in it.
            'says' => (string) ($words->get($entry->id()) ?? $entry->optional('event.reason')),
        ], $left);
    }
}

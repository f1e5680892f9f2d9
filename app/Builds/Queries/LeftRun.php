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
        if ($fold->state->run()->is !== RunPhase::Parked) {
            return null;
        }
        $row = DB::table('ledger_entries')->where('stream', "run/$run")->where('type', 'parked')->orderByDesc('seq')->first(['body', 'leaf_hash']);
        if ($row === null) {
            return null;
        }
        $entry = Entry::fromBytes($row->body, $row->leaf_hash);

        return [
            'person_name' => Person::query()->find($entry->person())?->displayName(), 'at' => $entry->receivedAt()->toIso8601ZuluString('millisecond'),
            // Somebody's own words lie beside the record; without any, the reason stands in it.
            'says' => ErasableTexts::of($entry->id(), 'reason') ?? (string) $entry->optional('event.reason'),
        ];
    }
}

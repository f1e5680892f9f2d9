<?php

declare(strict_types=1);

namespace App\Audit;

use App\People\Ability;
use App\Record\Models\Subject;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use stdClass;

/** What a bench saw and no run took: it was pulled all the same, and somebody says what becomes of it. */
final class AsideNeeds implements NeedsMe
{
    public function needs(): array
    {
        if (Gate::denies(Ability::DisposeReadings->value)) {
            return [];
        }
        $aside = DB::table('readings_aside')->join('subjects', 'subjects.id', '=', 'readings_aside.subject')->whereNull('disposed_at')->groupBy('subjects.id', 'serial', 'build_number', 'subassembly')->orderByRaw('MIN(received_at)')
            ->selectRaw('subjects.id, serial, build_number, subassembly, COUNT(*) AS readings')->get();

        return array_values($aside->map(fn (stdClass $of): Need => new Need(
            Urgency::InDoubt, sprintf('%s: %s no step took', Subject::titled($of->serial, (int) $of->build_number, $of->subassembly), (int) $of->readings === 1 ? 'one reading that' : "$of->readings readings that"),
            'They were set aside as they came; what was pulled was pulled all the same.', 'Say what becomes of it', '/audit/'.$of->id,
        ))->all());
    }
}

<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Queries\ProcedureList;
use App\People\Ability;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\Found;
use Illuminate\Support\Facades\Gate;

/** Finds procedures by whatever stands on their sheets, and by a value that they ask for. */
final class LibraryFinder implements Findable
{
    private const MOST = 8;

    public function find(string $text): array
    {
        if (Gate::denies(Ability::ReadLibrary->value)) {
            return [];
        }
        $rows = array_filter((array) json_decode(ProcedureList::json(['find' => $text]), true, flags: JSON_THROW_ON_ERROR)['procedures'], fn (array $row): bool => $row['revision'] !== null || Gate::allows(Ability::DraftProcedures->value));

        return array_map(fn (array $row): Found => new Found(
            'procedure', $row['family'].', '.$row['joint'].', '.$row['option'], $row['line'], $row['revision'] === null ? '/library/drafts/'.$row['id'] : '/library/'.$row['revision'],
        ), array_slice(array_values($rows), 0, self::MOST));
    }
}

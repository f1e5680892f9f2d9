<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/** Erases the words that belong to an entry, and says so in the entry's own stream. The entry itself stays as it is. */
final readonly class EraseText
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @return list<string> the fields whose words are gone */
    public function __invoke(string $entryId, ?string $by): array
    {
        return $this->recorder->transaction(function () use ($entryId, $by): array {
            $stream = DB::table('ledger_entries')->where('entry_id', $entryId)->value('stream') ?? throw Refused::notFound('The record has no such entry.');
            $this->recorder->lock((string) $stream);
            $fields = DB::table(ErasableTexts::TABLE)->where('entry_id', $entryId)->orderBy('field')->lockForUpdate()->pluck('field')->all();
            foreach ($fields as $field) {
                DB::table(ErasableTexts::TABLE)->where('entry_id', $entryId)->where('field', $field)->delete();
                $this->recorder->append(new Draft(Ids::next(), 'text_erased', (string) $stream, $by, data: ['entry' => $entryId, 'field' => (string) $field]));
            }

            return array_values(array_map(strval(...), $fields));
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Ledger\Entry;
use App\Ledger\ErasableTexts;
use Illuminate\Database\Connection;
use stdClass;
use Tekkal\Core\Run\Event\EventTypes;
use Throwable;

/** Words beside the record: each gives the hash that its entry holds, or an entry says that it was erased. */
final class TextCheck implements Check
{
    private const CHUNK = 500;

    /** The key of the hash by the field of the text. */
    private const HASHES = ['reason' => 'event.reason_hash', 'name' => 'data.name_hash', 'sign_in_name' => 'data.sign_in_name_hash', 'badge' => 'data.badge_hash', 'bytes' => 'event.bytes_hash'];

    public function run(Connection $snapshot, Report $report): void
    {
        $erased = $this->erased($snapshot);
        foreach (self::holding() as $type) {
            $snapshot->table('ledger_entries')->where('type', $type)->chunkById(self::CHUNK, function ($rows) use ($snapshot, $report, $erased): void {
                $kept = $snapshot->table(ErasableTexts::TABLE)->whereIn('entry_id', $rows->pluck('entry_id'))->get()->groupBy('entry_id');
                foreach ($rows as $row) {
                    try {
                        $this->entry(Entry::fromBytes($row->body, $row->leaf_hash), $kept->get($row->entry_id)?->keyBy('field')->all() ?? [], $erased, $report);
                    } catch (Throwable) {
                        continue; // named by the reading of the entries
                    }
                }
            });
        }
        $strange = $snapshot->table(ErasableTexts::TABLE.' as t')->leftJoin('ledger_entries as e', fn ($join) => $join->on('e.entry_id', '=', 't.entry_id')->whereIn('e.type', self::holding()))
            ->whereNull('e.id')->distinct()->pluck('t.entry_id');
        foreach ($strange as $id) {
            $report->add("Words are kept for entry $id, which holds no hash of any.");
        }
    }

    /** @return list<string> the types that can hold a hash of words: every event of a run may bring some */
    private static function holding(): array
    {
        return ['person_added', 'person_renamed', 'badge_given', 'customer_added', 'customer_renamed', 'observation_unreadable', ...array_keys(EventTypes::all())];
    }

    /**
     * @param  array<string, stdClass>  $kept  by field
     * @param  array<string, string>  $erased
     */
    private function entry(Entry $entry, array $kept, array $erased, Report $report): void
    {
        foreach (self::HASHES as $field => $path) {
            [$hash, $text, $gone] = [$entry->optional($path), $kept[$field] ?? null, $erased[$entry->id().'/'.$field] ?? null];
            $says = match (true) {
                $hash === null && $text === null => null,
                $hash === null => "Entry {$entry->id()}: a $field is kept for it, and it holds no hash of one.",
                $text === null && $gone === null => "Entry {$entry->id()}: its $field is missing, and no entry says that it was erased.",
                $text !== null && $gone !== null => "Entry {$entry->id()}: its $field was erased, and stands there again.",
                $text !== null && ErasableTexts::hash($text->salt, $text->text) !== $hash => "Entry {$entry->id()}: its $field does not give the hash that the entry holds.",
                default => null,
            };
            if ($says !== null) {
                $report->add($says);
            } elseif ($gone !== null) {
                $report->note("Erased: the $field of entry {$entry->id()}, as an entry of $gone says.");
            }
        }
    }

    /** @return array<string, string> when, by entry and field */
    private function erased(Connection $snapshot): array
    {
        $erased = [];
        foreach ($snapshot->table('ledger_entries')->where('type', 'text_erased')->get(['body', 'leaf_hash', 'received_at']) as $row) {
            try {
                $entry = Entry::fromBytes($row->body, $row->leaf_hash);
                $erased[$entry->text('data.entry').'/'.$entry->text('data.field')] = substr((string) $row->received_at, 0, 10);
            } catch (Throwable) {
                continue; // named by the reading of the entries
            }
        }

        return $erased;
    }
}

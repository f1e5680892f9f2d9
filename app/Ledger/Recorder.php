<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use LogicException;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Ledger\Leaf;
use Tekkal\Core\Run\RunFold;

/**
 * The one way into the ledger. A ledger entry and what it changes commit together or not at all: an action calls
 * transaction(), locks its stream, decides, and appends; projections run inside.
 */
final readonly class Recorder
{
    private const TRIES = 5;

    private const ID_TAKEN = 'ledger_entries_entry_id_unique';

    public function __construct(private Projectors $projectors, private Tries $tries)
    {
    }

    /**
     * One transaction, tried again on deadlock (1213) and lock wait time-out (1205). Where the same id is being recorded
     * at this very moment it runs once more, and then finds what is stored.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function transaction(Closure $work): mixed
    {
        $try = function () use ($work): mixed {
            $this->tries->count++;

            return $work();
        };
        try {
            return DB::transaction($try, self::TRIES);
        } catch (UniqueConstraintViolationException $e) {
            if (DB::transactionLevel() > 0 || ! str_contains($e->getMessage(), self::ID_TAKEN)) {
                throw $e;
            }

            return DB::transaction($try, self::TRIES);
        }
    }

    /**
     * Locks the stream's head, so that what is read of the stream afterwards stays the last word until commit.
     *
     * @return int the number of its next entry
     */
    public function lock(string $stream): int
    {
        return (new Head('ledger_streams', 'stream', 'next_seq'))->hold($stream);
    }

    public function append(Draft $draft): Entry
    {
        return $this->appendAll([$draft])[0];
    }

    /**
     * Several entries in the order given, of one stream or of many, written together.
     *
     * @param  non-empty-list<Draft>  $drafts
     * @param  array<string, int>  $locked  next numbers of streams that the caller has locked in this very transaction and not added to since
     * @return non-empty-list<Entry>
     */
    public function appendAll(array $drafts, array $locked = []): array
    {
        if (DB::transactionLevel() === 0) {
            throw new LogicException('An entry is only ever recorded inside a transaction.');
        }
        foreach ($drafts as $draft) {
            // What nobody has listed could not be verified later: it is caught where it is written first.
            EntryTypes::belongsIn($draft->type, $draft->stream) || throw new LogicException("$draft->type in $draft->stream is not listed among the types of entries.");
        }
        $receivedAt = now();
        $streams = array_values(array_unique(array_map(fn (Draft $d): string => $d->stream, $drafts)));
        $heads = array_intersect_key($locked, array_flip($streams));
        $heads += $this->heads(array_values(array_diff($streams, array_keys($heads))));
        $rows = $entries = [];
        foreach ($drafts as $draft) {
            $seq = $heads[$draft->stream]++;
            $content = $draft->content($receivedAt, RunFold::VERSION) + ['seq' => $seq];
            $body = CanonicalJson::encode($content);
            $hash = Leaf::hash($body);
            $rows[] = $draft->columns() + ['seq' => $seq, 'received_at' => $receivedAt->format('Y-m-d H:i:s.u'), 'body' => $body, 'leaf_hash' => $hash];
            $entries[] = Entry::written($content, $hash);
        }
        DB::table('ledger_entries')->insert($rows);
        DB::table('ledger_pending')->insertUsing(['entry'], DB::table('ledger_entries')->select('id')->whereIn('entry_id', array_column($rows, 'entry_id')));
        DB::table('ledger_streams')->upsert(array_map(fn (string $stream, int $next): array => ['stream' => $stream, 'next_seq' => $next], array_keys($heads), $heads), 'stream', ['next_seq']);
        $this->projectors->project($entries);

        return $entries;
    }

    /**
     * What was stored under this id, if anything.
     *
     * @throws Refused when the id is taken by other bytes
     */
    public function stored(string $id, ?string $sentHash = null): ?Entry
    {
        $row = DB::table('ledger_entries')->where('entry_id', $id)->first(['body', 'leaf_hash']);
        if ($row === null) {
            return null;
        }
        $entry = Entry::fromBytes($row->body, $row->leaf_hash);
        if ($sentHash !== null && $entry->optional('sent_hash') !== $sentHash) {
            throw new Refused(ProblemType::IdTaken, 'This id already stands in the record with other content. Keep what you have and show it to the lead.', 409, ['id' => $id]);
        }

        return $entry;
    }

    /**
     * Locks the streams' heads, which begin at 1.
     *
     * @param  list<string>  $streams
     * @return array<string, int> the next number of each
     */
    private function heads(array $streams): array
    {
        if ($streams === []) {
            return [];
        }
        $locked = fn (): array => DB::table('ledger_streams')->whereIn('stream', $streams)->orderBy('stream')->lockForUpdate()->pluck('next_seq', 'stream')->all();
        $heads = $locked();
        if (count($heads) < count($streams)) {
            DB::table('ledger_streams')->insertOrIgnore(array_map(fn (string $s): array => ['stream' => $s, 'next_seq' => 1], array_values(array_diff($streams, array_keys($heads)))));
            $heads = $locked();
        }

        return $heads;
    }
}

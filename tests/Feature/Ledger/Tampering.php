<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use App\Bench\Observation;
use App\Ledger\Draft;
use App\Ledger\LeafNote;
use App\Ledger\Recorder;
use App\Shared\Database\AppendOnly;
use App\Shared\Ids;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Ledger\Leaf;

/** What somebody who administers the database can do to the record, each as consistently as it can be done. */
trait Tampering
{
    private function tamper(string $how): void
    {
        if (str_contains($how, ' ')) {
            $guards = preg_match('/TRIGGER|GRANT|PROCEDURE|TABLE/', $how) === 1;
            $guards ? $this->owner()->unprepared($how) : $this->unguarded(fn () => $this->owner()->unprepared($how));
        } else {
            $this->unguarded(fn () => $this->{$how}());
        }
    }

    /** Whoever may drop a trigger may make it again. */
    private function unguarded(Closure $work): void
    {
        foreach (config('ledger.append_only') as $table) {
            foreach (AppendOnly::triggers($table) as $name => $made) {
                $this->owner()->unprepared("DROP TRIGGER $name");
            }
        }
        $work();
        $this->guard();
    }

    private function guard(): void
    {
        foreach (config('ledger.append_only') as $table) {
            foreach (AppendOnly::triggers($table) as $name => ['verb' => $verb, 'statement' => $statement]) {
                $this->owner()->unprepared("CREATE OR REPLACE TRIGGER $name BEFORE $verb ON $table FOR EACH ROW $statement");
            }
        }
    }

    /**
     * Changes an entry's content, and everything that follows from it by arithmetic: bytes, hash, leaf, columns.
     *
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change
     * @return object the row as it was
     */
    private function rewrite(string $where, Closure $change): object
    {
        $row = $this->owner()->selectOne("SELECT * FROM ledger_entries WHERE $where ORDER BY id LIMIT 1");
        self::assertNotNull($row, $where);
        $body = $change(CanonicalJson::decode($row->body));
        $bytes = CanonicalJson::encode($body);
        $columns = array_intersect_key($body, array_flip(['format', 'stream', 'seq', 'subject']))
            + array_intersect_key($body['event'], array_flip(['type', 'step', 'person', 'sitting', 'device', 'device_seq'])) + array_intersect_key($body['outcome'] ?? [], ['standing' => 0]);
        $this->owner()->table('ledger_entries')->where('id', $row->id)->update(['body' => $bytes, 'leaf_hash' => Leaf::hash($bytes)] + $columns);
        $this->owner()->table('ledger_leaves')->where('entry', $row->id)->update(['leaf_hash' => Leaf::hash($bytes)]);

        return $row;
    }

    protected function withoutType(): void
    {
        $this->rewrite("type = 'tool_taken'", fn (array $b): array => ['event' => array_diff_key($b['event'], ['type' => 0])] + $b);
    }

    protected function strangeType(): void
    {
        $this->rewrite("type = 'tool_taken'", fn (array $b): array => ['event' => ['type' => 'reading_given'] + $b['event']] + $b);
    }

    protected function strangeFormat(): void
    {
        $this->rewrite("type = 'tool_taken'", fn (array $b): array => ['format' => 'tekkal.entry/9'] + $b);
    }

    protected function strangeStream(): void
    {
        $this->rewrite("type = 'tool_taken'", fn (array $b): array => ['event' => ['type' => 'tool_calibrated'] + $b['event']] + $b);
    }

    protected function badTime(): void
    {
        $this->rewrite("type = 'tool_taken'", fn (array $b): array => ['received_at' => 'yesterday'] + $b);
    }

    protected function wholeStream(): void
    {
        $stream = $this->owner()->table('ledger_entries')->where('type', 'permit_asked')->orderBy('id')->value('stream');
        $this->owner()->table('ledger_leaves')->whereIn('entry', $this->owner()->table('ledger_entries')->where('stream', $stream)->pluck('id'))->delete();
        $this->owner()->table('ledger_entries')->where('stream', $stream)->delete();
        $this->owner()->table('ledger_streams')->where('stream', $stream)->delete();
    }

    /** As if the last twelve had never been: heads, rows and all. One sign-in later the note still knows better. */
    protected function cutOff(): void
    {
        $last = (int) $this->owner()->table('ledger_leaves')->max('leaf_no');
        $ids = $this->owner()->table('ledger_leaves')->where('leaf_no', '>', $last - 12)->pluck('entry');
        foreach ([['ledger_streams', 'stream', 'seq', 'next_seq'], ['ledger_device_heads', 'device', 'device_seq', 'next_device_seq']] as [$heads, $key, $count, $next]) {
            foreach ($this->owner()->table('ledger_entries')->whereIn('id', $ids)->whereNotNull($count)->groupBy($key)->selectRaw("$key AS k, MIN($count) AS least")->get() as $row) {
                $this->owner()->table($heads)->where($key, $row->k)->update([$next => $row->least]);
            }
        }
        $this->owner()->table('ledger_entries')->whereIn('id', $ids)->delete();
        $this->owner()->table('ledger_leaves')->where('leaf_no', '>', $last - 12)->delete();
        $note = LeafNote::read();
        DB::transaction(fn () => app(Recorder::class)->append(new Draft(Ids::next(), 'signed_in', 'person/'.$this->world->person('lead')->id, $this->world->person('lead')->id)));
        $this->sequence();
        self::assertSame($note, LeafNote::read(), 'the note is never lowered');
    }

    protected function invented(): void
    {
        $row = (array) $this->owner()->table('ledger_entries')->where('type', 'signed_in')->orWhere('type', 'notice_acknowledged')->first();
        $this->owner()->table('ledger_entries')->insert(['id' => 777777, 'entry_id' => Ids::next(), 'stream' => 'person/x', 'seq' => 1] + $row);
    }

    protected function leavesSwapped(): void
    {
        $this->exchangeLeaves("e.type = 'reading_taken' AND e.standing = 'applied' ORDER BY l.leaf_no");
    }

    private function exchangeLeaves(string $which): void
    {
        [$a, $b] = $this->owner()->select("SELECT l.* FROM ledger_leaves l JOIN ledger_entries e ON e.id = l.entry WHERE $which LIMIT 2");
        $this->owner()->table('ledger_leaves')->where('leaf_no', $b->leaf_no)->update(['entry' => 666666]);
        $this->owner()->table('ledger_leaves')->where('leaf_no', $a->leaf_no)->update(['entry' => $b->entry, 'leaf_hash' => $b->leaf_hash]);
        $this->owner()->table('ledger_leaves')->where('leaf_no', $b->leaf_no)->update(['entry' => $a->entry, 'leaf_hash' => $a->leaf_hash]);
    }

    protected function strangersSwapped(): void
    {
        $this->exchangeLeaves("e.type IN ('customer_added', 'tool_registered') ORDER BY l.leaf_no");
    }

    protected function seqSwapped(): void
    {
        $this->exchange('seq');
    }

    protected function deviceSeqSwapped(): void
    {
        $this->exchange('device_seq');
    }

    private function exchange(string $count): void
    {
        [$a, $b] = $this->owner()->select("SELECT id, $count AS n FROM ledger_entries WHERE type = 'reading_taken' AND standing = 'applied' ORDER BY id LIMIT 2");
        $to = fn (int $n): Closure => fn (array $body): array => $count === 'seq' ? [$count => $n] + $body : ['event' => [$count => $n] + $body['event']] + $body;
        $this->rewrite("id = $a->id", $to(1000));
        $this->rewrite("id = $b->id", $to((int) $a->n));
        $this->rewrite("id = $a->id", $to((int) $b->n));
    }

    protected function documentWithHash(): void
    {
        $this->owner()->update("UPDATE revisions SET document = REPLACE(document, '\"32 N', '\"38 N') WHERE id = ?", [$this->world->revision->id]);
        $this->owner()->update('UPDATE revisions SET document_hash = SHA2(document, 256) WHERE id = ?', [$this->world->revision->id]);
    }

    protected function planWithHash(): void
    {
        $this->owner()->update("UPDATE plans SET plan = REPLACE(plan, '32', '38')");
        $this->owner()->update('UPDATE plans SET hash = SHA2(plan, 256)');
    }

    protected function calibrationRedated(): void
    {
        $row = $this->rewrite("type = 'tool_calibrated' AND stream = 'tool/{$this->world->tools['TW-04']}'", fn (array $b): array => ['data' => ['due_on' => '2027-09-01'] + $b['data']] + $b);
        $leaf = $this->owner()->table('ledger_entries')->where('id', $row->id)->value('leaf_hash');
        $this->owner()->table('calibrations')->where('entry_id', $row->entry_id)->update(['due_on' => '2027-09-01', 'leaf_hash' => $leaf]);
    }

    protected function toolChanged(): void
    {
        $this->rewrite("type = 'tool_registered' AND stream = 'tool/{$this->world->tools['TW-04']}'", fn (array $b): array => ['data' => ['resolution' => '0.01'] + $b['data']] + $b);
        $this->owner()->table('tools')->where('id', $this->world->tools['TW-04'])->update(['resolution' => '0.01']);
    }

    protected function otherPerson(): void
    {
        $other = $this->world->person('1044')->id;
        $row = $this->rewrite("type = 'reading_taken' AND standing = 'applied'", fn (array $b): array => ['event' => ['person' => $other] + $b['event']] + $b);
        $this->owner()->table('results')->where('entry_id', $row->entry_id)->update(['person' => $other]);
    }

    protected function strangePerson(): void
    {
        $this->rewrite("type = 'revision_returned'", fn (array $b): array => ['event' => ['person' => '019ec000-0000-7000-8000-0000000000dd'] + $b['event']] + $b);
    }

    protected function otherSubject(): void
    {
        $other = Ids::next();
        $row = $this->rewrite("type = 'reading_taken' AND standing = 'applied'", fn (array $b): array => ['subject' => $other] + $b);
        $this->owner()->table('results')->where('entry_id', $row->entry_id)->update(['subject' => $other]);
    }

    protected function otherRetired(): void
    {
        $this->rewrite("type = 'backed_off'", function (array $b): array {
            $b['outcome']['effects'] = array_map(fn (array $e): array => $e['do'] === 'undone' ? ['attempt' => 7] + $e : $e, $b['outcome']['effects']);

            return $b;
        });
    }

    protected function erasedAgain(): void
    {
        $entry = json_decode((string) $this->owner()->table('ledger_entries')->where('type', 'text_erased')->value('body'), true)['data']['entry'];
        $this->owner()->table('erasable_texts')->insert(['entry_id' => $entry, 'field' => 'reason', 'salt' => str_repeat('a', 32), 'text' => 'as it was']);
    }

    protected function nameEverywhere(): void
    {
        $this->owner()->update("UPDATE people SET name = 'Somebody Else' WHERE badge = '1041'");
        $this->owner()->update("UPDATE erasable_texts SET text = 'Somebody Else' WHERE text = 'Rafe Ondling'");
    }

    protected function otherPaper(): void
    {
        Storage::disk('local')->put('sources/'.$this->owner()->table('sources')->whereNotNull('file_hash')->value('file_hash'), 'another');
    }

    protected function noPaper(): void
    {
        Storage::disk('local')->delete('sources/'.$this->owner()->table('sources')->whereNotNull('file_hash')->value('file_hash'));
    }

    protected function otherScan(): void
    {
        Storage::disk('local')->put('scans/'.$this->owner()->table('job_cards')->whereNotNull('scan')->value('scan'), 'another');
    }

    protected function noScan(): void
    {
        Storage::disk('local')->delete('scans/'.$this->owner()->table('job_cards')->whereNotNull('scan')->value('scan'));
    }

    protected function otherPicture(): void
    {
        Storage::disk('local')->put(Storage::disk('local')->files('pictures')[0], 'another');
    }

    protected function noPicture(): void
    {
        Storage::disk('local')->delete(Storage::disk('local')->files('pictures'));
    }

    protected function noteDamaged(): void
    {
        file_put_contents(storage_path('last-leaf'), 'x');
    }

    protected function readingEverywhere(): void
    {
        $this->rewrite("step = 'snug:c3b:1' AND standing = 'applied'", self::pulledOtherwise(...));
        // Whoever has the entries has every row: Tekkal itself fills the tables from them.
        $this->rebuild();
    }

    protected function sentOtherwise(): void
    {
        $this->rewrite("step = 'snug:c3b:1' AND standing = 'applied'", fn (array $b): array => ['event' => ['raw' => '99'] + $b['event']] + $b);
    }

    /**
     * As whoever holds the database can change it: value, verdict's value, and the hash of what was sent.
     *
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    private static function pulledOtherwise(array $body): array
    {
        $body['event']['value'] = '32.1 N.m';
        $body['outcome']['effects'] = array_map(fn (array $e): array => $e['do'] === 'stood' ? ['value' => '32.1 N.m', 'judged' => '32.1 N.m'] + $e : $e, $body['outcome']['effects']);
        $body['sent_hash'] = Observation::sentHash($body['event']);

        return $body;
    }

    protected function redated(): void
    {
        $row = $this->rewrite("type = 'builds_rejudged'", fn (array $b): array => ['received_at' => '2026-01-02T03:04:05.000000Z'] + $b);
        $this->owner()->table('ledger_entries')->where('id', $row->id)->update(['received_at' => '2026-01-02 03:04:05.000000']);
    }
}

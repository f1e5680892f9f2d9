<?php

declare(strict_types=1);

namespace App\Library\Verification;

use App\Ledger\Entry;
use App\Ledger\Verification\EntryRule;
use App\Ledger\Verification\Report;
use App\Library\Papers;
use Carbon\CarbonImmutable;
use Illuminate\Database\Connection;

/** The documents, plans, papers, scans and pictures that entries name by their hashes are there, and are those. */
final class DocumentRule implements EntryRule
{
    /** A revision handed in before its time was taken from its entry was dated a moment earlier. */
    private const MOMENT_S = 5;

    /** @var array<string, bool> */
    private array $documents = [];

    /** @var array<string, bool> */
    private array $plans = [];

    public function page(Connection $snapshot, array $entries, Report $report): void
    {
        $this->look($snapshot, 'revisions', 'document_hash', $this->documents, array_map(fn (Entry $e): ?string => $e->optional('revision_hash'), $entries));
        $this->look($snapshot, 'plans', 'hash', $this->plans, array_map(fn (Entry $e): ?string => $e->optional('plan_hash'), $entries));
        foreach ($entries as $entry) {
            [$document, $plan] = [$entry->optional('revision_hash'), $entry->optional('plan_hash')];
            if ($document !== null && ! $this->documents[$document]) {
                $report->add(sprintf('Entries of %s rest on the document %s…, and no revision holds it.', $entry->optional('stream'), substr($document, 0, 16)));
            }
            if ($plan !== null && ! $this->plans[$plan]) {
                $report->add(sprintf('Entries of %s rest on the plan %s…, which is not there.', $entry->optional('stream'), substr($plan, 0, 16)));
            }
            match ($entry->optional('event.type')) {
                'revision_submitted', 'revision_drafted' => $this->revision($snapshot, $entry, $report),
                'source_paper_kept' => $this->paper($entry, $report),
                'card_scanned' => $this->file($entry, Papers::scan(...), "The scan %s… of card {$entry->streamId()} %s.", $report),
                'picture_kept' => $this->file($entry, Papers::picture(...), 'The picture %s… %s.', $report),
                default => null,
            };
        }
    }

    /**
     * Each hash is looked up once.
     *
     * @param  array<string, bool>  $known
     * @param  list<string|null>  $hashes
     */
    private function look(Connection $snapshot, string $table, string $column, array &$known, array $hashes): void
    {
        $new = array_values(array_unique(array_filter($hashes, fn (?string $h): bool => $h !== null && ! isset($known[$h]))));
        $there = $snapshot->table($table)->whereIn($column, $new)->pluck($column)->flip();
        foreach ($new as $hash) {
            $known[$hash] = $there->has($hash);
        }
    }

    private function revision(Connection $snapshot, Entry $entry, Report $report): void
    {
        $id = $entry->streamId();
        $row = $snapshot->table('revisions')->where('id', $id)->first(['joint', 'letter', 'document_hash', 'author', 'drafted_at']);
        if ($row === null) {
            $report->add("Revision $id was handed in, and is not there.");

            return;
        }
        foreach (['document_hash' => 'revision_hash', 'joint' => 'data.joint', 'letter' => 'data.letter', 'author' => 'event.person'] as $column => $path) {
            if ($row->{$column} !== $entry->optional($path)) {
                $report->add("Revision $id: its $column is not what was recorded when it was handed in.");
            }
        }
        if (CarbonImmutable::parse((string) $row->drafted_at)->diffInSeconds($entry->receivedAt(), true) > self::MOMENT_S) {
            $report->add("Revision $id: its date is not that on which it was handed in.");
        }
    }

    private function paper(Entry $entry, Report $report): void
    {
        $this->file($entry, Papers::source(...), "The paper %s… of source {$entry->streamId()} %s.", $report);
    }

    /**
     * @param  callable(string): (string|null)  $read
     * @param  string  $says  of its hash and of what is wrong with it
     */
    private function file(Entry $entry, callable $read, string $says, Report $report): void
    {
        $digest = $entry->optional('data.digest') ?? '';
        $bytes = preg_match('/^[0-9a-f]{64}$/D', $digest) === 1 ? $read($digest) : null;
        if ($bytes === null || hash('sha256', $bytes) !== $digest) {
            $report->add(sprintf($says, substr($digest, 0, 16), $bytes === null ? 'is missing' : 'is not what was kept'));
        }
    }
}

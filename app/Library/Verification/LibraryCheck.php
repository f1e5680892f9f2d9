<?php

declare(strict_types=1);

namespace App\Library\Verification;

use App\Ledger\Verification\Check;
use App\Ledger\Verification\Report;
use App\Library\Models\Procedure;
use App\Library\ProcedureSummaries;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Document\Revision;
use Throwable;

/** Documents and plans give their hashes and are named by an entry; what lists and searches read is what they say. */
final readonly class LibraryCheck implements Check
{
    private const CHUNK = 200;

    public function __construct(private ProcedureSummaries $faces)
    {
    }

    public function run(Connection $snapshot, Report $report): void
    {
        foreach ($snapshot->select('SELECT id FROM revisions WHERE BINARY SHA2(document, 256) <> BINARY document_hash') as $row) {
            $report->add("Revision $row->id: its document does not give the hash that stands beside it.");
        }
        foreach ($snapshot->select("SELECT r.id FROM revisions r LEFT JOIN ledger_entries e ON e.stream = CONCAT('revision/', r.id) AND e.type IN ('revision_submitted', 'revision_drafted') WHERE e.id IS NULL") as $row) {
            $report->add("Revision $row->id is there, and nobody handed it in.");
        }
        foreach ($snapshot->table('revisions')->where('format', '<>', Revision::FORMAT)->pluck('id') as $id) {
            $report->add("Revision $id: its format is not one that this version reads.");
        }
        foreach ($snapshot->select('SELECT hash FROM plans WHERE BINARY SHA2(plan, 256) <> BINARY hash') as $row) {
            $report->add("Plan $row->hash is not what its hash says.");
        }
        foreach ($snapshot->select('SELECT p.hash FROM plans p LEFT JOIN revision_states s ON s.plan_hash = p.hash WHERE s.revision IS NULL') as $row) {
            $report->add("Plan $row->hash is there, and no approved revision was expanded to it.");
        }
        $this->summaries($snapshot, $report);
    }

    /** Made again from what stands in the snapshot, which becomes the default connection meanwhile. */
    private function summaries(Connection $snapshot, Report $report): void
    {
        $usual = DB::getDefaultConnection();
        DB::setDefaultConnection((string) $snapshot->getName());
        try {
            Procedure::query()->chunkById(self::CHUNK, fn ($procedures) => $procedures->each(fn (Procedure $p) => $this->summary($snapshot, $p, $report)));
        } finally {
            DB::setDefaultConnection($usual);
        }
        foreach ($snapshot->select('SELECT f.procedure FROM procedure_faces f LEFT JOIN procedures p ON p.id = f.procedure WHERE p.id IS NULL') as $row) {
            $report->add("A summary stands for the procedure $row->procedure, which is not there.");
        }
        foreach ($snapshot->select('SELECT DISTINCT t.procedure FROM target_index t LEFT JOIN procedures p ON p.id = t.procedure WHERE p.id IS NULL') as $row) {
            $report->add("Targets are indexed for the procedure $row->procedure, which is not there.");
        }
    }

    private function summary(Connection $snapshot, Procedure $procedure, Report $report): void
    {
        try {
            ['face' => $face, 'targets' => $targets] = $this->faces->of($procedure);
        } catch (Throwable $e) {
            $report->add(sprintf('The summary of procedure %s cannot be made: %s', $procedure->id, mb_strimwidth($e->getMessage(), 0, 200, '…')));

            return;
        }
        $there = (array) $snapshot->table('procedure_faces')->where('procedure', $procedure->id)->first();
        foreach ($face as $column => $value) {
            if ($there === [] && $face['state'] === 'empty') {
                break; // one that nothing was ever written for has none
            }
            if ((is_bool($value) ? (int) $value : $value) !== ($there[$column] ?? null)) {
                $report->add("The summary of procedure $procedure->id: $column is not what its documents say.");
            }
        }
        $key = fn (array $t): string => implode('|', [$t['quantity'], number_format((float) $t['base_value'], 9, '.', ''), $t['text']]);
        $indexed = $snapshot->table('target_index')->where('procedure', $procedure->id)->get()->map(fn (object $t): string => $key((array) $t))->sort()->values()->all();
        $wanted = array_map($key, $targets);
        sort($wanted);
        if ($indexed !== $wanted) {
            $report->add("The targets indexed for procedure $procedure->id are not those of its documents.");
        }
    }
}

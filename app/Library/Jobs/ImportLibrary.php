<?php

declare(strict_types=1);

namespace App\Library\Jobs;

use App\Ledger\Draft;
use App\Ledger\Lease;
use App\Ledger\LostLease;
use App\Ledger\Recorder;
use App\Library\Actions\WriteImport;
use App\Library\ImportPlan;
use App\Library\Models\Import;
use App\Library\Papers;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * An import on its way, beside the requests. How far it has come is kept in the transaction that brought it there, so that
 * one whose worker died goes on from there when its turn comes again.
 */
final class ImportLibrary implements ShouldQueue
{
    use Queueable;

    private const AGAIN_AFTER_S = 30;

    public int $timeout = 1800;

    /** A worker that dies is no mistake of the import's: what throws is tried no second time. */
    public int $tries = 100;

    public int $maxExceptions = 1;

    public function __construct(private readonly string $import, private readonly ?string $only)
    {
    }

    public function handle(WriteImport $write, Recorder $recorder): void
    {
        $lease = Lease::take('import/'.$this->import);
        if ($lease === null) {
            $this->release(self::AGAIN_AFTER_S);

            return;
        }
        try {
            $import = Import::query()->findOrFail($this->import);
            if ($import->state === 'queued') {
                $this->bringIn($import, $lease, $write, $recorder);
            }
        } catch (LostLease) {
            // Another worker goes on with it.
        } finally {
            $lease->end();
        }
    }

    private function bringIn(Import $import, Lease $lease, WriteImport $write, Recorder $recorder): void
    {
        $by = Person::query()->findOrFail($import->person);
        $write(ImportPlan::of(Papers::import($import->file_hash)), $this->only, $by, function (int $done, int $fresh) use ($import, $lease): void {
            $lease->renew() || throw new LostLease;
            Import::query()->whereKey($import->id)->update(['done' => $done]);
            Import::query()->whereKey($import->id)->increment('written', $fresh);
        }, $import->done);
        $recorder->transaction(function () use ($import, $by, $recorder): void {
            if (Import::query()->whereKey($import->id)->where('state', 'queued')->update(['state' => 'done']) === 1) {
                $written = $import->refresh()->written;
                $recorder->append(new Draft(Ids::next(), 'library_imported', 'import/'.$import->file_hash, $by->id, data: ['digest' => $import->file_hash, 'written' => $written, 'of' => $import->total]));
            }
        });
    }

    public function failed(?Throwable $why): void
    {
        $import = Import::query()->findOrFail($this->import);
        $report = (array) json_decode($import->report, true);
        $import->update(['state' => 'failed', 'report' => json_encode(['why' => $why instanceof Refused ? $why->getMessage() : 'It stopped unexpectedly; the log has the cause.'] + $report, JSON_THROW_ON_ERROR)]);
    }
}

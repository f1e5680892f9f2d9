<?php

declare(strict_types=1);

namespace App\Library\Jobs;

use App\Library\Actions\WriteImport;
use App\Library\ImportPlan;
use App\Library\Models\Import;
use App\People\Models\Person;
use App\Shared\Refused;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** An import on its way, beside the requests; how far it has come stands in the cache, outside its transaction. */
final class ImportLibrary implements ShouldQueue
{
    use Queueable;

    public int $timeout = 1800;

    public int $tries = 1;

    public function __construct(private readonly string $import, private readonly ?string $only)
    {
    }

    public static function done(string $import): int
    {
        return (int) Cache::get("import.$import", 0);
    }

    public function handle(WriteImport $write): void
    {
        $import = Import::query()->findOrFail($this->import);
        $plan = ImportPlan::of((string) Storage::disk('local')->get('imports/'.$import->file_hash));
        $write($plan, $this->only, $import->file_hash, Person::query()->findOrFail($import->person), function (int $done): void {
            if ($done % 20 === 0) {
                Cache::put("import.$this->import", $done, 3600);
            }
        });
        $import->update(['state' => 'done']);
        Cache::put("import.$this->import", $import->total, 3600);
    }

    public function failed(?Throwable $why): void
    {
        $import = Import::query()->findOrFail($this->import);
        $report = (array) json_decode($import->report, true);
        $import->update(['state' => 'failed', 'report' => json_encode(['why' => $why instanceof Refused ? $why->getMessage() : 'It stopped unexpectedly; the log has the cause.'] + $report, JSON_THROW_ON_ERROR)]);
    }
}

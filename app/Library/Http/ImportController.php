<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\ImportPlan;
use App\Library\Jobs\ImportLibrary;
use App\Library\Models\Import;
use App\Shared\Http\FileName;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;

/** Procedures from a file: first looked at, then written, all or nothing. */
final class ImportController
{
    public function look(Request $request): JsonResponse
    {
        $given = $request->validate(['file' => 'required|file|max:20480', 'only' => 'nullable|string|max:80'], ['file.required' => 'Choose a file.', 'file.max' => 'A file has at most 20 MB. Split the library by family.']);
        $bytes = (string) $request->file('file')?->get();
        $plan = ImportPlan::of($bytes);
        $hash = hash('sha256', $bytes);
        Storage::disk('local')->put("imports/$hash", $bytes);
        $rows = $plan->rows($given['only'] ?? null);
        $import = Import::query()->create([
            'id' => Ids::next(), 'person' => $request->user()->id, 'name' => FileName::of($request->file('file')), 'file_hash' => $hash, 'state' => 'looked', 'total' => count($rows), 'looked_at' => now(),
            'report' => json_encode(['only' => $given['only'] ?? null, 'rows' => $rows, 'families' => array_column($plan->library->families, 'name'), 'sources' => count($plan->library->sources), 'standards' => count($plan->library->standards)], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]);

        return new JsonResponse(self::shown($import), 201);
    }

    public function show(string $import): JsonResponse
    {
        return new JsonResponse(self::shown(self::find($import)));
    }

    public function write(string $import): JsonResponse
    {
        $found = self::find($import);
        // One of several at once changes the row; the others find it changed.
        if (Import::query()->whereKey($found->id)->where('state', 'looked')->update(['state' => 'queued']) === 0) {
            throw Refused::field('import', sprintf('This file is %s already. Look at it again to bring it in again.', $found->refresh()->state));
        }
        ImportLibrary::dispatch($found->id, ((array) json_decode($found->report, true))['only'] ?? null);

        return new JsonResponse(self::shown($found->refresh()), 202);
    }

    private static function find(string $import): Import
    {
        return Import::query()->find($import) ?? throw Refused::notFound('There is no such import.');
    }

    /** @return array<string, mixed> */
    private static function shown(Import $import): array
    {
        $report = (array) json_decode($import->report, true);

        return [
            'id' => $import->id, 'name' => $import->name, 'state' => $import->state, 'total' => $import->total, 'done' => ImportLibrary::done($import->id),
            'rows' => $report['rows'], 'families' => $report['families'], 'sources' => $report['sources'], 'standards' => $report['standards'], 'only' => $report['only'], 'why' => $report['why'] ?? null,
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\LookAtImportRequest;
use App\Library\Http\Resources\ImportResource;
use App\Library\ImportPlan;
use App\Library\Jobs\ImportLibrary;
use App\Library\Models\Import;
use App\Library\Papers;
use App\Shared\Http\FileName;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;

final class ImportController
{
    public function look(LookAtImportRequest $request): JsonResponse
    {
        $bytes = (string) $request->upload()->get();
        $plan = ImportPlan::of($bytes);
        $hash = Papers::keepImport($bytes);
        $only = $request->optionalText('only');
        $rows = $plan->rows($only);
        $import = Import::query()->create([
            'id' => Ids::next(), 'person' => $request->person()->id, 'name' => FileName::of($request->upload()), 'file_hash' => $hash, 'state' => 'looked', 'total' => count($rows), 'done' => 0, 'written' => 0, 'looked_at' => now(),
            'report' => json_encode(['only' => $only, 'rows' => $rows, 'families' => array_column($plan->library->families, 'name'), 'sources' => count($plan->library->sources), 'standards' => count($plan->library->standards)], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ]);

        return new JsonResponse(new ImportResource($import), 201);
    }

    public function show(Import $import): JsonResponse
    {
        return new JsonResponse(new ImportResource($import));
    }

    public function write(Import $import): JsonResponse
    {
        // One of several at once changes the row; the others find it changed.
        if (Import::query()->whereKey($import->id)->where('state', 'looked')->update(['state' => 'queued']) === 0) {
            throw Refused::field('import', sprintf('This file is %s already. Look at it again to bring it in again.', $import->refresh()->state));
        }
        ImportLibrary::dispatch($import->id, ((array) json_decode($import->report, true))['only'] ?? null);

        return new JsonResponse(new ImportResource($import->refresh()), 202);
    }
}

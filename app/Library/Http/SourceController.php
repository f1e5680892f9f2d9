<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\KeepSource;
use App\Library\Http\Requests\KeepSourceRequest;
use App\Library\Http\Resources\SourceResource;
use App\Library\Http\Resources\StandardResource;
use App\Library\Models\Source;
use App\Library\Models\Standard;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

final class SourceController
{
    public function index(PersonRequest $request): JsonResponse
    {
        $sources = Source::query()->get()->sortBy('code')->values();
        $cited = self::cited(array_values($sources->pluck('code')->map(strval(...))->all()));

        return new JsonResponse([
            'sources' => $sources->map(fn (Source $s): SourceResource => new SourceResource($s, $cited[$s->code] ?? 0)),
            'standards' => Standard::query()->with('asker')->get()->sortBy('code')->values()->map(fn (Standard $s): StandardResource => new StandardResource($s, $request->person())),
        ]);
    }

    public function store(KeepSourceRequest $request, KeepSource $keep): JsonResponse
    {
        return new JsonResponse(['id' => $keep($request->fields(), $request->person())->id], 201);
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, int> how many procedures cite each
     */
    private static function cited(array $codes): array
    {
        $cited = array_fill_keys($codes, 0);
        foreach (DB::table('procedure_faces')->pluck('words') as $words) {
            foreach ($codes as $code) {
                $cited[$code] += str_contains($words, mb_strtolower($code)) ? 1 : 0;
            }
        }

        return $cited;
    }
}

<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Http\Requests\StopReachRequest;
use App\Bench\Http\Requests\StopWorkRequest;
use App\Bench\Queries\StopSheet;
use App\People\Http\BenchSession;
use App\People\Http\PersonRequest;
use App\Record\Actions\StopWork;
use App\Record\Models\Stop;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Tekkal\Core\Document\Csv;

/** What is stopped for everybody: looked at before, said, and known at a bench. */
final class StopController
{
    private const COLUMNS = ['engine', 'family', 'customer', 'state', 'since', 'joints'];

    public function __construct(private readonly StopSheet $sheet)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['stops' => Stop::query()->orderByDesc('number')->get()->map(StopSheet::told(...))]);
    }

    public function reach(StopReachRequest $request): JsonResponse
    {
        return new JsonResponse($this->sheet->before($request->what(), $request->text('key')));
    }

    public function store(StopWorkRequest $request, StopWork $stop): JsonResponse
    {
        $id = $stop($request->what(), $request->text('key'), $request->text('reason'), $request->person(), DeskCommand::from($request));

        return new JsonResponse(['number' => Stop::query()->findOrFail($id)->number], 201);
    }

    public function show(Stop $stop): JsonResponse
    {
        return new JsonResponse($this->sheet->of($stop));
    }

    /** Every engine, for letters and for whoever looks them up. */
    public function engines(Stop $stop): Response
    {
        $rows = array_map(fn (array $e): array => [$e['title'], $e['family'], (string) $e['customer'], $e['state'], (string) $e['at'], $e['joints']], $this->sheet->engines($stop->what, $stop->key));

        return new Response(Csv::table(self::COLUMNS, $rows), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"stop-$stop->number.csv\""]);
    }

    /** "We know", at a bench. */
    public function seen(Stop $stop, PersonRequest $request, StopWork $stopped): JsonResponse
    {
        $stopped->seen($stop->id, BenchSession::requireDevice($request)->id, $request->person());

        return new JsonResponse(null, 204);
    }
}

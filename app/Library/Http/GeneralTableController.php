<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\SetGeneralTable;
use App\Library\Http\Requests\AskGeneralTableRequest;
use App\Library\Http\Requests\SignRequest;
use App\Library\Http\Requests\WithdrawTableRequest;
use App\Library\Http\Resources\GeneralTableResource;
use App\Library\Models\GeneralTableRow;
use App\People\Actions\ReenterPassword;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;

final class GeneralTableController
{
    public function index(PersonRequest $request): JsonResponse
    {
        $tables = GeneralTableRow::query()->with(['asker', 'paper'])->get()->sortBy('code')->values();

        return new JsonResponse(['tables' => $tables->map(fn (GeneralTableRow $t): GeneralTableResource => new GeneralTableResource($t, $request->person()))]);
    }

    public function store(AskGeneralTableRequest $request, SetGeneralTable $set): JsonResponse
    {
        return new JsonResponse(['id' => $set->ask($request->fields(), $request->person())], 201);
    }

    public function approve(GeneralTableRow $table, SignRequest $request, SetGeneralTable $set, ReenterPassword $password): JsonResponse
    {
        $set->approve($table->id, $request->person(), $password($request->person(), $request->text('password')));

        return new JsonResponse(null, 204);
    }

    public function withdraw(GeneralTableRow $table, WithdrawTableRequest $request, SetGeneralTable $set): JsonResponse
    {
        $set->withdraw($table->id, $request->text('why'), $request->person());

        return new JsonResponse(null, 204);
    }
}

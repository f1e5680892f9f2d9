<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\AddFamily;
use App\Library\Actions\SetResting;
use App\Library\Actions\SetSerialRules;
use App\Library\Actions\SetSubassemblies;
use App\Library\Http\Requests\AddFamilyRequest;
use App\Library\Http\Requests\RestingRequest;
use App\Library\Http\Requests\SerialRulesRequest;
use App\Library\Http\Requests\SubassembliesRequest;
use App\Library\Http\Resources\FamilyResource;
use App\Library\Models\Family;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class FamilyController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['families' => FamilyResource::collection(Family::query()->with(['joints.procedures', 'variants'])->get()->sortBy('code')->values())]);
    }

    public function store(AddFamilyRequest $request, AddFamily $add): JsonResponse
    {
        return new JsonResponse(['id' => $add($request->text('code'), $request->text('name'), $request->text('description'), $request->joints(), $request->variants(), $request->person())->id], 201);
    }

    public function serialRules(Family $family, SerialRulesRequest $request, SetSerialRules $set): Response
    {
        $set($family, $request->text('serial_rules'), $request->person());

        return response()->noContent();
    }

    public function subassemblies(Family $family, SubassembliesRequest $request, SetSubassemblies $set): Response
    {
        $set($family, $request->carried(), $request->holding(), $request->person());

        return response()->noContent();
    }

    public function resting(Family $family, RestingRequest $request, SetResting $set): Response
    {
        $set($family, $request->resting(), $request->person());

        return response()->noContent();
    }
}

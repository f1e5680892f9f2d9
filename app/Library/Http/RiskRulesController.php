<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\SetRiskRules;
use App\Library\Http\Requests\AskRiskRulesRequest;
use App\Library\Http\Requests\SignRequest;
use App\Library\Http\Resources\RiskRulesResource;
use App\Library\Models\RiskRuleSet;
use App\Library\Queries\RiskRulesInForce;
use App\People\Actions\ReenterPassword;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Document\RiskRules;

final class RiskRulesController
{
    /** What is in force, what is asked for, and which procedures allow less than either. */
    public function show(PersonRequest $request): JsonResponse
    {
        $asked = RiskRuleSet::query()->with('asker')->where('state', 'asked')->first();
        $set = RiskRulesInForce::set()?->load('asker');

        return new JsonResponse([
            'rules' => RiskRulesResource::classes($set?->read() ?? RiskRules::asTheyCome()),
            'set' => $set === null ? null : new RiskRulesResource($set, $request->person()),
            'asked' => $asked === null ? null : new RiskRulesResource($asked, $request->person()),
            'fall_short' => $set === null ? [] : RiskRulesInForce::fallShort($set->read(), $set->id),
            'would_fall_short' => $asked === null ? [] : RiskRulesInForce::fallShort($asked->read(), $asked->id),
        ]);
    }

    public function store(AskRiskRulesRequest $request, SetRiskRules $set): JsonResponse
    {
        return new JsonResponse(['id' => $set->ask($request->classes(), $request->text('why'), $request->person())], 201);
    }

    public function approve(RiskRuleSet $rules, SignRequest $request, SetRiskRules $set, ReenterPassword $password): JsonResponse
    {
        $set->approve($rules->id, $request->person(), $password($request->person(), $request->text('password')));

        return new JsonResponse(null, 204);
    }
}

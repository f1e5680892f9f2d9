<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\GrantPermit;
use App\Library\Models\Permit;
use App\Library\Queries\Permits;
use App\People\Actions\ReenterPassword;
use App\Shared\Http\DeskCommand;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Deviation permits. */
final class PermitController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['permits' => Permits::all()]);
    }

    public function ask(Request $request, GrantPermit $grant): JsonResponse
    {
        $g = $request->validate([
            'procedure' => 'required|string|max:36', 'stage' => 'nullable|string|max:32', 'departure' => 'required|string|max:400', 'reason' => 'required|string|max:400', 'customer_reference' => 'nullable|string|max:120',
            'quantity' => 'nullable|integer|min:1|max:10000', 'serials' => 'nullable|string|max:4000', 'valid_from' => 'required|date_format:Y-m-d', 'valid_until' => 'nullable|date_format:Y-m-d',
        ], ['departure.required' => 'Say what may be done otherwise.', 'reason.required' => 'Say why.', 'valid_from.required' => 'Say from which day.', 'procedure.required' => 'Choose the procedure.']);

        return new JsonResponse(['id' => $grant->ask($g['procedure'], [
            'stage' => $g['stage'] ?? null, 'departure' => $g['departure'], 'reason' => $g['reason'], 'customer_reference' => $g['customer_reference'] ?? '',
            'quantity' => isset($g['quantity']) ? (int) $g['quantity'] : null, 'serials' => $g['serials'] ?? '', 'valid_from' => $g['valid_from'], 'valid_until' => $g['valid_until'] ?? null,
        ], $request->user(), DeskCommand::from($request))], 201);
    }

    public function approve(string $permit, Request $request, GrantPermit $grant, ReenterPassword $password): JsonResponse
    {
        self::find($permit);
        $given = $request->validate(['password' => 'required|string|max:200'], ['password.required' => 'A signature takes your password once more.']);
        $grant->approve($permit, $request->user(), $password($request->user(), $given['password']));

        return new JsonResponse(null, 204);
    }

    public function refuse(string $permit, Request $request, GrantPermit $grant): JsonResponse
    {
        return $this->close($permit, $request, $grant, 'refused');
    }

    public function withdraw(string $permit, Request $request, GrantPermit $grant): JsonResponse
    {
        return $this->close($permit, $request, $grant, 'withdrawn');
    }

    private function close(string $permit, Request $request, GrantPermit $grant, string $state): JsonResponse
    {
        self::find($permit);
        $given = $request->validate(['reason' => 'required|string|max:400'], ['reason.required' => 'Say why.']);
        $grant->close($permit, $request->user(), $state, $given['reason']);

        return new JsonResponse(null, 204);
    }

    private static function find(string $permit): Permit
    {
        return Permit::query()->find($permit) ?? throw Refused::notFound('There is no such permit.');
    }
}

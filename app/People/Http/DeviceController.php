<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\EnrolDevice;
use App\People\Actions\RevokeDevice;
use App\People\Http\Requests\EnrolDeviceRequest;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Cookie;

final class DeviceController
{
    private const COOKIE_DAYS = 365;

    /** Makes the browser that asks a bench. */
    public function store(EnrolDeviceRequest $request, EnrolDevice $enrol): JsonResponse
    {
        if (BenchSession::device($request) !== null) {
            throw Refused::field('name', 'This browser is already enrolled as a bench.');
        }
        ['device' => $id, 'token' => $token] = $enrol($request->text('name'), $request->person());

        return (new JsonResponse(['id' => $id], 201))->withCookie(
            Cookie::create(BenchSession::cookieName(), $token, now()->addDays(self::COOKIE_DAYS), '/', httpOnly: true, sameSite: 'strict'),
        );
    }

    public function revoke(string $device, PersonRequest $request, RevokeDevice $revoke): JsonResponse
    {
        $revoke($device, $request->person());

        return new JsonResponse(null, 204);
    }
}

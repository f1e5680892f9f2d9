<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\EnrolDevice;
use App\People\Actions\RevokeDevice;
use App\People\Actions\UnlockPin;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Shared\Refused;
use App\Shared\Rules\OneLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Cookie;

/** People and benches, as the lead keeps them. */
final class PeopleController
{
    private const COOKIE_DAYS = 365;

    public function index(Request $request): JsonResponse
    {
        $here = BenchSession::device($request)?->id;
        $locked = DB::table('pin_counters')->where('next_try_at', '>', now()->format('Y-m-d H:i:s.u'))->pluck('person')->all();

        return new JsonResponse([
            'people' => Person::query()->get()->sortBy('name')->values()->map(fn (Person $p): array => [
                'id' => $p->id,
                'name' => $p->displayName(),
                'badge' => $p->badge,
                'roles' => array_map(fn ($r): string => $r->words(), $p->roles()),
                'pin_locked' => in_array($p->id, $locked, true),
            ]),
            'devices' => Device::query()->get()->sortBy('enrolled_at')->values()->map(fn (Device $d): array => [
                'id' => $d->id,
                'name' => $d->name,
                'enrolled_at' => $d->enrolled_at->toIso8601ZuluString(),
                'revoked_at' => $d->revoked_at?->toIso8601ZuluString(),
                'this_one' => $d->id === $here,
            ]),
        ]);
    }

    public function enrol(Request $request, EnrolDevice $enrol): JsonResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:60', new OneLine]], ['name.required' => 'Give the bench a name, such as Bench 2.', 'name.max' => 'A bench name has at most 60 characters.']);
        if (BenchSession::device($request) !== null) {
            throw Refused::field('name', 'This browser is already enrolled as a bench.');
        }
        ['device' => $id, 'token' => $token] = $enrol($given['name'], $request->user());

        return (new JsonResponse(['id' => $id], 201))->withCookie(
            Cookie::create(BenchSession::cookieName(), $token, now()->addDays(self::COOKIE_DAYS), '/', httpOnly: true, sameSite: 'strict'),
        );
    }

    public function revoke(string $device, Request $request, RevokeDevice $revoke): JsonResponse
    {
        $revoke($device, $request->user());

        return new JsonResponse(null, 204);
    }

    public function unlock(string $person, Request $request, UnlockPin $unlock): JsonResponse
    {
        $unlock(Person::query()->find($person) ?? throw Refused::notFound('There is no such person.'), $request->user());

        return new JsonResponse(null, 204);
    }
}

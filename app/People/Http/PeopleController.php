<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Http\Resources\DeviceResource;
use App\People\Http\Resources\PersonResource;
use App\People\Models\Deputy;
use App\People\Models\Device;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

final class PeopleController
{
    /** The shop's people and benches. */
    public function index(Request $request): JsonResponse
    {
        $here = BenchSession::device($request)?->id;
        $locked = array_values(DB::table('pin_counters')->where('next_try_at', '>', now()->format('Y-m-d H:i:s.u'))->pluck('person')->map(strval(...))->all());

        return new JsonResponse([
            'people' => Person::query()->with('personRoles')->get()->sortBy('name')->values()->map(fn (Person $p): PersonResource => new PersonResource($p, $locked)),
            'deputies' => Deputy::query()->where('ended_at', null)->where('last_day', '>=', now()->subDay()->format('Y-m-d'))->orderBy('first_day')->get()->map(fn (Deputy $d): array => ['id' => $d->id, 'person' => $d->person, 'classes' => str_split($d->classes), 'from_time' => $d->from_time, 'until_time' => $d->until_time, 'first_day' => $d->first_day->format('Y-m-d'), 'last_day' => $d->last_day->format('Y-m-d')]),
            'devices' => Device::query()->get()->sortBy('enrolled_at')->values()->map(fn (Device $d): DeviceResource => new DeviceResource($d, $here)),
        ]);
    }
}

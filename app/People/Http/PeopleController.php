<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Http\Resources\DeviceResource;
use App\People\Http\Resources\PersonResource;
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
            'devices' => Device::query()->get()->sortBy('enrolled_at')->values()->map(fn (Device $d): DeviceResource => new DeviceResource($d, $here)),
        ]);
    }
}

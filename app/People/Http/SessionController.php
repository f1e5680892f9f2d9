<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Actions\EndSitting;
use App\People\Actions\SignInAtBench;
use App\People\Actions\SignInAtDesk;
use App\People\Http\Requests\SignInAtBenchRequest;
use App\People\Http\Requests\SignInAtDeskRequest;
use App\People\Http\Requests\SignOutRequest;
use App\People\Models\Person;
use App\Shared\Ids;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Signing in and out, at desk and bench, and who one is. */
final class SessionController
{
    public function __construct(private readonly DeviceSequence $sequence)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $person = Auth::user();
        $device = BenchSession::device($request);

        return new JsonResponse([
            'shop' => ['name' => config('shop.name'), 'time_zone' => config('shop.time_zone'), 'demo' => config('shop.demo'), 'now' => now()->toIso8601ZuluString('microsecond')],
            'device' => $device === null ? null : ['id' => $device->id, 'name' => $device->name, 'next_device_seq' => $this->sequence->expected($device->id)],
            'person' => $person instanceof Person ? [
                'id' => $person->id,
                'name' => $person->displayName(),
                'roles' => array_map(fn ($r): string => $r->words(), $person->roles()),
                'abilities' => array_values(array_map(fn (Ability $a): string => $a->value, array_filter(Ability::cases(), $person->may(...)))),
                'kind' => $request->session()->get('kind'),
                'sitting' => BenchSession::sitting($request),
                'locked' => $request->attributes->getBoolean(BenchSession::LOCKED),
            ] : null,
        ]);
    }

    public function desk(SignInAtDeskRequest $request, SignInAtDesk $signIn): JsonResponse
    {
        $this->open($request, $signIn($request->text('name'), $request->text('password'), (string) $request->ip()), 'desk', null);

        return $this->show($request);
    }

    public function bench(SignInAtBenchRequest $request, SignInAtBench $signIn): JsonResponse
    {
        ['person' => $person, 'sitting' => $sitting, 'resumed' => $resumed] = $signIn($request->text('badge'), $request->text('pin'), $request->attributes->get('device'), $request->lastDeviceSeq(), BenchSession::sitting($request));
        if ($resumed) {
            $request->session()->put('last_use', now()->getTimestamp());
            $request->attributes->set(BenchSession::LOCKED, false);
        } else {
            $this->open($request, $person, 'bench', $sitting);
        }

        return $this->show($request);
    }

    public function end(SignOutRequest $request, EndSitting $endSitting, Recorder $recorder): JsonResponse
    {
        $sitting = BenchSession::sitting($request);
        $person = Auth::id();
        if ($sitting !== null) {
            $endSitting($sitting, $request->lastDeviceSeq());
        } elseif (is_string($person)) {
            $recorder->transaction(fn () => $recorder->append(new Draft(Ids::next(), 'signed_out', 'person/'.$person, $person)));
        }
        Auth::logoutCurrentDevice();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return $this->show($request);
    }

    private function open(Request $request, Person $person, string $kind, ?string $sitting): void
    {
        $session = $request->session();
        $session->invalidate();
        $session->regenerateToken();
        Auth::login($person);
        $now = now()->getTimestamp();
        $session->put(['kind' => $kind, 'sitting' => $sitting, 'signed_in_at' => $now, 'last_use' => $now]);
    }
}

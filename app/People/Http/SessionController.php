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

    public function desk(Request $request, SignInAtDesk $signIn): JsonResponse
    {
        $given = $request->validate(['name' => 'required|string|max:60', 'password' => 'required|string|max:200'], [
            'name.required' => 'Write your sign-in name.', 'password.required' => 'Write your password.',
        ]);
        $this->open($request, $signIn($given['name'], $given['password'], (string) $request->ip()), 'desk', null);

        return $this->show($request);
    }

    public function bench(Request $request, SignInAtBench $signIn): JsonResponse
    {
        $given = $request->validate(['badge' => 'required|string|max:20', 'pin' => 'required|string|max:20', 'last_device_seq' => 'nullable|integer|min:0'], [
            'badge.required' => 'Scan or type your badge.', 'pin.required' => 'Type your PIN.',
        ]);
        $last = isset($given['last_device_seq']) ? (int) $given['last_device_seq'] : null;
        ['person' => $person, 'sitting' => $sitting, 'resumed' => $resumed] = $signIn($given['badge'], $given['pin'], $request->attributes->get('device'), $last, BenchSession::sitting($request));
        if ($resumed) {
            $request->session()->put('last_use', now()->getTimestamp());
            $request->attributes->set(BenchSession::LOCKED, false);
        } else {
            $this->open($request, $person, 'bench', $sitting);
        }

        return $this->show($request);
    }

    public function end(Request $request, EndSitting $endSitting, Recorder $recorder): JsonResponse
    {
        $given = $request->validate(['last_device_seq' => 'nullable|integer|min:0']);
        $sitting = BenchSession::sitting($request);
        $person = Auth::id();
        if ($sitting !== null) {
            $endSitting($sitting, isset($given['last_device_seq']) ? (int) $given['last_device_seq'] : null);
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

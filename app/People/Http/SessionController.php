<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Actions\EndSitting;
use App\People\Actions\OpenShop;
use App\People\Actions\ReenterPassword;
use App\People\Actions\SetOwnSecret;
use App\People\Actions\SignInAtBench;
use App\People\Actions\SignInAtDesk;
use App\People\Http\Requests\OwnPinRequest;
use App\People\Http\Requests\SignInAtBenchRequest;
use App\People\Http\Requests\SignInAtDeskRequest;
use App\People\Http\Requests\SignOutRequest;
use App\People\Models\Person;
use App\People\Shop;
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
            'shop' => $this->shop($person instanceof Person),
            'device' => $device === null ? null : ['id' => $device->id, 'name' => $device->name, 'next_device_seq' => $this->sequence->expected($device->id)],
            'person' => $person instanceof Person ? [
                'id' => $person->id,
                'name' => $person->displayName(),
                'badge' => $person->badge,
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
        ['person' => $person, 'sitting' => $sitting, 'resumed' => $resumed] = $signIn($request->text('badge'), $request->text('pin'), $request->attributes->get('device'), $request->lastDeviceSeq(), BenchSession::sitting($request), $request->optionalText('new_pin'));
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

    /** Whoever has just set a secret of their own is signed in with it. */
    public function signedIn(Request $request, Person $person): JsonResponse
    {
        $this->open($request, $person, 'desk', null);

        return $this->show($request);
    }

    /** A PIN of one's own, at a desk: those who lead never begin a sitting at a bench, and decide there. */
    public function pin(OwnPinRequest $request, SetOwnSecret $set, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));
        $set->pin($request->person(), $request->text('new_pin'));

        return new JsonResponse(null, 204);
    }

    /** @return array<string, mixed> */
    private function shop(bool $somebody): array
    {
        $shop = Shop::here();

        return [
            'name' => $shop->name, 'time_zone' => $shop->timeZone, 'torque_unit' => $shop->torqueUnit, 'length_unit' => $shop->lengthUnit, 'demo' => config('shop.demo'),
            'opened' => $somebody || ! OpenShop::isWanted(), 'now' => now()->toIso8601ZuluString('microsecond'),
        ];
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

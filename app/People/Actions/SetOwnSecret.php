<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Credential;
use App\People\Models\Person;
use App\People\Secret;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** A secret that only its owner knows, in the place of one that was handed out. */
final readonly class SetOwnSecret
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @throws Refused when the PIN could be guessed, or is the one that was handed out */
    public function pin(Person $person, string $pin): void
    {
        $why = Secret::whyNoPin($pin, (string) $person->badge);
        if ($why !== null) {
            throw Refused::field('new_pin', $why);
        }
        if (Secret::Pin->fits($pin, $person->credential?->pin_hash)) {
            throw Refused::field('new_pin', 'That is the PIN that was handed to you. Choose another, which nobody else has seen.');
        }
        $this->set($person, ['pin_hash' => Hash::make($pin), 'pin_given' => false], 'pin');
    }

    /** @throws Refused when it could be guessed */
    public function password(Person $person, string $password): void
    {
        $why = Secret::whyNoPassword($password, (string) $person->sign_in_name);
        if ($why !== null) {
            throw Refused::field('password', $why);
        }
        $this->set($person, ['password_hash' => Hash::make($password)], 'password');
    }

    /** Whose link it is, while it is good. */
    public static function ofLink(string $token): Person
    {
        CountTries::book('welcome|'.request()->ip(), ' with a link');
        $link = DB::table('secret_links')->where('token_hash', GiveSecret::hash($token))->first();
        $person = $link === null ? null : Person::query()->where('left_at', null)->find((string) $link->person);
        if ($link === null || $person === null) {
            throw Refused::notFound('This link is not good, or another has been made since. Ask a lead for a new one.');
        }
        if ($link->used_at !== null || $link->until < now()->format('Y-m-d H:i:s.u')) {
            throw new Refused(ProblemType::NotFound, $link->used_at !== null ? 'This link was used already. Sign in with the password that was set, or ask a lead for a new link.' : 'This link was good for three days, and they are over. Ask a lead for a new one.', 404);
        }
        CountTries::forget('welcome|'.request()->ip());

        return $person;
    }

    /** By a link, which is used up by it: of two at once one is the first. */
    public function byLink(string $token, string $password): Person
    {
        $person = self::ofLink($token);
        DB::transaction(function () use ($person, $token, $password): void {
            $used = DB::table('secret_links')->where('token_hash', GiveSecret::hash($token))->where('used_at', null)->update(['used_at' => now()->format('Y-m-d H:i:s.u')]);
            if ($used === 0) {
                throw Refused::notFound('This link was used already. Sign in with the password that was set, or ask a lead for a new link.');
            }
            $this->password($person, $password);
        });

        return $person;
    }

    /** @param  array<string, mixed>  $credential */
    private function set(Person $person, array $credential, string $which): void
    {
        $this->recorder->transaction(function () use ($person, $credential, $which): void {
            $this->recorder->append(new Draft(Ids::next(), 'own_secret_set', 'person/'.$person->id, $person->id, data: ['which' => $which]));
            Credential::query()->updateOrCreate(['person' => $person->id], $credential);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** Name and password. The same sentence for an unknown name and a wrong password, so that neither can be probed. */
final readonly class SignInAtDesk
{
    private const TRIES_A_MINUTE = 10;

    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $name, string $password, string $address): Person
    {
        $key = 'desk:'.mb_strtolower($name).'|'.$address;
        if (RateLimiter::tooManyAttempts($key, self::TRIES_A_MINUTE)) {
            throw new Refused(ProblemType::TooOften, sprintf('Too many tries with this name. Wait %d s and try again.', RateLimiter::availableIn($key)), 429);
        }
        $person = Person::query()->where('sign_in_name', mb_strtolower($name))->first();
        $hash = $person?->credential?->password_hash;
        if ($person === null || $hash === null || ! Hash::check($password, $hash)) {
            RateLimiter::hit($key, 60);

            throw new Refused(ProblemType::WrongSignIn, 'Name and password do not belong together. Check both and try again.', 422, ['field' => 'password']);
        }
        RateLimiter::clear($key);
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'signed_in', 'person/'.$person->id, $person->id)));

        return $person;
    }
}

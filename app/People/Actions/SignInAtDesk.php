<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\People\Secret;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/**
 * Name and password. The same sentence, after the same time, for an unknown name and a wrong password, so that neither
 * can be probed; and a name that is tried too often stops nobody but that name from that address.
 */
final readonly class SignInAtDesk
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $name, string $password, string $address): Person
    {
        // One name, one form: A to Z may be written large, and nothing else is taken for something else.
        $name = strtolower($name);
        CountTries::book("desk|$name|$address", ' with this name');
        $person = Person::query()->where('sign_in_name', $name)->first();
        $known = $person?->sign_in_name === $name ? $person : null;
        if (! Secret::Password->fits($password, $known?->credential?->password_hash) || $known === null) {
            throw new Refused(ProblemType::WrongSignIn, 'Name and password do not belong together. Check both and try again.', 422, ['field' => 'password']);
        }
        CountTries::forget("desk|$name|$address");
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'signed_in', 'person/'.$known->id, $known->id)));

        return $known;
    }
}

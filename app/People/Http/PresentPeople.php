<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Models\Person;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\Request;

/** Who is signed in, as the framework's guard asks for it: from what is known of the request. */
final class PresentPeople extends EloquentUserProvider
{
    /** @param  callable(): Request  $request  the one being answered */
    public function __construct(Hasher $hasher, private $request)
    {
        parent::__construct($hasher, Person::class);
    }

    public function retrieveById($identifier): ?Person
    {
        $person = Presence::of(($this->request)())->person;

        return $person?->id === $identifier ? $person : null;
    }
}

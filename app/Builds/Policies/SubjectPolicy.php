<?php

declare(strict_types=1);

namespace App\Builds\Policies;

use App\People\Models\Person;
use App\Record\Models\Subject;
use Illuminate\Auth\Access\Response;

/** Whose engines somebody may see: all of them, or for a customer's reader that customer's only. */
final class SubjectPolicy
{
    /** One that is not theirs is to them as if it were not there. */
    public function view(Person $person, Subject $subject): Response
    {
        return in_array($person->customer, [null, $subject->customer], true) ? Response::allow() : Response::denyAsNotFound(Subject::missing());
    }
}

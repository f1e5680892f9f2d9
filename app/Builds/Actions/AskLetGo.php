<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Queries\JointsOf;
use App\Builds\Queries\Unrecorded;
use App\Builds\UnrecordedJoint;
use App\Ledger\Recorder;
use App\Library\Actions\GrantPermit;
use App\People\Models\Person;
use App\Shared\Refused;

/** Asks for a deviation permit: that an engine may leave the shop with a joint that is not recorded. Somebody else signs it. */
final readonly class AskLetGo
{
    public function __construct(private Recorder $recorder, private GrantPermit $grant, private Unrecorded $unrecorded)
    {
    }

    public function __invoke(string $subjectId, string $jointId, string $reason, string $customerReference, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $jointId, $reason, $customerReference, $by): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId);
            $joint = JointsOf::one($subject, $jointId);
            $missing = array_map(fn (UnrecordedJoint $u): string => $u->joint, $this->unrecorded->of($subject));
            if (! in_array($joint->id, $missing, true)) {
                throw Refused::field('joint', sprintf('%s of %s needs no permit: nothing of it is missing.', $joint->name, $subject->title()), $jointId);
            }
            $this->grant->askUnrecorded($subject, $joint, $reason, $customerReference, $by);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Builds\Models\ToldJoint;
use App\Builds\Queries\JointsOf;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** A joint without a procedure was tightened all the same: who, when and to what is told. It counts as not recorded, and says so for ever. */
final readonly class TellJoint
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  string  $told  to what, in the words of whoever tells it
     * @param  string  $workedOn  YYYY-MM-DD
     */
    public function __invoke(string $subjectId, string $jointId, string $told, string $workedBy, string $workedOn, Person $by): void
    {
        $today = Shop::here()->clock(now()->toImmutable())->format('Y-m-d');
        if ($workedOn > $today) {
            throw Refused::field('worked_on', sprintf('%s has not come yet; today is %s.', $workedOn, $today), $workedOn);
        }
        $this->recorder->transaction(function () use ($subjectId, $jointId, $told, $workedBy, $workedOn, $by): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId, waitingToo: true);
            $joint = JointsOf::one($subject, $jointId);
            if (Procedures::allInForce($joint->id, now()->toImmutable())->isNotEmpty()) {
                throw new Refused(ProblemType::NotAllowed, sprintf('%s has an approved procedure: it is given out by that, or entered from its paper.', $joint->name), 409, ['field' => 'joint', 'value' => $joint->name]);
            }
            if (Assignment::isHeld($subject->id, $joint->id) || self::told($subject, $joint) !== null) {
                throw new Refused(ProblemType::RunBegun, sprintf('%s of %s stands here with what was done already.', $joint->name, $subject->title()), 409, ['field' => 'joint', 'value' => $joint->name]);
            }
            $this->append('joint_told', $subject, $joint, ['told' => $told, 'worked_by' => $workedBy, 'worked_on' => $workedOn], $by);
        });
    }

    /** It was told by mistake, or is to be tightened anew. */
    public function takeBack(string $subjectId, string $jointId, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $jointId, $by): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId, waitingToo: true);
            $joint = JointsOf::one($subject, $jointId);
            self::told($subject, $joint) ?? throw Refused::notFound(sprintf('Nothing was told of %s of %s.', $joint->name, $subject->title()));
            $this->append('joint_told_taken_back', $subject, $joint, [], $by);
        });
    }

    private static function told(Subject $subject, Joint $joint): ?ToldJoint
    {
        return ToldJoint::query()->where('subject', $subject->id)->where('joint', $joint->id)->first();
    }

    /** @param  array<string, string>  $data */
    private function append(string $type, Subject $subject, Joint $joint, array $data, Person $by): void
    {
        $this->recorder->append(new Draft(Ids::next(), $type, 'subject/'.$subject->id, $by->id, $data, new Concerns($subject->id, joint: $joint->id)));
    }
}

<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Builds\Models\PaperJoint;
use App\Builds\Queries\JointsOf;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Database\Eloquent\Builder;

/** A joint of a half-built engine that was tightened before the shop had this record, with the scan of its paper. It is told, and never counted as recorded. */
final readonly class EnterPaperJoint
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  string  $workedBy  the name on the paper; whoever it was need not be on record here
     * @param  string  $workedOn  YYYY-MM-DD
     */
    public function __invoke(string $subjectId, string $jointId, string $workedBy, string $workedOn, PaperFile $scan, Person $by): void
    {
        $today = Shop::here()->clock(now()->toImmutable())->format('Y-m-d');
        if ($workedOn > $today) {
            throw Refused::field('worked_on', sprintf('%s has not come yet; today is %s.', $workedOn, $today), $workedOn);
        }
        Papers::keepScan($scan->bytes);
        $this->recorder->transaction(function () use ($subjectId, $jointId, $workedBy, $workedOn, $scan, $by): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId, waitingToo: true);
            $joint = JointsOf::one($subject, $jointId);
            if (Assignment::isHeld($subject->id, $joint->id)) {
                throw new Refused(ProblemType::RunBegun, sprintf('%s of %s was given out here. What is worked by a card is typed in from that card.', $joint->name, $subject->title()), 409);
            }
            if (self::entered($subject->id, $joint->id)->exists()) {
                throw Refused::field('joint', sprintf('%s of %s stands here as done on paper already.', $joint->name, $subject->title()), $jointId);
            }
            $this->recorder->append(self::draft('joint_done_on_paper', $subject, $joint, $by, $scan->toData() + ['worked_by' => $workedBy, 'worked_on' => $workedOn]));
        });
    }

    /** Entered by mistake, or it was opened again: the joint is to be tightened here. */
    public function takeBack(string $subjectId, string $jointId, Person $by): void
    {
        $this->recorder->transaction(function () use ($subjectId, $jointId, $by): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId, waitingToo: true);
            $joint = JointsOf::one($subject, $jointId);
            if (! self::entered($subject->id, $joint->id)->exists()) {
                throw Refused::notFound(sprintf('%s of %s does not stand here as done on paper.', $joint->name, $subject->title()));
            }
            $this->recorder->append(self::draft('paper_joint_taken_back', $subject, $joint, $by, []));
        });
    }

    /** @return Builder<PaperJoint> */
    public static function entered(string $subject, string $joint): Builder
    {
        return PaperJoint::query()->where('subject', $subject)->where('joint', $joint);
    }

    /** @param  array<string, mixed>  $data */
    private static function draft(string $type, Subject $subject, Joint $joint, Person $by, array $data): Draft
    {
        return new Draft(Ids::next(), $type, 'subject/'.$subject->id, $by->id, $data, new Concerns($subject->id, joint: $joint->id));
    }
}

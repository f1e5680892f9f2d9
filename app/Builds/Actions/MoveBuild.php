<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Builds\Models\Assignment;
use App\Builds\Models\PaperJoint;
use App\Builds\Queries\Unrecorded;
use App\Builds\UnrecordedJoint;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\Lineage;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Come in → on a stand → finished → shipped; and back, as long as nothing has left the house. */
final readonly class MoveBuild
{
    public function __construct(private Recorder $recorder, private Unrecorded $unrecorded)
    {
    }

    public function start(string $subjectId, Person $lead): void
    {
        $this->move($subjectId, BuildState::Received, 'build_started', $lead, 'only one that has come in and waits is put on a stand');
    }

    public function finish(string $subjectId, Person $lead): void
    {
        $this->recorder->transaction(function () use ($subjectId, $lead): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId);
            $missing = $this->unrecorded->of($subject);
            if ($missing !== []) {
                throw new Refused(ProblemType::JointsOpen, sprintf('%s is not done. %s', $subject->title(), implode(' ', array_map(fn (UnrecordedJoint $u): string => ucfirst("$u->name: $u->why."), $missing))), 409);
            }
            $this->append('build_finished', $subject, $lead);
        });
    }

    /** Finishing undone. */
    public function reopen(string $subjectId, string $reason, Person $lead): void
    {
        $this->recorder->transaction(function () use ($subjectId, $reason, $lead): void {
            $this->recorder->lock(OpenBuild::REGISTER);
            $subject = Subject::query()->find($subjectId) ?? throw Refused::notFound(Subject::missing());
            GiveProcedure::notGone($subject);
            $later = Lineage::builds([$subject->serial])->first(fn (Subject $s): bool => $s->build_number > $subject->build_number);
            if ($later !== null) {
                throw new Refused(ProblemType::BuildClosed, sprintf('%s is here since as %s. What is done to it belongs there.', $subject->title(), $later->title()), 409);
            }
            $this->move($subjectId, BuildState::Finished, 'build_reopened', $lead, 'only one that is finished and still here is taken up again', ['reason' => $reason]);
        });
    }

    public function ship(string $subjectId, Person $lead): void
    {
        $this->recorder->transaction(function () use ($subjectId, $lead): void {
            $in = Fitted::around([$subjectId])[$subjectId] ?? null;
            if ($in !== null) {
                throw new Refused(ProblemType::NotFinished, sprintf('It is in %s, and leaves the house with that.', $in->title()), 409);
            }
            $this->move($subjectId, BuildState::Finished, 'build_shipped', $lead, 'only what is finished is shipped');
        });
    }

    /** Its opening undone: it was a mistake, and nothing was given out for it. */
    public function callOff(string $subjectId, string $reason, Person $lead): void
    {
        $this->recorder->transaction(function () use ($subjectId, $reason, $lead): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId, waitingToo: true);
            if (Assignment::query()->where('subject', $subject->id)->exists() || PaperJoint::query()->where('subject', $subject->id)->exists() || Fitted::hasHistory($subject)) {
                throw new Refused(ProblemType::RunBegun, sprintf('Work on %s was given out, entered from paper, or fitted. What has been recorded of an engine stays.', $subject->title()), 409);
            }
            $this->append('build_called_off', $subject, $lead, ['reason' => $reason]);
        });
    }

    /** @param  array<string, string>  $data */
    private function move(string $subjectId, BuildState $from, string $type, Person $lead, string $rule, array $data = []): void
    {
        $this->recorder->transaction(function () use ($subjectId, $from, $type, $lead, $rule, $data): void {
            $this->recorder->lock('subject/'.$subjectId);
            $subject = Subject::query()->find($subjectId) ?? throw Refused::notFound(Subject::missing());
            if ($subject->state !== $from) {
                throw new Refused(ProblemType::NotFinished, sprintf('%s is %s; %s.', $subject->title(), $subject->state->words(), $rule), 409);
            }
            $this->append($type, $subject, $lead, $data);
        });
    }

    /** @param  array<string, string>  $data */
    private function append(string $type, Subject $subject, Person $lead, array $data = []): void
    {
        $this->recorder->append(new Draft(Ids::next(), $type, 'subject/'.$subject->id, $lead->id, $data, new Concerns($subject->id)));
    }
}

<?php

declare(strict_types=1);

namespace App\Builds\Actions;

use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Open → finished → shipped. */
final readonly class CloseBuild
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function finish(string $subjectId, Person $lead): void
    {
        $this->recorder->transaction(function () use ($subjectId, $lead): void {
            $subject = GiveProcedure::openBuild($this->recorder, $subjectId);
            $finished = Run::query()->where('subject', $subject->id)->get()->filter(fn (Run $r): bool => $r->finished_at !== null)->pluck('joint');
            $missing = Joint::query()->where('family', $subject->family)->get()
                ->reject(fn (Joint $j): bool => $finished->contains($j->id) || ! $this->isDoneHere($j));
            if ($missing->isNotEmpty()) {
                throw new Refused(ProblemType::JointsOpen, sprintf('%s is not done: %s.', $subject->title(), $missing->sortBy('assembly_order')->pluck('name')->implode(', ')), 409);
            }
            $this->append('build_finished', $subject, $lead);
        });
    }

    public function ship(string $subjectId, Person $lead): void
    {
        $this->recorder->transaction(function () use ($subjectId, $lead): void {
            $this->recorder->lock('subject/'.$subjectId);
            $subject = Subject::query()->find($subjectId) ?? throw Refused::notFound('There is no such build.');
            if ($subject->state !== BuildState::Finished) {
                throw new Refused(ProblemType::NotFinished, sprintf('%s is %s; only a finished build is shipped.', $subject->title(), $subject->state->value), 409);
            }
            $this->append('build_shipped', $subject, $lead);
        });
    }

    /** A joint without a procedure in force is tightened, and answered for, outside Tekkal. */
    private function isDoneHere(Joint $joint): bool
    {
        return Procedures::allInForce($joint->id, now()->toImmutable())->isNotEmpty();
    }

    private function append(string $type, Subject $subject, Person $lead): void
    {
        $this->recorder->append(new Draft(Ids::next(), $type, 'subject/'.$subject->id, $lead->id, concerns: new Concerns($subject->id)));
    }
}

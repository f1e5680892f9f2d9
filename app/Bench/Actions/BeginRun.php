<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\Models\Card;
use App\Bench\Queries\BroughtAlong;
use App\Bench\Queries\StampsOfTeardown;
use App\Bench\RunContext;
use App\Builds\Models\Assignment;
use App\Builds\Queries\Learnt;
use App\Library\Models\StoredRevision;
use App\Library\Queries\Procedures;
use App\Library\Queries\RiskRulesInForce;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\StopsInForce;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Document\Purpose;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Surroundings;

/** Begins the run of a job on one's own hook. The run's id is the command's, so that a second try finds the first. */
final readonly class BeginRun
{
    public function __construct(private BenchRecorder $recorder, private JobOfCard $byCard)
    {
    }

    /** @param  string|null  $card  the number of the job card that it is typed in from; whoever types it need not be whose job it was */
    public function __invoke(BenchCommand $command, string $assignmentId, ?string $card = null): string
    {
        $this->recorder->record($command, 'run_begun', $command->id, fn (): array => $this->decide($command, $assignmentId, $card === null ? null : $this->byCard->of($card, $assignmentId, $command->person)));

        return $command->id;
    }

    /** @return array{RunContext, array<string, mixed>, array<string, mixed>, Surroundings} */
    private function decide(BenchCommand $command, string $assignmentId, ?Card $card): array
    {
        $assignment = Assignment::query()->lockForUpdate()->find($assignmentId) ?? throw Refused::notFound('There is no such job.');
        $subject = Subject::query()->findOrFail($assignment->subject);
        match (true) {
            $card === null && $assignment->person !== $command->person => throw Refused::forbidden('This job was given to somebody else.'),
            $assignment->taken_back_at !== null => throw new Refused(ProblemType::TakenBack, 'The lead has taken this job back.', 409),
            $subject->state !== BuildState::Open => throw new Refused(ProblemType::BuildClosed, sprintf('%s is %s; nothing more can be done to it.', $subject->title(), $subject->state->value), 409),
            $assignment->begun_at !== null => throw new Refused(ProblemType::RunBegun, 'This job has already been begun. Open it and go on.', 409),
            default => null,
        };
        // What stands on a card has been done.
        $card === null ? StopsInForce::here()->refuse($assignment->revision) : null;

        // Whoever types in a card need not be who did it.
        $supervised = $card === null ? Learnt::underSupervisor(Person::query()->findOrFail($command->person), $subject->id, $assignment->plan_hash) : null;
        $document = StoredRevision::query()->findOrFail($assignment->revision)->document_hash;
        $plan = Procedures::plan($assignment->plan_hash);
        $revision = Procedures::revision($assignment->revision);
        $run = new Run(['id' => $command->id, 'subject' => $subject->id, 'plan_hash' => $assignment->plan_hash, 'joint' => $assignment->joint, 'option' => $assignment->option, 'risk_class' => $revision->riskClass]);

        return [
            new RunContext($run, $plan, new RunFold($plan), $document),
            ['assignment' => $assignment->id],
            ['revision' => $assignment->revision],
            new Surroundings(beginning: new Beginning(self::windowOf($revision, $plan), StampsOfTeardown::for($subject->id, $plan), $revision->riskClass, BroughtAlong::to($subject, $assignment, $plan), RiskRulesInForce::rules()->for($revision->riskClass)->secondLook && $revision->purpose === Purpose::Tightening, $supervised)),
        ];
    }

    /**
     * Whose window it is, by stage; step by step where the targets of a stage come from several.
     *
     * @return array<string, string> keys of sources in the document
     */
    private static function windowOf(Revision $revision, Plan $plan): array
    {
        $of = [];
        foreach ($revision->stages() as $stage) {
            $steps = array_filter($plan->steps, fn (Step $s): bool => $s->stage === $stage->key());
            $sources = array_filter(array_combine(array_column($steps, 'id'), array_map(fn (Step $s): ?string => $stage->targetAt($s->position)?->windowSource, $steps)));
            $of += count($sources) === count($steps) && count(array_unique($sources)) === 1 ? [$stage->key() => (string) reset($sources)] : $sources;
        }

        return $of;
    }
}

<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Builds\Models\Assignment;
use App\Ledger\Concerns;
use App\Library\Models\StoredRevision;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Begins the run of a job on one's own hook. The run's id is the command's, so that a second try finds the first. */
final readonly class BeginRun
{
    public function __construct(private BenchRecorder $recorder)
    {
    }

    public function __invoke(BenchCommand $command, string $assignmentId): string
    {
        $this->recorder->record($command, 'run_begun', RunHistory::stream($command->id), fn (): array => $this->decide($command, $assignmentId));

        return $command->id;
    }

    /** @return array{Concerns, array<string, mixed>} */
    private function decide(BenchCommand $command, string $assignmentId): array
    {
        $assignment = Assignment::query()->lockForUpdate()->find($assignmentId) ?? throw Refused::notFound('There is no such job.');
        $subject = Subject::query()->findOrFail($assignment->subject);
        match (true) {
            $assignment->person !== $command->person => throw Refused::forbidden('This job was given to somebody else.'),
            $assignment->taken_back_at !== null => throw new Refused(ProblemType::TakenBack, 'The lead has taken this job back.', 409),
            $subject->state !== BuildState::Open => throw new Refused(ProblemType::BuildClosed, sprintf('%s is %s; nothing more can be done to it.', $subject->title(), $subject->state->value), 409),
            Run::query()->where('assignment', $assignment->id)->exists() => throw new Refused(ProblemType::RunBegun, 'This job has already been begun. Open it and go on.', 409),
            default => null,
        };

        $document = StoredRevision::query()->findOrFail($assignment->revision)->document_hash;

        return [
            new Concerns($subject->id, revisionHash: $document, planHash: $assignment->plan_hash),
            ['assignment' => $assignment->id, 'joint' => $assignment->joint, 'revision' => $assignment->revision],
        ];
    }
}

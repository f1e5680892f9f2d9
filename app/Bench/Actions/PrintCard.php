<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Builds\Models\Assignment;
use App\Builds\Models\RunProgress;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Library\Models\StoredRevision;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\StopsInForce;
use App\Shared\Http\DeskCommand;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Hands a job out on paper: a card with a number of its own, by the revision that the job goes by now and from where it stands. */
final readonly class PrintCard
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @return string its number */
    public function __invoke(string $assignmentId, Person $by, ?DeskCommand $command = null): string
    {
        return $this->recorder->transaction(function () use ($assignmentId, $by, $command): string {
            $this->recorder->lock('register/cards');
            $stored = $command === null ? null : $this->recorder->stored($command->id, $command->hash);

            return $stored?->streamId() ?? $this->print(self::open($assignmentId), $by, $command);
        });
    }

    private function print(Assignment $job, Person $by, ?DeskCommand $command): string
    {
        $number = sprintf('C-%04d', Card::query()->count() + 1);
        $run = Run::query()->where('assignment', $job->id)->first();
        StopsInForce::here()->refuse($run->revision ?? $job->revision);
        $out = Card::query()->where('assignment', $job->id)->where('state', CardState::Out)->pluck('number')->all();
        $draft = new Draft(
            $command->id ?? Ids::next(), 'card_printed', Card::stream($number), $by->id,
            ['assignment' => $job->id, 'revision' => $run->revision ?? $job->revision, 'at_seq' => (int) RunProgress::query()->where('run', $run?->id)->value('seq'), 'supersedes' => $out],
            new Concerns($job->subject, StoredRevision::query()->findOrFail($run->revision ?? $job->revision)->document_hash, $run->plan_hash ?? $job->plan_hash, $job->joint, $job->option),
        );
        $this->recorder->append($draft->sent(new Sending(hash: $command?->hash)));

        return $number;
    }

    private static function open(string $id): Assignment
    {
        $job = Assignment::query()->find($id) ?? throw Refused::notFound('There is no such job.');
        $subject = Subject::query()->findOrFail($job->subject);
        match (true) {
            $job->taken_back_at !== null => throw new Refused(ProblemType::TakenBack, 'This job was taken back. Give it out again first.', 409),
            $subject->state !== BuildState::Open => throw new Refused(ProblemType::BuildClosed, sprintf('%s is %s; nothing more can be done to it.', $subject->title(), $subject->state->value), 409),
            Run::query()->where('assignment', $job->id)->whereNotNull('finished_at')->exists() => throw new Refused(ProblemType::RunClosed, 'This job is finished; there is nothing to be written down.', 409),
            default => null,
        };

        return $job;
    }
}

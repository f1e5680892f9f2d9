<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\Builds\Queries\Learnt;
use App\People\Models\Person;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\Surroundings;

/** Goes on with a run at this device, in this person's hands. What another device sends afterwards is set aside. */
final readonly class TakeOverRun
{
    public function __construct(private BenchRecorder $recorder)
    {
    }

    public function __invoke(BenchCommand $command, string $runId): void
    {
        $this->recorder->record($command, 'run_taken_over', $runId, function () use ($command, $runId): array {
            $context = RunContext::get($runId);
            if (! $context->run->isOpen()) {
                throw new Refused(ProblemType::RunClosed, 'The run is finished; there is nothing to take over.', 409);
            }

            $supervised = Learnt::underSupervisor(Person::query()->findOrFail($command->person), $context->run->subject, $context->run->plan_hash);

            return [$context, [], [], new Surroundings(beginning: new Beginning(supervised: $supervised))];
        });
    }
}

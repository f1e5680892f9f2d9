<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Run\Advice;

/** Closes a run that has every step done. */
final readonly class FinishRun
{
    public function __construct(private BenchRecorder $recorder)
    {
    }

    public function __invoke(BenchCommand $command, string $runId): void
    {
        $this->recorder->record($command, 'run_finished', $runId, function () use ($command, $runId): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            $why = (new Advice($context->fold))->whyNotFinish();
            if ($why !== null) {
                throw new Refused(ProblemType::NotDone, $why, 409);
            }

            return [$context, []];
        });
    }
}

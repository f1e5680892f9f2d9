<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\People\Actions\CheckPin;
use App\People\Models\Person;
use App\Record\Queries\StopsInForce;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Call\HandCalls;
use Tekkal\Core\Run\Advice;

/** Closes a run that has every step done and every head looked at: a signature, by the PIN of whoever holds it and in words that say what it means. */
final readonly class FinishRun
{
    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin)
    {
    }

    public function __invoke(BenchCommand $command, string $runId, string $pin): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though nothing is signed.
        ($this->checkPin)((string) Person::query()->findOrFail($command->person)->badge, $pin, $command->device);
        $this->recorder->record($command, 'run_finished', $runId, function () use ($command, $runId): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            StopsInForce::here()->refuse($context->run->revision);
            $why = (new Advice($context->fold))->whyNotFinish();
            if ($why !== null) {
                throw new Refused(ProblemType::NotDone, $why, 409);
            }

            return [$context, ['meaning' => HandCalls::meaning($context->fold)]];
        });
    }
}

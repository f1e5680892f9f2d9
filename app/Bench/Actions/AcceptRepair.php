<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\Models\Card;
use App\Bench\RunContext;
use App\People\Actions\CheckPin;
use App\People\Queries\Deciders;

/** A lead, or who stands in for them, has looked at a repaired thread and accepts it, with own badge and PIN at the bench. */
final readonly class AcceptRepair
{
    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin)
    {
    }

    public function __invoke(BenchCommand $command, string $runId, string $position, string $badge, string $pin): void
    {
        $lead = ($this->checkPin)($badge, $pin, $command->device);
        $this->recorder->record($command->by($lead->id), 'repair_accepted', $runId, function () use ($command, $runId, $position, $lead): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            Deciders::check($lead, $context->run->risk_class);
            Card::notByWorker($runId, $lead->id);

            return [$context, ['position' => $position]];
        });
    }
}

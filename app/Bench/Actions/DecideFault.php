<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\Models\Card;
use App\Bench\RunContext;
use App\Ledger\ErasableTexts;
use App\People\Actions\CheckPin;
use App\People\Queries\Deciders;

/** A lead, or who stands in for them, decides about a fault on the bench's own screen, with own badge and PIN for that one thing. */
final readonly class DecideFault
{
    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin, private ErasableTexts $texts)
    {
    }

    /** @param  array{step: string, case: string, disposition: string, text?: string|null}  $given */
    public function __invoke(BenchCommand $command, string $runId, array $given, string $badge, string $pin): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though nothing is decided.
        $lead = ($this->checkPin)($badge, $pin, $command->device);
        $this->recorder->record($command->by($lead->id), 'disposed', $runId, function () use ($command, $runId, $given, $lead): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            Deciders::check($lead, $context->run->risk_class);
            Card::notByWorker($runId, $lead->id);

            return [$context, array_diff_key($given, ['text' => 0]) + ['reason_hash' => $this->texts->keep($command->id, 'reason', $given['text'] ?? null)]];
        });
    }
}
